import { object, string } from 'yup'
import type { Manner } from '../../../core/facts'
import { doseFor, gramsIn, type FedProduct, type Product } from '../../../core/feeding'
import { choiceField, quantityField, wholeField } from '../../../wording/fields'
import { sayDose, STRENGTHS } from '../../../wording/doses'
import { sayNumber } from '../../../wording/say'
import { sayLitres } from '../../../wording/watering'

const MOST_KG = 1000
const MOST_LITRES = 100_000

/** Shares of a label's rate that a place is given, as they are chosen. */
export const GIVEN_STRENGTHS = STRENGTHS.filter(({ share }) => share <= 1)

/** How often a feed is given, by the days between. */
export const COURSES = [
  { name: 'once', days: null },
  { name: 'every week', days: 7 },
  { name: 'every two weeks', days: 14 },
] as const
export type Course = (typeof COURSES)[number]['name']

/** A feed with those that follow it in its course, as far as the ledger goes. */
export function courseOf(
  fed: FedProduct,
  { often, times }: { often: Course | null; times: number | null },
  until: number,
): FedProduct[] {
  const every = COURSES.find(({ name }) => name === often)?.days ?? null
  if (every === null || times === null) return [fed]
  return Array.from({ length: times }, (_, time) => ({ ...fed, day: fed.day + time * every })).filter(
    ({ day }) => day < until,
  )
}

export const feedSchema = (manner: Manner) =>
  object({
    product: string().required(),
    /** kg for the whole place. */
    amount: quantityField('mass', manner, { low: 'more than nothing', high: MOST_KG, bareUnit: 'g' }),
    water: quantityField('volume', manner, { low: 'more than nothing', high: MOST_LITRES }),
    strength: choiceField(
      GIVEN_STRENGTHS.map(({ name }) => name),
      'how strong',
    ),
    /** Days between the feeds of a course; once: none. */
    often: choiceField(
      COURSES.map(({ name }) => name),
      'how often',
    ),
    times: wholeField(1, 30, 'how many times'),
  })

/** A feed as the ledger takes it. @param kilograms for the whole place @param day of the ledger */
export const fedOf = (product: Product, kilograms: number, day: number): FedProduct => ({
  day: Math.max(0, day),
  name: product.name,
  grams: kilograms * 1000,
  n: product.n,
  p2o5: product.p2o5,
  k2o: product.k2o,
  release: product.release,
  nitrogen: product.nitrogen,
  ...(product.releaseDays === null ? {} : { days: product.releaseDays }),
})

/**
 * What the label asks for so much water at such a strength; null: it names no rate, or nothing sound is typed.
 *
 * @param count plants of the place
 */
export function madeUp(
  product: Product,
  { water, strength }: { water: number | null; strength: string | null },
  count: number,
  manner: Manner,
): { amount: string; dose: string; into: string } | null {
  const share = GIVEN_STRENGTHS.find(({ name }) => name === strength)?.share
  if (product.labelRate === null || water === null || share === undefined) return null
  const { amount } = doseFor(product.labelRate, water, share)
  return {
    amount: `${sayNumber(amount * gramsIn(product), manner)} g`,
    dose: sayDose(amount, product, manner),
    into: `in ${sayLitres(water, manner)}, ${sayLitres(water / count, manner)} per plant`,
  }
}
