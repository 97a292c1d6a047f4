import { epochDay, type IsoDate } from '../calendar'
import type { Normals } from './normals'
import {
  emptySeries,
  expectedSeries,
  settled,
  WEATHER_FIELDS,
  type DailySeries,
  type DayWeather,
} from './series'

export type WeatherSource = 'recorded' | 'forecast' | 'normal'

/** One season's weather in a single line: what was, what is forecast, then what is normal. */
export interface WeatherLine {
  air: DailySeries
  sources: WeatherSource[]
}

/** Days that have passed: a measure that was not taken is missing. */
export type RecordedDay = Pick<DayWeather, 'date' | 'tmin' | 'tmax'> & Partial<DayWeather>

/**
 * Lays record and forecast over the normals; a measure missing from the record stays normal.
 *
 * @param plan `today` is the first day that the record does not count for: the forecast begins there
 */
export function weatherLine(plan: {
  normals: Normals
  from: IsoDate
  days: number
  today: IsoDate
  record: readonly RecordedDay[]
  forecast: DailySeries | null
}): WeatherLine {
  const start = epochDay(plan.from)
  const today = epochDay(plan.today)
  const expected = expectedSeries(plan.normals, start, plan.days)
  const air = emptySeries(start, plan.days)
  for (const field of WEATHER_FIELDS) air[field].set(expected[field])
  const sources = Array<WeatherSource>(plan.days).fill('normal')

  for (const day of plan.record) {
    const index = epochDay(day.date) - start
    if (index < 0 || index >= Math.min(plan.days, today - start)) continue
    sources[index] = 'recorded'
    for (const field of WEATHER_FIELDS) air[field][index] = day[field] ?? air[field][index]!
  }
  const { forecast } = plan
  for (let lead = 0; forecast !== null && lead < forecast.days; lead++) {
    const index = forecast.from + lead - start
    if (index < 0 || index >= plan.days) continue
    sources[index] = 'forecast'
    for (const field of WEATHER_FIELDS) air[field][index] = forecast[field][lead]!
  }
  return { air: settled(air), sources }
}
