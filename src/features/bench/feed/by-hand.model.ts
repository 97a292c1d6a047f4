import { object, type InferType } from 'yup'
import { CROPS, type Crop } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import { NUTRIENTS, totalDemand, type Nutrient } from '../../../core/feeding'
import { choiceField, quantityField, wholeField } from '../../../wording/fields'
import { sayMass, sayNumber } from '../../../wording/say'
import { inEither } from '../../../wording/either'

const NAMES: Record<Nutrient, string> = {
  n: 'nitrogen',
  p: 'phosphorus (P)',
  k: 'potassium (K)',
  ca: 'calcium',
  mg: 'magnesium',
}
const MOST_KG = 100

/** † Hoped for of a plant. */
export const usualFruit = (crop: Crop, manner: Manner): string =>
  crop === 'tomato' ? inEither(manner, '4 kg', '9 lb') : inEither(manner, '1.5 kg', '3 lb')

export const feedByHandSchema = (manner: Manner) =>
  object({
    crop: choiceField(CROPS, 'the crop'),
    plants: wholeField(1, 100_000, 'how many plants'),
    fruit: quantityField('mass', manner, { low: 'more than nothing', high: MOST_KG }),
  })

/** What a season's crop takes up. @returns `each`, g of nitrogen a plant for one of three feeds */
export function seasonsWant(
  { crop, plants, fruit }: InferType<ReturnType<typeof feedByHandSchema>>,
  manner: Manner,
) {
  const demand = totalDemand(crop, plants * fruit)
  const mass = (grams: number) => sayMass(grams / 1000, manner)
  const others = NUTRIENTS.slice(1).map((one) => `${mass(demand[one])} of ${NAMES[one]}`)
  const say = (value: number, digits?: number) => sayNumber(value, manner, digits)
  return {
    answer: `${mass(demand.n)} of nitrogen over the season`,
    more: `With it ${others.join(', ')}. Good soil gives much of it. A soil test tells how much.`,
    line: `${say(plants, 0)} plants × ${sayMass(fruit, manner)} × ${say(demand.n / (plants * fruit))} g of N per kg of fruit = ${say(demand.n)} g.`,
    each: demand.n / plants / 3,
  }
}
