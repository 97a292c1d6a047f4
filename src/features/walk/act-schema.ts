import { number, type AnySchema } from 'yup'
import type { Manner } from '../../core/facts'
import { quantityField, wholeField } from '../../wording/fields'
import type { ActField } from './types'

/** What a number of a stop may be, as it is typed. */
export function schemaOf(field: ActField, manner: Manner): AnySchema {
  const schema = schemaOfUnit(field, manner)
  return field.optional
    ? number()
        .nullable()
        .transform((_, typed: unknown) => (String(typed ?? '').trim() === '' ? null : schema.cast(typed)))
        .test('optional', '', function check(value) {
          if (value === null || value === undefined) return true
          return (
            schema.isValidSync(value) || this.createError({ message: 'A whole number, or leave it empty.' })
          )
        })
    : schema
}

function schemaOfUnit({ unit, label }: ActField, manner: Manner): AnySchema {
  switch (unit) {
    case 'whole':
      return wholeField(0, 100_000, `how many: ${label.toLowerCase()}`)
    case 'hours':
      return wholeHours()
    case 'length':
      return quantityField('length', manner, { low: 0, high: 1 })
    case 'temperature':
      return quantityField('temperature', manner, { low: -30, high: 60 })
    case 'mass':
      return quantityField('mass', manner, { low: 0.001, high: 1000 })
    case 'grams':
      return quantityField('mass', manner, { low: 0.0001, high: 1000, bareUnit: 'g' })
    case 'volume':
      return quantityField('volume', manner, { low: 0.02, high: 100_000 })
  }
}

function wholeHours() {
  const message = 'From 0 to 24 hours, please.'
  return number()
    .transform((_, typed: unknown) =>
      String(typed ?? '').trim() === ''
        ? NaN
        : Number(
            String(typed)
              .replace(',', '.')
              .replace(/\s*h(ours?)?$/, ''),
          ),
    )
    .typeError(message)
    .min(0, message)
    .max(24, message)
    .required(message)
}
