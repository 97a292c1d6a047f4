import type { Crop, Cultivar, FruitType, Training } from '../crop'
import { isBush } from '../crop'
import { requireInRange, requireInteger } from '../guard'

/**
 * † A plant's crop in a cage, kg a season, before the garden's own record says more. Against: usual crops of
 * well kept gardens.
 */
const IN_A_CAGE: Record<FruitType, number> = {
  cherry: 3.5,
  saladette: 4,
  slicer: 4.5,
  beefsteak: 4,
  paste: 3,
  bell: 1.2,
  'sweet-long': 1.3,
  'hot-small': 0.6,
  'hot-large': 0.9,
}
const BUSH = 3
const DWARF = 1.3

/** † Of a caged plant's crop. Against: half on one stem, three quarters on two. */
const BY_TRAINING: Partial<Record<Training, number>> = {
  'single-stem': 0.5,
  'two-stems': 0.75,
  sprawling: 0.6,
}

/** A first estimate of a plant's crop, kg a season, by type, habit and training. */
export function firstYield(cultivar: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>, training: Training): number {
  if (cultivar.crop === 'pepper') return IN_A_CAGE[cultivar.fruit]
  if (cultivar.habit === 'dwarf') return DWARF
  if (isBush(cultivar)) return BUSH
  return IN_A_CAGE[cultivar.fruit] * (BY_TRAINING[training] ?? 1)
}

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
 * @param aPlant kg a season, see `firstYield`
 * @param lost share of plants that bear nothing
 * @throws RangeError when a number is out of range
 */
export function plantsFor(kg: number, aPlant: number, lost = 0.1): number {
  requireInRange('kg', kg, 0, 1_000_000)
  requireInRange('aPlant', aPlant, 0.01, 100)
  requireInRange('lost', lost, 0, 0.9)
  return Math.max(0, Math.ceil(kg / (aPlant * (1 - lost)) - 1e-9))
}
