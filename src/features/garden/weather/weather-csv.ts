import { unparse } from 'papaparse'
import type { WeatherRow } from '../../../data/records/weather-day'

/** The weather record as a table that can be imported again. */
export const weatherCsv = (rows: readonly WeatherRow[]): string =>
  unparse(
    {
      fields: ['date', 'low °C', 'high °C', 'rain mm', 'dew point °C', 'wind m/s', 'sun MJ/m²', 'source'],
      data: rows.map(({ date, tmin, tmax, rain, dewPoint, wind, solar, source }) => [
        date,
        tmin,
        tmax,
        rain,
        dewPoint,
        wind,
        solar,
        source,
      ]),
    },
    { escapeFormulae: true },
  )
