import { positionsCsv } from '../../features/ground/paper-queries'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** Where every plant stands, as a table. */
export const GET = () => gardenFile((state) => positionsCsv(state), 'text/csv', 'prairie-positions.csv')
