import { weatherCsv } from '../../features/garden/weather/weather-csv'
import { gardenFile } from '../file-response'
import { weatherRecord } from '../../data/records/weather-day'

export const dynamic = 'force-dynamic'

/** The weather record as a table, without what is only foretold. */
export const GET = () =>
  gardenFile(
    async ({ garden }) =>
      weatherCsv((await weatherRecord.of(garden.id)).filter(({ source }) => source !== 'forecast')),
    'text/csv',
    'prairie-weather.csv',
  )
