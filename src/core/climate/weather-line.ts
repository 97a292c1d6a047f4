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

/** Where a day's weather is from: on record, foretold, made up by the simulated station, or usual for the day. */
export type WeatherSource = 'recorded' | 'forecast' | 'simulated' | 'normal'

/** One season's weather in a single line: what was, what is foretold, then what is normal. */
export interface WeatherLine {
  air: DailySeries
  sources: WeatherSource[]
}

/** A day that was recorded, unless its source says otherwise: a measure that was not taken is missing. */
export type RecordedDay = Pick<DayWeather, 'date' | 'tmin' | 'tmax'> &
  Partial<DayWeather> & { source?: 'forecast' | 'simulated' }

/**
 * Lays record and forecast over the normals; a measure that is missing stays normal. Days that were foretold from
 * outside go before the simulated station's, and stand in for those that passed without a record.
 *
 * @param plan `today` is the first day that the record does not count for: the forecast begins there; `forecast` is
 *   the simulated station's
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

  const lay = (day: RecordedDay) => {
    const index = epochDay(day.date) - start
    if (index < 0 || index >= plan.days) return
    sources[index] = day.source ?? 'recorded'
    for (const field of WEATHER_FIELDS) air[field][index] = day[field] ?? expected[field][index]!
  }
  const isPast = ({ date }: RecordedDay) => epochDay(date) < today
  for (const day of plan.record) if (isPast(day)) lay(day)
  const { forecast } = plan
  for (let lead = 0; forecast !== null && lead < forecast.days; lead++) {
    const index = forecast.from + lead - start
    if (index < 0 || index >= plan.days) continue
    sources[index] = 'simulated'
    for (const field of WEATHER_FIELDS) air[field][index] = forecast[field][lead]!
  }
  for (const day of plan.record) if (day.source === 'forecast' && !isPast(day)) lay(day)
  return { air: settled(air), sources }
}
