import { dateFromEpochDay, type IsoDate } from '../calendar'
import { dayPercentiles, FROST, type DailySeries, type DayPercentiles, type WeatherSource } from '../climate'
import type { Advice, Reason } from '../advice'
import { lastDayToReach, type Crop, type ThermalTraits } from '../crop'
import { count, length, onDate, temperature } from '../quantity'
import { ROOT_DEPTH } from './depths'
import type { Year } from './year'
import { remembered } from '../memo'

/** Transplant by temperature: nights, °C, for a run of nights, and soil at root depth, °C. */
export const SET_OUT_LIMITS: Record<Crop, { night: number; soil: number }> = {
  tomato: { night: 10, soil: 16 },
  pepper: { night: 13, soil: 18 },
}
const NIGHTS_IN_A_RUN = 5
const FROST_FREE_DAYS = 10
/** Days that plants grow best in, °C, and so many of them at the start. */
const IDEAL_DAY = { low: 21, high: 29 }
const IDEAL_DAYS = 10

type Weather = Pick<Year, 'tmin' | 'soil'>
const SEASON = 365

/** Whether day `at` and those after it are warm enough to set out. */
function isOpen({ tmin, soil }: Weather, crop: Crop, at: number): boolean {
  const limits = SET_OUT_LIMITS[crop]
  if (at < 0 || at + FROST_FREE_DAYS > tmin.length || soil[at]! < limits.soil) return false
  for (let night = at; night < at + NIGHTS_IN_A_RUN; night++) if (tmin[night]! < limits.night) return false
  for (let night = at + NIGHTS_IN_A_RUN; night < at + FROST_FREE_DAYS; night++)
    if (tmin[night]! <= FROST) return false
  return true
}

/** The first day from `from` on which it is warm enough to set out; null: none before `until`. */
export function firstOpenDay(weather: Weather, crop: Crop, from: number, until = SEASON): number | null {
  for (let day = from; day < until; day++) if (isOpen(weather, crop, day)) return day
  return null
}

/**
 * The first day that is warm enough to set out and whose coming days are neither too cool nor too hot to grow;
 * null: none.
 */
function firstIdealDay(year: Year, crop: Crop): number | null {
  const opens = year.opens(crop)
  if (opens === null) return null
  const { tmax } = year
  for (let day = opens; day < SEASON; day++) {
    let sum = 0
    for (let ahead = 0; ahead < IDEAL_DAYS; ahead++) sum += tmax[day + ahead]!
    const mean = sum / IDEAL_DAYS
    if (mean >= IDEAL_DAY.low && mean <= IDEAL_DAY.high && isOpen(year, crop, day)) return day
  }
  return null
}

/** When a crop can be set out, in days from the season's start, over the courses that the season can take. */
export interface TransplantWindow {
  /** Nights and soil are warm enough from here. */
  opens: DayPercentiles
  /** And the days to come are from 21 to 29 °C. */
  ideal: DayPercentiles
  /** Set out later, and the first fruit does not ripen before the first frost. */
  closes: DayPercentiles
}

/**
 * The transplant window of a crop in a place, by temperature and not by date.
 *
 * @param years the courses that a season can take in that place
 * @param thermal the cultivar's thermal calendar, °C d
 */
export function transplantWindow(
  years: readonly Year[],
  crop: Crop,
  thermal: ThermalTraits,
): TransplantWindow {
  const sum = thermal.toFirstFlower + thermal.ripening
  return {
    ...openingOf(years, crop),
    closes: dayPercentiles(
      years.map((year) =>
        year.firstFrost === null ? null : lastDayToReach(year.running(crop), year.firstFrost, sum),
      ),
      'after',
    ),
  }
}

