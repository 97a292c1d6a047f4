import { remembered } from '../memo'
import type { FeedingSchool } from '../transplant'
import type { PlaceWater } from '../watering'
import { commonProduct } from './common-products'
import { glutIn, type LedgerWeek } from './ledger'
import type { FedProduct } from './fed-product'
import { gapAhead, nutrientLedger, weeksAhead, type LedgerNutrient, type PlaceLedger } from './place-ledger'
import type { Product } from './product'
import type { Release } from './release'

/** What a place wants in the coming weeks. */
export interface FeedAnswer {
  /** Of nitrogen. */
  weeks: LedgerWeek[]
  /** More nitrogen lies ready than the season still wants. */
  glut: boolean
  /** g missing in the coming four weeks, if nothing is given. */
  gap: Record<LedgerNutrient, number>
  /** What fills the gap of nitrogen, g in all and of nitrogen; null: nothing is missing. */
  mix: { name: string; grams: number; nitrogen: number } | null
}

/** Days ahead in which a glut is told. */
const GLUT_AHEAD = 14
/** g of nitrogen a plant under which nothing is said to be missing. */
const WORTH = 0.3
/** What each school gives, where nitrogen is missing. */
const SCHOOL_PRODUCT: Record<FeedingSchool, string> = {
  'soil-first': 'Seed meal',
  'slow-organic': 'Seed meal',
  'steady-liquid': 'Balanced granules',
  'nutrient-solution': 'Balanced granules',
}
/** Of a product, what comes free within the four weeks that it is given for. */
const FREE_IN_FOUR_WEEKS: Record<Release, number> = {
  meal: 0.28,
  castings: 0.17,
  soluble: 1,
  coated: 0.3,
  compost: 0.05,
}

/**
 * Whether a place has too much, and what it wants by its school if not; worked out once for a ledger.
 *
 * @param tried what is given beside what was entered, to see what it would change
 */
export const adviseFeed = (
  place: PlaceLedger,
  school: FeedingSchool,
  plants: number,
  tried: readonly FedProduct[] = [],
): FeedAnswer =>
  tried.length > 0
    ? feedOf(place, school, plants, tried)
    : remembered(place, `feed ${school} ${plants}`, () => feedOf(place, school, plants, tried))

function feedOf(
  place: PlaceLedger,
  school: FeedingSchool,
  plants: number,
  tried: readonly FedProduct[],
): FeedAnswer {
  const weeks = nutrientLedger(place, 'n', tried)
  const gap = {
    n: gapAhead(weeks, place.today),
    p: gapAhead(nutrientLedger(place, 'p', tried), place.today),
    k: gapAhead(nutrientLedger(place, 'k', tried), place.today),
  }
  const product = commonProduct(SCHOOL_PRODUCT[school])
  // Of what is freed slowly so much more is given.
  const nitrogen = gap.n / FREE_IN_FOUR_WEEKS[product.release]
  return {
    weeks,
    glut: glutIn(weeks, place.today, place.today + GLUT_AHEAD) !== null,
    gap,
    mix:
      gap.n > WORTH * plants ? { name: product.name, grams: nitrogen / (product.n / 100), nitrogen } : null,
  }
}

/** A share of the label's rate, and what of the coming weeks' nitrogen the ground gives without it, 0–1. */
export interface FeedStrength {
  share: 1 | 0.5 | typeof THIRD
  given: number
}

const THIRD = 1 / 3
/** Of N + P₂O₅ + K₂O, %, from which a soluble feed is strong. */
const STRONG = 15
/**
 * † Where so much of what is wanted comes anyway, half a strong feed is enough, or a third of it. Against: the
 * third to half strength of steady feeding.
 */
const RICH = { half: 0.5, third: 0.8 }

/**
 * How strong a feed is made up for a place: a strong soluble one at a half or third of its label in rich ground.
 *
 * @returns null where that is no question: what soil life frees, and weak feeds, go by the label
 */
export function strengthFor(
  place: PlaceLedger,
  { release, n, p2o5, k2o }: Pick<Product, 'release' | 'n' | 'p2o5' | 'k2o'>,
): FeedStrength | null {
  if (release !== 'soluble' || n + p2o5 + k2o < STRONG || n === 0) return null
  const weeks = nutrientLedger(place, 'n')
  const wanted = weeksAhead(weeks, place.today).reduce((sum, { demand }) => sum + demand, 0)
  const given = wanted === 0 ? 1 : 1 - Math.min(1, gapAhead(weeks, place.today) / wanted)
  return { share: given >= RICH.third ? THIRD : given >= RICH.half ? 0.5 : 1, given }
}

/** What speaks against feeding on a day. */
export type FeedWarning = 'dry-roots' | 'cold-soil'

/** Under this soil life gives little, °C. */
const COLD = 12

export function feedWarnings(
  { states, depletion }: Pick<PlaceWater, 'states' | 'depletion'>,
  { temperature, today }: Pick<PlaceLedger, 'temperature' | 'today'>,
): FeedWarning[] {
  const raw = states.at(-1)?.raw ?? Infinity
  return [
    ...(depletion > raw ? (['dry-roots'] as const) : []),
    ...((temperature[today] ?? COLD) < COLD ? (['cold-soil'] as const) : []),
  ]
}
