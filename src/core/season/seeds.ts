import { MOST_PLANTS } from '../bounds'
import { requireInRange, requireInteger } from '../guard'

/**
 * The smallest number of seeds of which, with the asked confidence, enough become plants: binomial with
 * success germination × survival.
 *
 * @param plan plantsWanted 1–10,000; germination and survival to transplanting, over 0 to 1; confidence
 *   over 0 and under 1, 0.95 unless said
 * @throws RangeError when a number is out of range, or the odds are so poor that it would take over a million
 * @example seedsToSow({ plantsWanted: 6, germination: 0.85, survival: 0.9 }) // 11
 */
export function seedsToSow(plan: {
  plantsWanted: number
  germination: number
  survival: number
  confidence?: number
}): number {
  const { plantsWanted, germination, survival, confidence = 0.95 } = plan
  requireInteger('plantsWanted', plantsWanted, 1, MOST_PLANTS)
  requireInRange('germination', germination, 0.001, 1)
  requireInRange('survival', survival, 0.001, 1)
  requireInRange('confidence', confidence, 0.001, 0.999999)
  const success = germination * survival
  if (success === 1) return plantsWanted
  if (plantsWanted / success > 1e6) throw new RangeError(`germination × survival is too low: ${success}`)

  // P(the wanted-th success falls on trial n), summed over n, in logarithms so that a large crop does not underflow.
  const logFailure = Math.log1p(-success)
  let logTerm = plantsWanted * Math.log(success)
  let chance = Math.exp(logTerm)
  let seeds = plantsWanted
  // Rounding must not ask for one more seed where the confidence is met exactly.
  while (chance < confidence - 1e-12) {
    logTerm += Math.log(seeds / (seeds - plantsWanted + 1)) + logFailure
    chance += Math.exp(logTerm)
    seeds++
  }
  return seeds
}
