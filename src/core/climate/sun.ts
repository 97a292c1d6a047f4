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

/** Height of the sun's middle when its upper edge is seen at the horizon, rad: air bends its light by so much. */
const HORIZON = (-0.833 * Math.PI) / 180

/**
 * When the sun's edge comes up and goes down [Allen et al. 1998, FAO-56 eq. 32 and 33 for the clock, the hour angle by
 * the altitude of its middle]; within about four minutes of an almanac between the polar circles.
 *
 * @param longitude ° east, west negative
 * @returns h UTC on that day, below 0 on the day before and from 24 on the day after; null: it does not rise or set
 * @throws RangeError when a parameter is out of range
 */
export function sunTimes(
  latitude: number,
  longitude: number,
  dayOfYear: number,
): { rise: number; set: number } | null {
  requireInRange('longitude', longitude, -180, 180)
  const { phi, declination } = geometry(latitude, dayOfYear)
  const cosHour =
    (Math.sin(HORIZON) - Math.sin(phi) * Math.sin(declination)) / (Math.cos(phi) * Math.cos(declination))
  if (!(Math.abs(cosHour) <= 1)) return null
  const b = (2 * Math.PI * (dayOfYear - 81)) / 364
  const correction = 0.1645 * Math.sin(2 * b) - 0.1255 * Math.cos(b) - 0.025 * Math.sin(b)
  const noon = 12 - longitude / 15 - correction
  const half = (Math.acos(cosHour) * 12) / Math.PI
  return { rise: noon - half, set: noon + half }
}
