import { requireInRange } from '../guard'

const SOLAR_CONSTANT = 0.082 // MJ m⁻² min⁻¹ [Allen et al. 1998, eq. 21]

/** Declination of the sun, rad [Allen et al. 1998, FAO-56 eq. 24]. */
export const solarDeclination = (dayOfYear: number): number =>
  0.409 * Math.sin((2 * Math.PI * dayOfYear) / 365 - 1.39)

function geometry(latitude: number, dayOfYear: number) {
  requireInRange('latitude', latitude, -90, 90)
  requireInRange('dayOfYear', dayOfYear, 1, 366)
  const year = (2 * Math.PI * dayOfYear) / 365
  const declination = solarDeclination(dayOfYear)
  const phi = (latitude * Math.PI) / 180
  const cosSunset = -Math.tan(phi) * Math.tan(declination) // eq. 25
  return {
    phi,
    declination,
    distance: 1 + 0.033 * Math.cos(year), // eq. 23
    // Beyond the polar circles the sun stays down (0) or up (π).
    sunset: Math.acos(Math.max(-1, Math.min(1, cosSunset))),
  }
}

/**
 * Radiation on a level surface above the air, Ra [Allen et al. 1998, FAO-56 eq. 21].
 *
 * @param latitude ° north, south negative
 * @param dayOfYear 1–366
 * @returns MJ m⁻² d⁻¹
 * @throws RangeError when a parameter is out of range
 * @example extraterrestrialRadiation(-20, 246) // 32.2, FAO-56 example 8
 */
export function extraterrestrialRadiation(latitude: number, dayOfYear: number): number {
  const { phi, declination, distance, sunset } = geometry(latitude, dayOfYear)
  const radiation =
    ((24 * 60) / Math.PI) *
    SOLAR_CONSTANT *
    distance *
    (sunset * Math.sin(phi) * Math.sin(declination) +
      Math.cos(phi) * Math.cos(declination) * Math.sin(sunset))
  return Math.max(0, radiation)
}

/**
 * Hours from sunrise to sunset [Allen et al. 1998, FAO-56 eq. 34].
 *
 * @returns h, 0 to 24 also beyond the polar circles
 * @throws RangeError when a parameter is out of range
 * @example daylightHours(-20, 246) // 11.7, FAO-56 example 9
 */
export function daylightHours(latitude: number, dayOfYear: number): number {
  return (24 / Math.PI) * geometry(latitude, dayOfYear).sunset
}
