import { object, type AnyObjectSchema } from 'yup'
import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { dayField, noteField, orNothing, quantityField, wholeField } from '../../wording/fields'
import type { CorrectField } from './correctable'

/** What can be true of each measure. */
const BOUNDS = {
  length: { low: 0, high: 10 },
  temperature: { low: -30, high: 60 },
  mass: { low: 0, high: 1000 },
  volume: { low: 0.01, high: 1_000_000 },
  area: { low: 0, high: 1_000_000 },
  duration: { low: 0, high: 86_400 },
} as const

const numberOf = ({ unit, label }: CorrectField, manner: Manner) =>
  unit === 'whole' ? wholeField(0, 1_000_000, label.toLowerCase()) : quantityField(unit, manner, BOUNDS[unit])

/** An entry typed again: its day, its numbers, its note. */
export const correctSchema = (
  fields: readonly CorrectField[],
  manner: Manner,
  now: IsoDate,
): AnyObjectSchema =>
  object({
    on: dayField(manner, now),
    ...Object.fromEntries(
      fields.map((field) => {
        const number = numberOf(field, manner)
        return [field.name, field.optional ? orNothing(number as Parameters<typeof orNothing>[0]) : number]
      }),
    ),
    note: noteField(),
  })
