import { object, type InferType } from 'yup'
import type { Manner } from '../../../core/facts'
import { LAYINGS, plantDose, type Product } from '../../../core/feeding'
import { LAYING_NAMES } from '../../../wording/feed-schools'
import { choiceField, decimalField } from '../../../wording/fields'
import { sayLength, sayMass, sayNumber, sayVolume } from '../../../wording/say'

export const doseSchema = object({
  laying: choiceField(LAYINGS, 'where to put it'),
  /** g a plant. */
  nitrogen: decimalField(0.1, 200),
})

/** What a plant in a self-watering box takes in a season, g of nitrogen. */
export const BOX_NITROGEN = '10'

/** What one plant is given of a dry feed. @param plants that all are given it; null: not known */
export function doseOfPlant(
  product: Product,
  { laying, nitrogen }: InferType<typeof doseSchema>,
  plants: number | null,
  manner: Manner,
) {
  const { grams, millilitres, from, to, overLabel } = plantDose(product, laying, { wanted: nitrogen })
  const mass = (value: number) => sayMass(value / 1000, manner)
  const say = (value: number, digits?: number) => sayNumber(value, manner, digits)
  const all = plants === null ? '' : `, ${mass(grams * plants)} for all ${plants}`
  const where =
    laying === 'hole'
      ? `within ${sayLength(to, manner)} of the root ball`
      : `from ${sayLength(from, manner)} to ${sayLength(to, manner)} from the stem`
  return {
    each: `${mass(grams)} (${sayVolume(millilitres / 1000, manner)}) per plant`,
    where: `${all}, ${where}: ${LAYING_NAMES[laying].how}.`,
    overLabel,
    line: `${say(nitrogen)} g of N ÷ ${say(product.n)} % = ${say(grams, 0)} g; ÷ ${say(product.bulkDensity, 2)} g/mL = ${say(millilitres, 0)} mL.`,
    note:
      laying === 'band'
        ? 'In a self-watering box, ten grams of nitrogen last a plant the whole season, unless the box’s label says otherwise.'
        : 'Give meals and castings again after four to six weeks. Give liquid feed on moist soil every 7–14 days.',
  }
}
