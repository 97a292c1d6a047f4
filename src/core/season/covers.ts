import { degreeDays } from '../climate'
import { THERMAL_LIMITS, type Crop } from '../crop'
import type { Year } from './year'

/**
 * What a cover adds at night and in the soil, °C, while it is on [cloth: Wells & Loy 1985; frame and film against
 * growers’ dates].
 */
export const COVERS = {
  cloth: { night: 2, soil: 0 },
  frame: { night: 3, soil: 3 },
} as const

/** Running degree-days of a year whose lows are others, `tmin`, on some of its days. */
export function warmedSums(
  year: Pick<Year, 'running' | 'tmin' | 'tmax'>,
  tmin: Float64Array,
  crop: Crop,
  isWarmed: (day: number) => boolean,
): Float64Array {
  const plain = year.running(crop)
  const limits = THERMAL_LIMITS[crop]
  const warmed = Float64Array.from(plain)
  let gain = 0
  for (let day = 0; day < plain.length - 1; day++) {
    if (isWarmed(day)) {
      const tmax = Math.max(tmin[day]!, year.tmax[day]!)
      gain +=
        degreeDays({ tmin: tmin[day]!, tmax }, limits) -
        degreeDays({ tmin: year.tmin[day]!, tmax: year.tmax[day]! }, limits)
    }
    warmed[day + 1] = plain[day + 1]! + gain
  }
  return warmed
}
