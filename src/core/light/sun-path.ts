import { daylightHours, solarDeclination } from '../climate'
import { requireInRange } from '../guard'

/** Where the sun stands for a while: rad above the horizon, rad clockwise from north; for so many hours. */
export interface SunStep {
  altitude: number
  azimuth: number
  hours: number
}

/**
 * The sun's way over a day in equal steps from sunrise to sunset, each stood for by its middle. Their hours sum to
 * the day's length over an open horizon [Allen et al. 1998, FAO-56 eq. 24, 34; altitude and azimuth: Iqbal 1983,
 * eq. 1.5.1, 1.5.2].
 *
 * @param latitude ° north
 * @param dayOfYear 1–366
 * @param minutes longest step, min
 * @throws RangeError when a parameter is out of range
 */
export function sunPath(latitude: number, dayOfYear: number, minutes = 10): SunStep[] {
  requireInRange('minutes', minutes, 1, 240)
  const day = daylightHours(latitude, dayOfYear)
  const steps = Math.ceil((day * 60) / minutes)
  const hours = steps === 0 ? 0 : day / steps
  const phi = (latitude * Math.PI) / 180
  const declination = solarDeclination(dayOfYear)
  return Array.from({ length: steps }, (_, index) => {
    const hourAngle = (((index + 0.5) * hours - day / 2) * Math.PI) / 12
    const sine =
      Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.cos(hourAngle)
    // East and north parts of the direction to the sun.
    const east = -Math.cos(declination) * Math.sin(hourAngle)
    const north =
      Math.cos(phi) * Math.sin(declination) - Math.sin(phi) * Math.cos(declination) * Math.cos(hourAngle)
    return {
      altitude: Math.asin(Math.max(-1, Math.min(1, sine))),
      azimuth: Math.atan2(east, north),
      hours,
    }
  }).filter(({ altitude }) => altitude > 0)
}
