import type { Crop, FruitType } from '../crop'
import { requireInRange, requireInteger } from '../guard'

export const USES = ['fresh', 'sauce', 'dried', 'pickled', 'given'] as const
export type Use = (typeof USES)[number]

/** Types of fruit that suit each use, the best first. */
export const SUITED: Record<Use, readonly FruitType[]> = {
  fresh: ['slicer', 'cherry', 'beefsteak', 'saladette', 'bell', 'sweet-long'],
  sauce: ['paste', 'saladette', 'slicer', 'sweet-long'],
  dried: ['paste', 'saladette', 'cherry', 'hot-small', 'sweet-long'],
  pickled: ['saladette', 'cherry', 'hot-large', 'hot-small', 'sweet-long', 'bell'],
  given: ['slicer', 'cherry', 'bell'],
}

/**
 * † kg of fresh fruit in a unit of each use: a kg eaten or given, a litre of sauce or pickles, a kg dried.
 * Against: 2.5 kg of tomatoes in a litre of sauce.
 */
export const FRESH_IN: Record<Use, number> = { fresh: 1, sauce: 2.5, dried: 12, pickled: 0.65, given: 1 }

/** What a person eats fresh in a week when there is plenty, kg. */
export const FRESH_A_WEEK: Record<Crop, number> = { tomato: 0.7, pepper: 0.3 }

/**
 * Fresh fruit that a household wants in a season, kg by use.
 *
 * @param wish people; weeks of eating fresh; kg a person and week; L of sauce and pickles, kg dried and given away
 * @throws RangeError when a number is out of range
 * @example freshWanted({ people: 4, weeks: 8, aWeek: 0.7, sauce: 20, dried: 0, pickled: 0, given: 0 }).sauce // 50
 */
export function freshWanted(
  wish: { people: number; weeks: number; aWeek: number } & Record<Exclude<Use, 'fresh'>, number>,
): Record<Use, number> {
  requireInteger('people', wish.people, 0, 10_000)
  requireInRange('weeks', wish.weeks, 0, 52)
  requireInRange('aWeek', wish.aWeek, 0, 20)
  for (const use of ['sauce', 'dried', 'pickled', 'given'] as const)
    requireInRange(use, wish[use], 0, 100_000)
  return {
    fresh: wish.people * wish.weeks * wish.aWeek * FRESH_IN.fresh,
    sauce: wish.sauce * FRESH_IN.sauce,
    dried: wish.dried * FRESH_IN.dried,
    pickled: wish.pickled * FRESH_IN.pickled,
    given: wish.given * FRESH_IN.given,
  }
}

/**
 * Plants that bear so much, and one in so many for those that fail.
 *
 * @param kg fresh fruit wanted
 * @param aPlant kg that one bears in a season
 * @param lost share of plants that bear nothing
 * @throws RangeError when a number is out of range
 */
export function plantsFor(kg: number, aPlant: number, lost = 0.1): number {
  requireInRange('kg', kg, 0, 1_000_000)
  requireInRange('aPlant', aPlant, 0.01, 100)
  requireInRange('lost', lost, 0, 0.9)
  return Math.max(0, Math.ceil(kg / (aPlant * (1 - lost)) - 1e-9))
}
