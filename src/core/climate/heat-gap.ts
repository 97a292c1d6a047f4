import type { Ensemble } from './ensemble'
import { dayPercentiles, type DayPercentiles } from './percentiles'

/** Nights that stay above this, °C, for weeks stop setting. */
export const HEAT_GAP_NIGHT = 24
/** Nights are judged by their mean over so many, and a gap lasts at least as long, d. */
const SPAN = 14
const SEASON = 365

/** The weeks in which heat stops the fruit setting: days from the season's start. */
export interface HeatGap {
  begins: DayPercentiles
  ends: DayPercentiles
  /** Share of the seasons that have one. */
  share: number
}

/** First and last day of the longest time in which every 14-day mean of the nights is above the limit; null: none. */
export function heatGapIn(
  tmin: Float64Array,
  limit: number = HEAT_GAP_NIGHT,
): { begins: number; ends: number } | null {
  let sum = 0
  let longest: { begins: number; ends: number } | null = null
  let begun: number | null = null
  for (let day = 0; day < Math.min(SEASON, tmin.length); day++) {
    sum += tmin[day]! - (day >= SPAN ? tmin[day - SPAN]! : 0)
    const hot = day >= SPAN - 1 && sum / SPAN > limit
    if (!hot) {
      begun = null
      continue
    }
    begun ??= day - SPAN + 1
    if (!longest || day - begun > longest.ends - longest.begins) longest = { begins: begun, ends: day }
  }
  return longest
}

/** When heat stops the setting, over the seasons of an ensemble; its dates are those of the seasons that have one. */
export function heatGap(ensemble: Ensemble, limit: number = HEAT_GAP_NIGHT): HeatGap {
  const gaps = ensemble.seasons.map(({ tmin }) => heatGapIn(tmin, limit))
  const found = gaps.filter((gap) => gap !== null)
  return {
    begins: dayPercentiles(
      found.map(({ begins }) => begins),
      'after',
    ),
    ends: dayPercentiles(
      found.map(({ ends }) => ends),
      'after',
    ),
    share: gaps.length === 0 ? 0 : found.length / gaps.length,
  }
}
