import type { Advice, Reason } from '../advice'
import { dateFromEpochDay, type IsoDate } from '../calendar'
import { FROST, indexOf, type DailySeries, type WeatherSource } from '../climate'
import { SET_OUT_LIMITS, SET_OUT_NIGHTS, type Crop } from '../crop'
import { count, length, onDate, temperature } from '../quantity'
import { ROOT_DEPTH } from './depths'
import type { PlantingOutlook, SeasonOutlook } from './outlook'
import { firstOpenDay, isWarm, nightsAhead } from './transplant-window'

const FROST_FREE_DAYS = 10

/** Index in the outlook's line of the day after which as few seasons freeze as the gardener bears. */
export const safeFromOf = (
  { line }: Pick<SeasonOutlook, 'line'>,
  { start, window }: Pick<PlantingOutlook, 'start' | 'window'>,
): number => indexOf(line.air, start) + window.safeFrom

export type SetOutRule =
  | 'set-out.nights-warm'
  | 'set-out.nights-bearable'
  | 'set-out.nights-cold'
  | 'set-out.one-cold-night'
  | 'set-out.soil-warm'
  | 'set-out.soil-bearable'
  | 'set-out.soil-cold'
  | 'set-out.frost-ahead'
  | 'set-out.frost-simulated'
  | 'set-out.frost-likely'
  | 'set-out.warm-from'
  | 'set-out.not-this-season'

/** Set out on the day asked for; otherwise the first day that suits, or null when none is in sight. */
export interface SetOutVerdict {
  go: boolean
  suits: IsoDate | null
}

/**
 * Whether plants can go out on a day, by the rule of the transplant window: nights, soil at root depth and frost. Of
 * frost the forecast decides as far as it reaches; beyond it, the odds that the gardener bears.
 *
 * @param soil °C at {@link ROOT_DEPTH}, a value for each day of the line
 * @param at index of the day in the line
 * @param safeFrom index of the day after which as few seasons freeze as the gardener bears
 * @throws RangeError when the line does not reach far enough past the day
 */
export function judgeSetOut(
  line: { air: DailySeries; sources?: readonly WeatherSource[] },
  soil: Float64Array,
  crop: Crop,
  at: number,
  safeFrom = 0,
): Advice<SetOutVerdict, SetOutRule> {
  const { air, sources } = line
  if (at < 0 || at + FROST_FREE_DAYS > air.days)
    throw new RangeError(`at must leave ${FROST_FREE_DAYS} days of the line's ${air.days}, not ${at}`)
  const weather = { tmin: air.tmin, soil, safeFrom }
  const { may, ideal, coldest } = SET_OUT_LIMITS[crop]
  const [mean, ground] = [nightsAhead(weather, at), soil[at]!]
  const isForecast = (day: number) => sources === undefined || sources[day] !== 'normal'
  const nights = Array.from({ length: SET_OUT_NIGHTS }, (_, ahead) => at + ahead)
  // Any May has such a night: only a forecast tells on which.
  const coldNight = nights.find((night) => isForecast(night) && air.tmin[night]! < coldest) ?? null
  const frost = air.tmin.subarray(at, at + FROST_FREE_DAYS).findIndex((low) => low <= FROST)
  let known = at
  while (known < air.days && isForecast(known)) known++
  const isSafe = known >= safeFrom || at >= safeFrom
  const warm = isWarm(weather, crop, at)
  const go = warm && coldNight === null && frost < 0 && isSafe

  const weight = (bad: boolean) => (bad ? 'decides' : 'supports')
  const reasons: Reason<SetOutRule>[] = [
    {
      rule:
        ground >= ideal.soil
          ? 'set-out.soil-warm'
          : ground >= may.soil
            ? 'set-out.soil-bearable'
            : 'set-out.soil-cold',
      values: {
        soil: temperature(ground),
        limit: temperature(ground >= ideal.soil ? ideal.soil : may.soil),
        ideal: temperature(ideal.soil),
        depth: length(ROOT_DEPTH),
      },
      weight: weight(ground < may.soil),
    },
    {
      rule:
        mean >= ideal.night
          ? 'set-out.nights-warm'
          : mean >= may.night
            ? 'set-out.nights-bearable'
            : 'set-out.nights-cold',
      values: {
        mean: temperature(mean),
        limit: temperature(mean >= ideal.night ? ideal.night : may.night),
        ideal: temperature(ideal.night),
        nights: count(SET_OUT_NIGHTS),
      },
      weight: weight(mean < may.night),
    },
  ]
  const date = (day: number) => onDate(dateFromEpochDay(air.from + day))
  if (coldNight !== null)
    reasons.unshift({
      rule: 'set-out.one-cold-night',
      values: { date: date(coldNight), low: temperature(air.tmin[coldNight]!), limit: temperature(coldest) },
      weight: 'decides',
    })
  if (frost >= 0)
    reasons.unshift({
      rule: sources?.[at + frost] === 'simulated' ? 'set-out.frost-simulated' : 'set-out.frost-ahead',
      values: { date: date(at + frost), low: temperature(air.tmin[at + frost]!) },
      weight: 'decides',
    })
  if (!isSafe)
    reasons.unshift({ rule: 'set-out.frost-likely', values: { date: date(safeFrom) }, weight: 'decides' })
  if (go) {
    reasons[0]!.weight = 'decides'
    return { answer: { go, suits: dateFromEpochDay(air.from + at) }, reasons, alternatives: [], cautions: [] }
  }
  const suits = suitsFrom()
  reasons.push(
    suits === null
      ? { rule: 'set-out.not-this-season', values: {}, weight: 'warns' }
      : { rule: 'set-out.warm-from', values: { date: date(suits) }, weight: 'supports' },
  )
  const found = suits === null ? null : dateFromEpochDay(air.from + suits)
  return { answer: { go, suits: found }, reasons, alternatives: [], cautions: [] }

  /** The first later day that suits: past the cold that a forecast tells of, then by the window's own rule. */
  function suitsFrom(): number | null {
    let from = at + 1
    const until = Math.min(air.days - FROST_FREE_DAYS, at + 365)
    for (let day = at; day < Math.min(known, at + FROST_FREE_DAYS); day++)
      if (air.tmin[day]! < (day < at + SET_OUT_NIGHTS ? coldest : FROST)) from = Math.max(from, day + 1)
    return firstOpenDay(weather, crop, from, { until })
  }
}
