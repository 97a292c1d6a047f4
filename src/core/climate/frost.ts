import { simulateSeasons, type Ensemble } from './ensemble'
import type { Normals } from './normals'
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

const MOST_SHIFT = 8
const TRIAL_SEASONS = 80

/**
 * Shifts a climate's temperatures until its median last spring frost falls on the day a gardener knows.
 *
 * @param lastFrost days from the season's start
 * @returns the shift in °C; or the earliest and latest median that a shift of ±8 °C can reach, as days
 *   from the season's start (null: no frost at all)
 */
export function shiftToLastFrost(
  normals: Normals,
  latitude: number,
  lastFrost: number,
): { shift: number } | { earliest: number | null; latest: number | null } {
  // A uniform shift leaves the deviations as they are: simulate once, and move the limit instead.
  const trial = simulateSeasons({ normals, latitude, count: TRIAL_SEASONS })
  const median = (shift: number) => frostPercentiles(trial, FROST - shift).lastSpring.p50
  const [latest, earliest] = [median(-MOST_SHIFT), median(MOST_SHIFT)]
  if (latest === null || lastFrost > latest || lastFrost < (earliest ?? 0)) return { earliest, latest }
  let [low, high] = [-MOST_SHIFT, MOST_SHIFT]
  while (high - low > 0.05) {
    const middle = (low + high) / 2
    if ((median(middle) ?? -1) > lastFrost) low = middle
    else high = middle
  }
  return { shift: Math.round(((low + high) / 2) * 10) / 10 }
}
