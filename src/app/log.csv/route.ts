import { filterOf, queryOf } from '../../features/logbook/filter'
import { logCsv } from '../../features/logbook/log-csv'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** The logbook as a table: what a filter finds, or everything, what was taken back included. */
export function GET(request: Request) {
  const asked = Object.fromEntries(new URL(request.url).searchParams)
  return gardenFile(
    (state) => {
      const filter = filterOf(asked, state)
      return logCsv(state, queryOf(filter) ? filter : null)
    },
    'text/csv',
    'prairie-logbook.csv',
  )
}
