import { object } from 'yup'
import type { Manner } from '../../core/facts'
import { quantityField } from '../../wording/fields'

export const soilReadingSchema = (manner: Manner) =>
  object({
    temperature: quantityField('temperature', manner, { low: -30, high: 60 }),
    depth: quantityField('length', manner, { low: 0, high: 1 }),
  })