/** What does not depend on the cultivar is worked out once for each crop. */
const openingOf = (years: readonly Year[], crop: Crop): Pick<TransplantWindow, 'opens' | 'ideal'> =>
  remembered(years, `opening ${crop}`, () => {
    const over = (day: (year: Year) => number | null) => dayPercentiles(years.map(day), 'after')
    return { opens: over((year) => year.opens(crop)), ideal: over((year) => firstIdealDay(year, crop)) }
  })

export type SetOutRule =
  | 'set-out.nights-warm'
  | 'set-out.nights-cold'
  | 'set-out.soil-warm'
  | 'set-out.soil-cold'
  | 'set-out.frost-ahead'
  | 'set-out.frost-simulated'
  | 'set-out.warm-from'
  | 'set-out.not-this-season'

/** Set out on the day asked for; otherwise the first day that suits, or null when none is in sight. */
export interface SetOutVerdict {
  go: boolean
  suits: IsoDate | null
}

/**
 * Whether plants can go out on a day: nights, soil at root depth and frost in the forecast.
 *
 * @param soil °C at {@link ROOT_DEPTH}, a value for each day of the line
 * @param at index of the day in the line
 * @throws RangeError when the line does not reach far enough past the day
 */
export function judgeSetOut(
  line: { air: DailySeries; sources?: readonly WeatherSource[] },
  soil: Float64Array,
  crop: Crop,
  at: number,
): Advice<SetOutVerdict, SetOutRule> {
  const { air } = line
  const weather = { tmin: air.tmin, soil }
  if (at < 0 || at + FROST_FREE_DAYS > air.days)
    throw new RangeError(`at must leave ${FROST_FREE_DAYS} days of the line's ${air.days}, not ${at}`)
  const limits = SET_OUT_LIMITS[crop]
  const lowest = Math.min(...air.tmin.subarray(at, at + NIGHTS_IN_A_RUN))
  const frost = air.tmin.subarray(at, at + FROST_FREE_DAYS).findIndex((low) => low <= FROST)
  const nightsWarm = lowest >= limits.night
  const soilWarm = soil[at]! >= limits.soil
  const go = nightsWarm && soilWarm && frost < 0

  const soilValues = {
    soil: temperature(soil[at]!),
    limit: temperature(limits.soil),
    depth: length(ROOT_DEPTH),
  }
  const nightValues = {
    low: temperature(lowest),
    limit: temperature(limits.night),
    nights: count(NIGHTS_IN_A_RUN),
  }
  const weight = (bad: boolean) => (go ? 'supports' : bad ? 'decides' : 'supports')
  const reasons: Reason<SetOutRule>[] = [
    {
      rule: soilWarm ? 'set-out.soil-warm' : 'set-out.soil-cold',
      values: soilValues,
      weight: weight(!soilWarm),
    },
    {
      rule: nightsWarm ? 'set-out.nights-warm' : 'set-out.nights-cold',
      values: nightValues,
      weight: weight(!nightsWarm),
    },
  ]
  if (frost >= 0)
    reasons.unshift({
      rule: line.sources?.[at + frost] === 'simulated' ? 'set-out.frost-simulated' : 'set-out.frost-ahead',
      values: {
        date: onDate(dateFromEpochDay(air.from + at + frost)),
        low: temperature(air.tmin[at + frost]!),
      },
      weight: 'decides',
    })
  if (go) {
    reasons[0]!.weight = 'decides'
    return { answer: { go, suits: dateFromEpochDay(air.from + at) }, reasons, alternatives: [], cautions: [] }
  }
  const suits = firstOpenDay(weather, crop, at + 1, Math.min(air.days - FROST_FREE_DAYS, at + 365))
  const date = suits === null ? null : dateFromEpochDay(air.from + suits)
  reasons.push(
    date === null
      ? { rule: 'set-out.not-this-season', values: {}, weight: 'warns' }
      : { rule: 'set-out.warm-from', values: { date: onDate(date) }, weight: 'supports' },
  )
  return { answer: { go, suits: date }, reasons, alternatives: [], cautions: [] }
}
