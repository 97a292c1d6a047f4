import { requireFinite } from '../guard'

/** Sine of the day at each hour's middle, h + 0.5: warmest at 15:00. */
const HOURLY_SINE = Array.from({ length: 24 }, (_, hour) => Math.sin((2 * Math.PI * (hour + 0.5 - 9)) / 24))

/** Temperature at the middle of each hour, °C: a sine between the day's minimum and maximum. */
export function hourlyTemperatures({ tmin, tmax }: { tmin: number; tmax: number }): number[] {
  const [mean, swing] = [(tmin + tmax) / 2, (tmax - tmin) / 2]
  return HOURLY_SINE.map((sine) => mean + swing * sine)
}

/**
 * Thermal time of a day: the mean over 24 hourly temperatures of clamp(T, base, upper) − base.
 *
 * @param day tmin and tmax in °C
 * @param limits base and upper in °C
 * @returns °C d, from 0 to upper − base
 * @throws RangeError when a number is not finite, tmin is over tmax or base over upper
 * @example degreeDays({ tmin: 20, tmax: 20 }, { base: 10, upper: 30 }) // 10
 */
export function degreeDays(
  { tmin, tmax }: { tmin: number; tmax: number },
  { base, upper }: { base: number; upper: number },
): number {
  requireFinite('tmin', tmin)
  requireFinite('tmax', tmax)
  requireFinite('base', base)
  requireFinite('upper', upper)
  if (tmin > tmax) throw new RangeError(`tmin must not be over tmax ${tmax}, not ${tmin}`)
  if (base > upper) throw new RangeError(`base must not be over upper ${upper}, not ${base}`)
  const [mean, swing] = [(tmin + tmax) / 2, (tmax - tmin) / 2]
  if (tmin >= base && tmax <= upper) return mean - base
  if (tmax <= base) return 0
  if (tmin >= upper) return upper - base
  let sum = 0
  // The afternoon mirrors the morning: twelve hours stand for all.
  for (let hour = 3; hour < 15; hour++) {
    const at = mean + swing * HOURLY_SINE[hour]!
    sum += at <= base ? 0 : at >= upper ? upper - base : at - base
  }
  return sum / 12
}
