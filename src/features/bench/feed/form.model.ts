import { object, string } from 'yup'
import type { Manner } from '../../../core/facts'
import { doseFor, gramsIn, type FedProduct, type Product } from '../../../core/feeding'
import { choiceField, quantityField } from '../../../wording/fields'
import { sayDose, STRENGTHS } from '../../../wording/doses'
import { sayNumber } from '../../../wording/say'
import { sayLitres } from '../../../wording/watering'

const MOST_KG = 1000
const MOST_LITRES = 100_000

/** Shares of a label's rate that a place is given, as they are chosen. */
export const GIVEN_STRENGTHS = STRENGTHS.filter(({ share }) => share <= 1)

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
    into: `in ${sayLitres(water, manner)}, ${sayLitres(water / count, manner)} a plant`,
  }
}
