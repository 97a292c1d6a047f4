import { typedNumber } from '../../../wording/say'
import { object, type InferType, type NumberSchema } from 'yup'
import {
  COMPONENTS,
  mixBill,
  SETTLING,
  wetMassPerLitre,
  type Component,
  type MixLine,
} from '../../../core/containers'
import type { Manner } from '../../../core/facts'
import type { Sound } from '../../../wording/check-form'
import { decimalField, quantityField, wholeField } from '../../../wording/fields'
import { sayMass, sayNumber, sayVolume } from '../../../wording/say'

const MOST_LITRES = 100_000
const NOT_IN_POTS: Component = 'garden-soil'

/** Nothing typed is no part of it. */
const partField = () =>
  decimalField(0, 100).transform((value: number, typed: unknown) =>
    String(typed ?? '').trim() === '' ? 0 : value,
  )

export const pottingSchema = (manner: Manner) =>
  object({
    pot: quantityField('volume', manner, { low: 0.1, high: MOST_LITRES }),
    pots: wholeField(1, 10_000, 'how many pots'),
    bag: quantityField('volume', manner, { low: 1, high: 2000 }),
    parts: object(
      Object.fromEntries(COMPONENTS.map((component) => [component, partField()])) as Record<
        Component,
        NumberSchema<number>
      >,
    ),
  })

/** A recipe's parts as they are typed. */
export const typedParts = (parts: Partial<Record<Component, number>>, manner: Manner) =>
  Object.fromEntries(
    COMPONENTS.map((component) => [
      component,
      parts[component] === undefined ? '' : typedNumber(parts[component], manner),
    ]),
  ) as Record<Component, string>

export interface PottingMix {
  answer: string
  bill: readonly MixLine[]
  lines: string[]
  /** It holds what drowns roots in a pot. */
  packs: boolean
}

/** What a potting mix takes; null: something is not sound, or nothing has a part. */
export function pottingMix(
  mix: Sound<InferType<ReturnType<typeof pottingSchema>>>['all'],
  manner: Manner,
): PottingMix | null {
  if (!mix || COMPONENTS.every((component) => mix.parts[component] === 0)) return null
  const { pot, pots, bag, parts } = mix
  const bill = mixBill({ litres: pot, pots, parts, bag })
  const loose = bill.reduce((sum, { litres }) => sum + litres, 0)
  const wet = wetMassPerLitre(parts)
  const [sum, count] = [sayVolume(loose, manner), sayNumber(pots, manner, 0)]
  return {
    answer: `${sum} of loose mix for ${count} ${pots === 1 ? 'pot' : 'pots'}`,
    bill,
    lines: [
      `${count} ${pots === 1 ? 'pot' : 'pots'} × ${sayVolume(pot, manner)} ÷ (1 − ${sayNumber(SETTLING * 100, manner)} % settling) = ${sum}`,
      `Soaked, ${sayVolume(1, manner)} of it weighs ${sayMass(wet, manner)}, so a full pot about ${sayMass(wet * pot, manner)}`,
    ],
    packs: parts[NOT_IN_POTS] > 0,
  }
}
