import { quantile } from './quantiles'

/** Differences of the same seasons, kg: their middle, 8 of 10, and the share of seasons in which it is better. */
export interface Paired {
  median: number
  low: number
  high: number
  better: number
  /** Whether 8 seasons in 10 lie on one side of none. */
  isClear: boolean
  /** Whether it is the same in every season. */
  isSame: boolean
}

/** kg under which nobody would weigh a difference. */
const LEAST = 1e-6

/** @param differences kg of each season, of the other way less the first */
export function pairedTo(differences: readonly number[]): Paired {
  const [low, high] = [quantile(differences, 0.1), quantile(differences, 0.9)]
  return {
    median: quantile(differences, 0.5),
    low,
    high,
    better: differences.filter((kg) => kg > LEAST).length / differences.length,
    isClear: low > LEAST || high < -LEAST,
    isSame: differences.every((kg) => Math.abs(kg) <= LEAST),
  }
}
