import { quantile } from '../random'

/** Differences of the same seasons, kg: their middle, 8 of 10, and the share of seasons in which it is better. */
export interface Paired {
  median: number
  low: number
  high: number
  better: number
  /** Whether 8 seasons in 10 lie on one side or are the same, and the middle one is worth telling. */
  isClear: boolean
  /** Whether it is the same in every season. */
  isSame: boolean
}

/** kg under which nobody would weigh a difference. */
const LEAST = 1e-6

/** Of what the first way gives, under which a difference is none that a grower would see. */
const WORTH = 0.01

/**
 * @param differences kg of each season, of the other way less the first
 * @param usual kg that the first way gives in the middle season
 */
export function pairedTo(differences: readonly number[], usual: number): Paired {
  const [low, median, high] = [0.1, 0.5, 0.9].map((share) => quantile(differences, share)) as [
    number,
    number,
    number,
  ]
  // Seasons that end before anything ripens, whatever is done, speak for neither.
  const isOneSided = median > 0 ? low >= -LEAST : high <= LEAST
  return {
    median,
    low,
    high,
    better: differences.filter((kg) => kg > LEAST).length / differences.length,
    isClear: isOneSided && Math.abs(median) > Math.max(LEAST, WORTH * usual),
    isSame: differences.every((kg) => Math.abs(kg) <= LEAST),
  }
}
