import { object, type InferType } from 'yup'
import { injectorStock } from '../../../core/feeding'
import type { Manner } from '../../../core/facts'
import type { Sound } from '../../../wording/check-form'
import { decimalField } from '../../../wording/fields'
import { sayNumber } from '../../../wording/say'
import { saltFields, sayEc, usualSalt } from './dilute.model'

export const injectorSchema = object({
  /** mg/L. */
  outlet: decimalField(1, 5000),
  ratio: decimalField(1, 10_000),
  /** %. */
  nitrogen: decimalField(0.1, 100),
  /** L. */
  tank: decimalField(0.1, 100_000),
  ...saltFields,
})
export const usualInjector = (manner: Manner) => ({
  outlet: '150',
  ratio: '100',
  nitrogen: '20',
  tank: '20',
  ...usualSalt(manner),
})

/** g per liter. */
const MOST_DISSOLVED = 300

export const dissolvingNote = (manner: Manner) =>
  `Check the setting by the EC at the outlet, less the water’s own. More than about ${sayNumber(MOST_DISSOLVED, manner)} g/L hardly dissolves.`

/** What a liter of stock holds; null: one of the three that it follows from is not sound. */
export function injection(
  { outlet, ratio, nitrogen, tank, form, labelEc, source }: Sound<InferType<typeof injectorSchema>>['values'],
  manner: Manner,
): { answer: string; lines: string[] } | null {
  if (outlet === null || ratio === null || nitrogen === null) return null
  const stock = injectorStock({ target: outlet, ratio, nitrogen })
  const say = (value: number, digits?: number) => sayNumber(value, manner, digits)
  const lines = [`${say(outlet)} mg/L × ${say(ratio)} ÷ (${say(nitrogen)} % × 10) = ${say(stock)} g/L`]
  if (tank !== null)
    lines.push(
      `${say(stock)} g/L × ${say(tank)} L = ${say((stock * tank) / 1000, 2)} kg for the tank, enough for ${say((tank * ratio) / 1000)} m³ of feed`,
    )
  if (source !== null) lines.push(`At the outlet: ${sayEc(stock / ratio, { form, labelEc, source }, manner)}`)
  return { answer: `${say(stock)} g per liter of stock`, lines }
}
