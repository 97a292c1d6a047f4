import { requireInRange } from '../guard'

/** Density of air, kg/m³; drag of a screen of leaves, of its solid share. */
const AIR = 1.225
const DRAG = 1

/**
 * The wind's push on a canopy: F = ½ ρ C_d A u², A the frontal area times its solid share.
 *
 * @param canopy gust at the canopy, m/s; height and width, m; solidity 0–1, 0.6 unless said; shelter multiplies
 *   the speed, 1 in the open
 * @returns N
 * @throws RangeError when a number is out of range
 * @example windForce({ gust: 20, height: 1, width: 1 }) // 147 N
 */
export function windForce(canopy: {
  gust: number
  height: number
  width: number
  solidity?: number
  shelter?: number
}): number {
  const { gust, height, width, solidity = 0.6, shelter = 1 } = canopy
  requireInRange('gust', gust, 0, 100)
  requireInRange('height', height, 0, 20)
  requireInRange('width', width, 0, 1000)
  requireInRange('solidity', solidity, 0, 1)
  requireInRange('shelter', shelter, 0, 1)
  return 0.5 * AIR * DRAG * solidity * height * width * (gust * shelter) ** 2
}

/** Under this the log law over short grass does not hold, m. */
const LOWEST = 0.3

/**
 * A gust at another height, by the logarithmic wind profile over short grass [FAO-56, eq. 47].
 *
 * @param gust m/s
 * @param from, to m above the ground; lower than 0.3 m counts as 0.3 m
 * @throws RangeError when a number is out of range
 */
export function gustAt(gust: number, from: number, to: number): number {
  requireInRange('gust', gust, 0, 100)
  requireInRange('from', from, 0, 100)
  requireInRange('to', to, 0, 100)
  const profile = (height: number) => Math.log(67.8 * Math.max(LOWEST, height) - 5.42)
  return (gust * profile(to)) / profile(from)
}

/** A gust is about so many times the usual day's mean; every support bears at least so much, m/s at 10 m. */
const GUST_OF_MEAN = 3
export const LEAST_GUST = 20
/** No support is made for more, m/s. */
const MOST_GUST = 100

/**
 * The gust at 10 m that a support has to bear: three times the middle day's mean on record, at least 20 m/s. (Of the
 * windiest day's mean it would be too much: the stronger the wind, the less its gusts stand out.)
 *
 * @param means daily mean wind at 2 m, m/s
 */
export function designGust(means: readonly number[]): { gust: number; onRecord: boolean } {
  const sorted = [...means].sort((a, b) => a - b)
  const usual = sorted[Math.floor(sorted.length / 2)] ?? 0
  const gust = Math.min(MOST_GUST, gustAt(Math.min(MOST_GUST, usual * GUST_OF_MEAN), 2, 10))
  return gust > LEAST_GUST ? { gust, onRecord: true } : { gust: LEAST_GUST, onRecord: false }
}

/** What surroundings leave of the wind's speed. */
export const SHELTER_FACTOR = { open: 1, fenced: 0.7, walled: 0.5 } as const
