import { epochDay, isoDate } from '../calendar'
import { degreeDays } from '../climate'
import { lastDayToReach, THERMAL_LIMITS, type Crop } from '../crop'
import { requireInRange } from '../guard'

/** Share of the ripening sum after which a fruit is mature green and ripens indoors. */
export const MATURE_GREEN = 0.72

/**
 * The last date on which a flower that opens still becomes a ripe fruit by `end`.
 *
 * @param plan consecutive days with tmin and tmax in °C; `end` a date that counts itself; the ripening sum in
 *   °C d (0.72 of it for fruit that ripen indoors)
 * @returns the latest date whose own and following degree-days up to `end`, included, reach the sum; null:
 *   none of `days`
 * @throws RangeError when the sum or a temperature is out of range, or the days are not consecutive
 */
export function lastUsefulFlower(plan: {
  days: readonly { date: string; tmin: number; tmax: number }[]
  end: string
  ripeningDegreeDays: number
  crop: Crop
}): string | null {
  const { days, crop } = plan
  requireInRange('ripeningDegreeDays', plan.ripeningDegreeDays, 0, 10_000)
  const end = isoDate(plan.end)
  if (days.length === 0) return null
  const first = epochDay(isoDate(days[0]!.date))
  const running = new Float64Array(days.length + 1)
  days.forEach(({ date, tmin, tmax }, index) => {
    if (epochDay(isoDate(date)) !== first + index)
      throw new RangeError(`days must follow each other without gaps, but ${date} stands at index ${index}`)
    running[index + 1] = running[index]! + degreeDays({ tmin, tmax }, THERMAL_LIMITS[crop])
  })
  const last = Math.min(days.length - 1, epochDay(end) - first)
  if (last < 0) return null
  const index = lastDayToReach(running, last, plan.ripeningDegreeDays)
  return index === null ? null : days[index]!.date
}
