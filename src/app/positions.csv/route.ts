import { dayOf } from '../../core/garden-day'
import { positionsCsv } from '../../features/ground/papers/paper-queries'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** Where every plant stands, as a table. */
export const GET = () =>
  gardenFile((state) => positionsCsv(dayOf(state, state.now)), 'text/csv', 'prairie-positions.csv')
