import { weatherCsv } from '../../features/garden/weather/weather-csv'
import { gardenFile } from '../file-response'
import { weatherRecord } from '../../data/records/weather-day'

export const dynamic = 'force-dynamic'

/** The weather record as a table. */
export const GET = () =>
  gardenFile(
    async ({ garden }) => weatherCsv(await weatherRecord.of(garden.id)),
    'text/csv',
    'prairie-weather.csv',
  )
