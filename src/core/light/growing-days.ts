import { addDays, dayOfYear, type IsoDate } from '../calendar'
import { frostPercentiles, seasonStart, type Ensemble } from '../climate'

/** Days between those that stand for a season's sun. */
const SUN_STEP = 30
const HELD_YEAR = '2025-07-01' as IsoDate

/** Days of the year that stand for the season's sun: the middle of each month without frost, 1–366. */
export function growingDays(ensemble: Ensemble): number[] {
  const { lastSpring, firstAutumn } = frostPercentiles(ensemble)
  const [from, to] = [lastSpring.p50 ?? 0, firstAutumn.p50 ?? 364]
  const start = seasonStart(ensemble.normals, HELD_YEAR)
  return Array.from({ length: Math.max(1, Math.round((to - from) / SUN_STEP)) }, (_, index) =>
    dayOfYear(addDays(start, Math.round(from + (index + 0.5) * SUN_STEP))),
  )
}
