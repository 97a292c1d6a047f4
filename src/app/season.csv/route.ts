import { seasonCsv } from '../../features/season/season-csv'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** The season as a table. */
export const GET = () => gardenFile(seasonCsv, 'text/csv', 'prairie-season.csv')
