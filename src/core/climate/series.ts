import { WEATHER_BOUNDS } from '../bounds'
import { dateFromEpochDay, epochDay, type IsoDate } from '../calendar'
import { dailyNormals, type Normals } from './normals'

/** Weather of one day: °C, mm, °C, m/s at 2 m, MJ m⁻² d⁻¹. */
export interface DayWeather {
  date: IsoDate
  tmin: number
  tmax: number
  rain: number
  dewPoint: number
  wind: number
  solar: number
}

export type WeatherField = Exclude<keyof DayWeather, 'date'>
export const WEATHER_FIELDS: readonly WeatherField[] = ['tmin', 'tmax', 'rain', 'dewPoint', 'wind', 'solar']

/** Consecutive days, a column a field; `from` is the first one's epoch day. */
export type DailySeries = { from: number; days: number } & Record<WeatherField, Float64Array>

export function emptySeries(from: number, days: number): DailySeries {
  const column = () => new Float64Array(days)
  return {
    from,
    days,
    tmin: column(),
    tmax: column(),
    rain: column(),
    dewPoint: column(),
    wind: column(),
    solar: column(),
  }
}

export function weatherAt(series: DailySeries, index: number): DayWeather {
  const day = { date: dateFromEpochDay(series.from + index) } as DayWeather
  for (const field of WEATHER_FIELDS) day[field] = series[field][index]!
  return day
}

/** Index of a date in the series; outside 0 … days − 1 when the series does not hold it. */
export function indexOf(series: DailySeries, date: IsoDate): number {
  return epochDay(date) - series.from
}

/** Day of the year, 0–364, for each of `days` days from an epoch day; 29 February shares 1 March's. */
export function yearDays(from: number, days: number): Uint16Array {
  const result = new Uint16Array(days)
  const first = new Date(from * 86_400_000)
  let year = first.getUTCFullYear()
  let yearStart = Date.UTC(year, 0, 1) / 86_400_000
  let leap = isLeap(year)
  for (let index = 0; index < days; index++) {
    let day = from + index - yearStart
    if (day >= (leap ? 366 : 365)) {
      yearStart += leap ? 366 : 365
      year++
      leap = isLeap(year)
      day = 0
    }
    result[index] = leap && day > 59 ? day - 1 : day
  }
  return result
}

const isLeap = (year: number) => (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0

/**
 * Brings every day of a series within what a day can be, the low not over the high: smoothing and drawing may carry
 * months at the edge of what can be true a little beyond it. The series itself is changed.
 */
export function settled(series: DailySeries): DailySeries {
  for (const field of WEATHER_FIELDS) {
    const [low, high] = DAY_BOUNDS[field]
    const column = series[field]
    for (let day = 0; day < series.days; day++)
      if (!(column[day]! >= low && column[day]! <= high))
        column[day] = Math.max(low, Math.min(high, column[day]!))
  }
  const { tmin, tmax } = series
  for (let day = 0; day < series.days; day++)
    if (tmin[day]! > tmax[day]!) tmin[day] = tmax[day] = (tmin[day]! + tmax[day]!) / 2
  return series
}
/** Under cover a night may be as warm as a day outside. */
const DAY_BOUNDS = { ...WEATHER_BOUNDS, tmin: [WEATHER_BOUNDS.tmin[0], WEATHER_BOUNDS.tmax[1]] } as const

/** What the normals expect of each day. */
export function expectedSeries(normals: Normals, from: number, days: number): DailySeries {
  const expected = dailyNormals(normals)
  const series = emptySeries(from, days)
  yearDays(from, days).forEach((day, index) => {
    for (const field of WEATHER_FIELDS) series[field][index] = expected[field][day]!
  })
  return settled(series)
}
