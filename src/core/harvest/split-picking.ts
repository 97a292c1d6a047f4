import { requireAtLeastOne } from '../guard'
import type { FruitFault } from './ripeness'

/** What was weighed together: kg, fruit where they were counted, and those with a fault. */
export interface Picking {
  mass: number
  count: number | null
  faults?: Partial<Record<FruitFault, number>>
}

/**
 * One weighing of several plantings told to each by its plants. Fruit stay whole, and the parts add up to the whole.
 *
 * @param plants of each planting, none of them zero
 * @throws RangeError when there is no planting
 * @example splitPicking({ mass: 3, count: 10 }, [2, 1]) // [{ mass: 2, count: 7 }, { mass: 1, count: 3 }]
 */
export function splitPicking({ mass, count, faults = {} }: Picking, plants: readonly number[]): Picking[] {
  requireAtLeastOne('plants', plants)
  const all = plants.reduce((sum, one) => sum + one, 0)
  const counts = count === null ? null : shared(count, plants)
  const faulty = Object.entries(faults).map(([fault, number]) => [fault, shared(number, plants)] as const)
  return plants.map((own, index) => {
    const parts = faulty.flatMap(([fault, numbers]) =>
      numbers[index]! > 0 ? [[fault, Math.min(numbers[index]!, counts?.[index] ?? Infinity)]] : [],
    )
    return {
      mass: (mass * own) / all,
      count: counts ? counts[index]! : null,
      ...(parts.length > 0 ? { faults: Object.fromEntries(parts) as Picking['faults'] } : {}),
    }
  })
}

/** A whole number in whole parts, the largest remainders first. */
function shared(number: number, weights: readonly number[]): number[] {
  const all = weights.reduce((sum, one) => sum + one, 0)
  const exact = weights.map((weight) => (number * weight) / all)
  const parts = exact.map(Math.floor)
  const open = number - parts.reduce((sum, one) => sum + one, 0)
  exact
    .map((value, index) => ({ index, rest: value - Math.floor(value) }))
    .sort((a, b) => b.rest - a.rest || a.index - b.index)
    .slice(0, open)
    .forEach(({ index }) => parts[index]!++)
  return parts
}
