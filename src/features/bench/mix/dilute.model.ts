import { typedNumber } from '../../../wording/say'
import { object, type InferType } from 'yup'
import {
  doseFor,
  ecOfFeed,
  gramsIn,
  milligramsPerLitre,
  NITROGEN_FORMS,
  PPM_SCALES,
  SOLUTION,
  SOLUTION_PH,
  type NitrogenForm,
  type Product,
} from '../../../core/feeding'
import type { Manner } from '../../../core/facts'
import type { Sound } from '../../../wording/check-form'
import { sayDose } from '../../../wording/doses'
import { choiceField, decimalField, orNothing, quantityField } from '../../../wording/fields'
import { sayNumber, sayVolume } from '../../../wording/say'
import { inEither } from '../../../wording/either'

const MOST_LITRES = 100_000

/** What tells how salty a feed is. */
export const saltFields = {
  /** What its nitrogen is. */
  form: choiceField(NITROGEN_FORMS, 'what its nitrogen is'),
  /** mS/cm of a g/L by its label; empty: it gives none. */
  labelEc: orNothing(decimalField(0.1, 3)),
  /** Of the water, mS/cm. */
  source: decimalField(0, 20),
}

/** What a meter shows of so many g/L, in words. */
export function sayEc(
  grams: number,
  { form, labelEc, source }: { form: NitrogenForm | null; labelEc?: number | null; source: number },
  manner: Manner,
): string {
  const say = (value: number, digits?: number) => sayNumber(value, manner, digits)
  const ec = ecOfFeed(Math.min(100, grams), source, { form: form ?? 'mixed', label: labelEc ?? null })
  const scales = PPM_SCALES.map((scale) => `${say(ec * scale * 1000, 0)} ppm on the ${say(scale)} scale`)
  const by = labelEc === null || labelEc === undefined ? 'from its kind of nitrogen' : 'by its label'
  return `EC about ${say(ec)} mS/cm, ${by}; a meter shows ${scales.join(', ')}`
}

export const dilutionSchema = (manner: Manner) =>
  object({
    /** g or mL per liter. */
    rate: decimalField(0.001, 1000),
    water: quantityField('volume', manner, { low: 'more than nothing', high: MOST_LITRES }),
    /** %. */
    nitrogen: decimalField(0, 100),
    ...saltFields,
  })

export const usualSalt = (manner: Manner) => ({
  form: 'mixed' as NitrogenForm,
  labelEc: '',
  source: typedNumber(0.4, manner),
})

export const usualDilution = (manner: Manner) => ({
  rate: '2',
  water: inEither(manner, '10 L', '2 gal'),
  nitrogen: '12',
  ...usualSalt(manner),
})

/**
 * What goes into a can, and what the solution holds then; null: the rate or the water is not sound.
 *
 * @param feed null: by the numbers alone
 * @param strength share of the label's rate
 */
export function dilution(
  {
    rate,
    water,
    nitrogen,
    form,
    labelEc,
    source,
  }: Sound<InferType<ReturnType<typeof dilutionSchema>>>['values'],
  feed: Product | null,
  strength: number,
  manner: Manner,
): { answer: string; overLabel: boolean; lines: string[] } | null {
  if (rate === null || water === null) return null
  const say = (value: number, digits?: number) => sayNumber(value, manner, digits)
  const { amount, overLabel } = doseFor(rate, water, strength)
  const perLitre = amount / water
  // Of what the label measures in mL, the grams are by its density.
  const grams = perLitre * (feed ? gramsIn(feed) : 1)
  const unit = feed ? (feed.liquid ? 'mL' : 'g') : 'g or mL'
  const lines = [
    `${say(rate, 3)} per liter × ${say(strength, 2)} × ${say(water, 2)} L = ${say(amount)} ${unit}`,
  ]
  if (feed?.liquid)
    lines.push(`${say(perLitre, 2)} mL/L × ${say(feed.bulkDensity, 2)} g/mL = ${say(grams, 2)} g/L`)
  if (nitrogen !== null) {
    const mg = milligramsPerLitre(Math.min(1000, grams), nitrogen)
    lines.push(`${say(grams, 2)} g/L × ${say(nitrogen)} % × 10 = ${say(mg, 0)} mg/L of N`)
  }
  if (source !== null) {
    lines.push(sayEc(grams, { form, labelEc, source }, manner))
  }
  return { answer: `${sayDose(amount, feed, manner)} into ${sayVolume(water, manner)}`, overLabel, lines }
}

/** The strengths of nutrient solution that plants stand. */
export const solutionNote = (manner: Manner) => {
  const range = (values: readonly number[]) => values.map((value) => sayNumber(value, manner)).join('–')
  return `Nutrient solution: EC ${range(SOLUTION.seedling)} for seedlings, ${range(SOLUTION.growing)} growing, ${range(SOLUTION.fruiting)} in fruit; pH ${range(SOLUTION_PH)}. Feed on moist roots only.`
}
