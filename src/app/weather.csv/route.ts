import { weatherRows } from '../../data/weather'
import { weatherCsv } from '../../features/garden/weather/weather-csv'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** The weather record as a table. */
export const GET = () =>
  gardenFile(
    async ({ garden }) => weatherCsv(await weatherRows(garden.id)),
    'text/csv',
    'prairie-weather.csv',
  )
