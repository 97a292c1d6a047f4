import { buyingCsv } from '../../features/shed/buying-csv'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** What is short, as a table. */
export const GET = () => gardenFile((state) => buyingCsv(state), 'text/csv', 'prairie-buying.csv')
