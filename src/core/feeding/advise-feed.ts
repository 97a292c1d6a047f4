import { remembered } from '../memo'
import type { FeedingSchool } from '../transplant'
import type { PlaceWater } from '../watering'
import { COMMON_PRODUCTS } from './common-products'
import { glutIn, type LedgerWeek } from './ledger'
import { gapAhead, nutrientLedger, type LedgerNutrient, type PlaceLedger } from './place-ledger'
import type { Release } from './release'

/** What a place wants in the coming weeks. */
interface FeedAnswer {
  /** Of nitrogen. */
  weeks: LedgerWeek[]
  /** More nitrogen lies ready than the season still wants. */
  glut: boolean
  /** g missing in the coming four weeks, if nothing is given. */
  gap: Record<LedgerNutrient, number>
  /** What fills the gap of nitrogen, g in all; null: nothing is missing. */
  mix: { name: string; grams: number } | null
}

/** Days ahead in which a glut is told. */
const GLUT_AHEAD = 14
/** † g of nitrogen a plant under which nothing is said to be missing. */
const WORTH = 0.3
/** † What each school gives, where nitrogen is missing. */
const SCHOOL_PRODUCT: Record<FeedingSchool, string> = {
  'soil-first': 'Seed meal',
  'slow-organic': 'Seed meal',
  'steady-liquid': 'Balanced granules',
  'nutrient-solution': 'Balanced granules',
}
/** † Of a product, what comes free within the four weeks that it is given for. */
const FREE_IN_FOUR_WEEKS: Record<Release, number> = {
  meal: 0.28,
  castings: 0.17,
  soluble: 1,
  coated: 0.3,
  compost: 0.05,
}

/** Whether a place has too much, and what it wants by its school if not; worked out once for a ledger. */
export const adviseFeed = (place: PlaceLedger, school: FeedingSchool, plants: number): FeedAnswer =>
  remembered(place, `feed ${school} ${plants}`, () => feedOf(place, school, plants))

function feedOf(place: PlaceLedger, school: FeedingSchool, plants: number): FeedAnswer {
  const weeks = nutrientLedger(place, 'n')
  const gap = {
    n: gapAhead(weeks, place.today),
    p: gapAhead(nutrientLedger(place, 'p'), place.today),
    k: gapAhead(nutrientLedger(place, 'k'), place.today),
  }
  const product = COMMON_PRODUCTS.find(({ name }) => name === SCHOOL_PRODUCT[school])!
  return {
    weeks,
    glut: glutIn(weeks, place.today, place.today + GLUT_AHEAD) !== null,
    gap,
    mix:
      gap.n > WORTH * plants
        ? { name: product.name, grams: gap.n / (product.n / 100) / FREE_IN_FOUR_WEEKS[product.release] }
        : null,
  }
}

/** What speaks against feeding on a day. */
export type FeedWarning = 'dry-roots' | 'cold-soil'

/** † Under this soil life gives little, °C. */
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
