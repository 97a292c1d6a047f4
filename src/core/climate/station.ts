import { dateFromEpochDay, epochDay, yearOf, type IsoDate } from '../calendar'
import { hashSeed, seededRandom } from '../random'
import { generateWeather } from './generator'
import type { Normals } from './normals'
import { emptySeries, expectedSeries, WEATHER_FIELDS, type DailySeries } from './series'

/** A weather station that needs no set-up: simulated, and the same for the same site and seed. */
export interface Station {
  normals: Normals
  latitude: number
  seed: number
}

/** What the station records from one date for so many days. */
export function stationRecord(station: Station, from: IsoDate, days: number): DailySeries {
  const start = epochDay(from)
  const series = emptySeries(start, days)
  const last = yearOf(dateFromEpochDay(start + days - 1))
  for (let year = yearOf(from); year <= last; year++) {
    const yearStart = epochDay(`${year}-01-01` as IsoDate)
    const ofYear = generateWeather({
      ...station,
      from: yearStart,
      days: 366,
      random: seededRandom(hashSeed(station.seed, year)),
    })
    const next = epochDay(`${year + 1}-01-01` as IsoDate)
    const first = Math.max(start, yearStart)
    const end = Math.min(start + days, next)
    for (const field of WEATHER_FIELDS)
      series[field].set(ofYear[field].subarray(first - yearStart, end - yearStart), first - start)
  }
  return series
}

export const FORECAST_DAYS = 10
/** Days ahead that a forecast from outside can say anything of. */
export const FORECAST_REACH = 16
/** † E-folding time of a forecast's skill, d. Against: forecasts that know nothing after two weeks. */
const SKILL_FADES = 7

/**
 * The forecast that the station would give on a day for the ten days from it: what will come, drawn toward
 * the normal and blurred the further ahead it looks.
 */
export function stationForecast(
  station: Station,
  issued: IsoDate,
  days: number = FORECAST_DAYS,
): DailySeries {
  const truth = stationRecord(station, issued, days)
  const normal = expectedSeries(station.normals, truth.from, days)
  const other = generateWeather({
    ...station,
    from: truth.from,
    days,
    random: seededRandom(hashSeed(station.seed, 'forecast', issued)),
  })
  const chance = seededRandom(hashSeed(station.seed, 'rain', issued))
  const forecast = emptySeries(truth.from, days)
  for (let lead = 0; lead < days; lead++) {
    const skill = Math.exp(-lead / SKILL_FADES)
    const blur = 0.5 * (1 - skill)
    for (const field of WEATHER_FIELDS) {
      const expected = normal[field][lead]!
      const value =
        expected + skill * (truth[field][lead]! - expected) + blur * (other[field][lead]! - expected)
      forecast[field][lead] =
        field === 'tmin' || field === 'tmax' || field === 'dewPoint' ? value : Math.max(0, value)
    }
    // A blend of rains would drizzle every day: the day is either foreseen or mistaken for another.
    forecast.rain[lead] = (chance.uniform() < skill ? truth : other).rain[lead]!
    forecast.tmax[lead] = Math.max(forecast.tmax[lead]!, forecast.tmin[lead]! + 1)
  }
  return forecast
}
