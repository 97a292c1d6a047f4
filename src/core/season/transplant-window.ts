import { dateFromEpochDay, type IsoDate } from '../calendar'
import {
  dayPercentiles,
  FROST,
  surroundingsKey,
  type DailySeries,
  type DayPercentiles,
  type Ensemble,
  type SoilSurroundings,
  type WeatherLine,
} from '../climate'
import type { Advice, Reason } from '../advice'
import { lastDayToReach, type Crop, type ThermalTraits } from '../crop'
import { count, length, onDate, temperature } from '../quantity'
import { firstFrostBySeason, runningBySeason, soilBySeason } from './ensemble-thermal'

/** Transplant by temperature: nights, °C, for a run of nights, and soil at root depth, °C. */
export const SET_OUT_LIMITS: Record<Crop, { night: number; soil: number }> = {
  tomato: { night: 10, soil: 16 },
  pepper: { night: 13, soil: 18 },
}
const NIGHTS_IN_A_RUN = 5
const FROST_FREE_DAYS = 10
/** Depth that a young root ball reaches, m. */
export const ROOT_DEPTH = 0.15

/** Whether day `at` and those after it are warm enough to set out. */
function isOpen(air: DailySeries, soil: Float64Array, crop: Crop, at: number): boolean {
  const limits = SET_OUT_LIMITS[crop]
  if (at < 0 || at + FROST_FREE_DAYS > air.days || soil[at]! < limits.soil) return false
  for (let night = at; night < at + NIGHTS_IN_A_RUN; night++)
    if (air.tmin[night]! < limits.night) return false
  for (let night = at + NIGHTS_IN_A_RUN; night < at + FROST_FREE_DAYS; night++)
    if (air.tmin[night]! <= FROST) return false
  return true
}

/** The first day from `from` on which it is warm enough to set out; null: not in the series before `until`. */
function firstOpenDay(
  air: DailySeries,
  soil: Float64Array,
  crop: Crop,
  from: number,
  until: number,
): number | null {
  for (let day = from; day < until; day++) if (isOpen(air, soil, crop, day)) return day
  return null
}

/** When a crop can be set out, in days from the season's start, over the seasons of an ensemble. */
export interface TransplantWindow {
  /** Nights and soil are warm enough from here. */
  opens: DayPercentiles
  /** Set out later, and the first fruit does not ripen before the first frost. */
  closes: DayPercentiles
}

/**
 * The transplant window of a crop in a place, by temperature and not by date.
 *
 * @param thermal the cultivar's thermal calendar, °C d
 */
export function transplantWindow(
  ensemble: Ensemble,
  crop: Crop,
  thermal: ThermalTraits,
  surroundings: SoilSurroundings,
): TransplantWindow {
  const known = windows.get(ensemble) ?? new Map<string, TransplantWindow>()
  windows.set(ensemble, known)
  const key = [crop, thermal.toFirstFlower, thermal.ripening, surroundingsKey(surroundings)].join()
  const found = known.get(key) ?? workOutWindow(ensemble, crop, thermal, surroundings)
  known.set(key, found)
  return found
}

const windows = new WeakMap<Ensemble, Map<string, TransplantWindow>>()

function workOutWindow(
  ensemble: Ensemble,
  crop: Crop,
  thermal: ThermalTraits,
  surroundings: SoilSurroundings,
): TransplantWindow {
  const soil = soilBySeason(ensemble, ROOT_DEPTH, surroundings)
  const running = runningBySeason(ensemble, crop)
  const opens = ensemble.seasons.map((season, index) => firstOpenDay(season, soil[index]!, crop, 0, 365))
  const closes = firstFrostBySeason(ensemble).map((frost, index) =>
    frost === null ? null : lastDayToReach(running[index]!, frost, thermal.toFirstFlower + thermal.ripening),
  )
  return { opens: dayPercentiles(opens, 'after'), closes: dayPercentiles(closes, 'after') }
}

export type SetOutRule =
  | 'set-out.nights-warm'
  | 'set-out.nights-cold'
  | 'set-out.soil-warm'
  | 'set-out.soil-cold'
  | 'set-out.frost-ahead'
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
  line: WeatherLine,
  soil: Float64Array,
  crop: Crop,
  at: number,
): Advice<SetOutVerdict, SetOutRule> {
  const { air } = line
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
      rule: 'set-out.frost-ahead',
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
  const suits = firstOpenDay(air, soil, crop, at + 1, Math.min(air.days - FROST_FREE_DAYS, at + 365))
  const date = suits === null ? null : dateFromEpochDay(air.from + suits)
  reasons.push(
    date === null
      ? { rule: 'set-out.not-this-season', values: {}, weight: 'warns' }
      : { rule: 'set-out.warm-from', values: { date: onDate(date) }, weight: 'supports' },
  )
  return { answer: { go, suits: date }, reasons, alternatives: [], cautions: [] }
}
