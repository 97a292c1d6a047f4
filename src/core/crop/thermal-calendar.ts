import { degreeDays, type DailySeries } from '../climate'
import { warmthPace } from './growth-days'
import { THERMAL_LIMITS, type Crop } from './traits'

/**
 * Running degree-days of a crop, slowed by cold and heat as its growth is: entry i is the sum before day i, so that
 * days a to b, both included, bring sum[b + 1] − sum[a]. One entry more than the series has days. °C d.
 */
export function runningDegreeDays(air: DailySeries, crop: Crop): Float64Array {
  const sum = new Float64Array(air.days + 1)
  const limits = THERMAL_LIMITS[crop]
  const day = { tmin: 0, tmax: 0 }
  for (let index = 0; index < air.days; index++) {
    day.tmin = air.tmin[index]!
    day.tmax = air.tmax[index]!
    sum[index + 1] = sum[index]! + degreeDays(day, limits) * warmthPace(day.tmin, day.tmax, crop)
  }
  return sum
}

/** A sum that is met to within rounding is met, °C d. */
const ROUNDING = 1e-9

/** The day on which `wanted` °C d have come together, counted from the start of day `from`; null: never in the series. */
export function dayReached(running: Float64Array, from: number, wanted: number): number | null {
  const target = running[from]! + wanted - ROUNDING
  if (running.at(-1)! < target) return null
  let [low, high] = [from, running.length - 1]
  while (low < high) {
    const middle = (low + high) >> 1
    if (running[middle]! >= target) high = middle
    else low = middle + 1
  }
  return Math.max(from, low - 1)
}

/** The latest day whose own and following °C d up to `end`, included, make up `wanted`; null: none. */
export function lastDayToReach(running: Float64Array, end: number, wanted: number): number | null {
  const available = running[end + 1]! + ROUNDING
  if (available - running[0]! < wanted) return null
  let [low, high] = [0, end]
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if (available - running[middle]! >= wanted) low = middle
    else high = middle - 1
  }
  return low
}
