import { requireFinite, requireInRange } from '../guard'

export type Severity = 0 | 1 | 2 | 3 | 4

/** Wet hours from which a day scores 1, 2, 3 and 4, by the mean temperature while wet, °C. */
const BANDS = [
  { from: 13, below: 18, hours: [7, 16, 21] },
  { from: 18, below: 21, hours: [4, 9, 16, 23] },
  { from: 21, below: 26, hours: [3, 6, 13, 21] },
  { from: 26, below: Infinity, hours: [4, 9, 16, 23] },
] as const
const WARMEST = 30

/**
 * Early-blight severity value of a day [Pitblado 1992; Madden et al. 1978].
 *
 * @param wetHours hours of wet leaves, 0–24
 * @param meanTemperature °C while wet; outside 13–30 the day scores 0
 * @throws RangeError when a number is out of range
 * @example wetnessSeverity(13, 22) // 3
 */
export function wetnessSeverity(wetHours: number, meanTemperature: number): Severity {
  requireInRange('wetHours', wetHours, 0, 24)
  requireFinite('meanTemperature', meanTemperature)
  if (meanTemperature > WARMEST) return 0
  const band = BANDS.find(({ from, below }) => meanTemperature >= from && meanTemperature < below)
  return (band?.hours.filter((hours) => wetHours >= hours).length ?? 0) as Severity
}
