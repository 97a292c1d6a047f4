import { requireInRange } from '../guard'

/** Saturation vapour pressure, kPa, of air at a temperature in °C [Allen et al. 1998, FAO-56 eq. 11]. */
export const saturationPressure = (temperature: number) =>
  0.6108 * Math.exp((17.27 * temperature) / (temperature + 237.3))

/** The temperature, °C, at which a vapour pressure in kPa saturates the air: the same equation turned round. */
export function saturationTemperature(pressure: number): number {
  const logarithm = Math.log(pressure / 0.6108)
  return (237.3 * logarithm) / (17.27 - logarithm)
}

/**
 * Actual vapour pressure from relative humidity, %, kPa: FAO-56 eq. 17 from both extremes, eq. 18 from the highest,
 * eq. 19 from the mean.
 *
 * @throws RangeError when a humidity is not from 0 to 100
 */
export function actualPressure(
  day: { tmin: number; tmax: number } & ({ rhMean: number } | { rhMax: number; rhMin?: number }),
): number {
  const share = (name: string, value: number) => requireInRange(name, value, 0, 100) / 100
  const [cold, warm] = [saturationPressure(day.tmin), saturationPressure(day.tmax)]
  if ('rhMean' in day) return (share('rhMean', day.rhMean) * (cold + warm)) / 2
  const atNight = cold * share('rhMax', day.rhMax)
  return day.rhMin === undefined ? atNight : (atNight + warm * share('rhMin', day.rhMin)) / 2
}
