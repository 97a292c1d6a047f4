import type { Ensemble } from './ensemble'
import { dayPercentiles, type DayPercentiles } from './percentiles'
import type { DailySeries } from './series'

/** °C: frost in the screen, and light frost near the ground under a screen that reads this. */
export const FROST = 0
export const LIGHT_FROST = 2

/** Days from the season's start to its last spring and its first autumn day with Tmin at or below `limit`. */
export function frostDays(
  season: Pick<DailySeries, 'tmin' | 'days'>,
  warmest: number,
  limit: number = FROST,
): { lastSpring: number | null; firstAutumn: number | null } {
  let lastSpring: number | null = null
  for (let day = warmest - 1; day >= 0 && lastSpring === null; day--)
    if (season.tmin[day]! <= limit) lastSpring = day
  let firstAutumn: number | null = null
  // The coldest day comes again after a year: what freezes later belongs to the next season.
  for (let day = warmest; day < Math.min(365, season.days) && firstAutumn === null; day++)
    if (season.tmin[day]! <= limit) firstAutumn = day
  return { lastSpring, firstAutumn }
}

/** 10, 50 and 90 % dates of the last spring and the first autumn frost over the seasons of an ensemble. */
export function frostPercentiles(
  ensemble: Ensemble,
  limit: number = FROST,
): { lastSpring: DayPercentiles; firstAutumn: DayPercentiles } {
  const days = ensemble.seasons.map((season) => frostDays(season, ensemble.warmest, limit))
  return {
    lastSpring: dayPercentiles(
      days.map(({ lastSpring }) => lastSpring),
      'before',
    ),
    firstAutumn: dayPercentiles(
      days.map(({ firstAutumn }) => firstAutumn),
      'after',
    ),
  }
}

/** Share of seasons with Tmin at or below `limit`, for each of the first 365 days. */
export function frostRisk(ensemble: Ensemble, limit: number = FROST): Float64Array {
  const risk = new Float64Array(365)
  for (const season of ensemble.seasons)
    for (let day = 0; day < 365; day++)
      if (season.tmin[day]! <= limit) risk[day]! += 1 / ensemble.seasons.length
  return risk
}
