import { filterOf, queryOf } from '../../features/logbook/filter'
import { logCsv } from '../../features/logbook/log-csv'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** The logbook as a table: what a filter finds, or everything, what was taken back included. */
export function GET(request: Request) {
  const filter = filterOf(Object.fromEntries(new URL(request.url).searchParams))
  return gardenFile(
    (state) => logCsv(state, queryOf(filter) ? filter : null),
    'text/csv',
    'prairie-logbook.csv',
  )
}
