import { MOST_PLANTS } from '../bounds'
import { requireInRange, requireInteger } from '../guard'

/**
 * The smallest number of seeds of which, with the asked confidence, enough become plants: binomial with
 * success germination × survival.
 *
 * @param plan plantsWanted 1–10,000; germination and survival to transplanting, over 0 to 1; confidence
 *   over 0 and under 1, 0.95 unless said
 * @throws RangeError when a number is out of range
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
  // So much seed is beyond counting out one by one: the mean, and the spread of a large sample, tell it as well.
  if (plantsWanted / success > MOST_COUNTED) return ofManySeeds(plantsWanted, success, confidence)

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

/** Over so many seeds the sum is not gone through one by one. */
const MOST_COUNTED = 1_000_000
/** Where the steps of the normal quantile stop, standard deviations. */
const CLOSE = 1e-9

/** Seeds for a large crop or very poor odds: the normal approximation of the same sum [De Moivre–Laplace]. */
function ofManySeeds(wanted: number, success: number, confidence: number): number {
  let [low, high] = [-10, 10]
  while (high - low > CLOSE) {
    const middle = (low + high) / 2
    if (normalShare(middle) < confidence) low = middle
    else high = middle
  }
  // n·p − z·√(n·p·(1 − p)) = wanted, solved for √n.
  const spread = high * Math.sqrt(success * (1 - success))
  return Math.ceil(((spread + Math.sqrt(spread ** 2 + 4 * success * wanted)) / (2 * success)) ** 2)
}

/** Share of a normal distribution under z [Abramowitz & Stegun 1964, 26.2.17; off by less than 1e-7]. */
function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const sum = ((((1.330274429 * t - 1.821255978) * t + 1.781477937) * t - 0.356563782) * t + 0.31938153) * t
  const tail = (Math.exp(-(z ** 2) / 2) / Math.sqrt(2 * Math.PI)) * sum
  return z >= 0 ? 1 - tail : tail
}
