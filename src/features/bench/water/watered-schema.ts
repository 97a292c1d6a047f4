import { object } from 'yup'
import type { Manner } from '../../../core/facts'
import { quantityField, shareField } from '../../../wording/fields'

const MOST = 1_000_000

export const wateredSchema = (manner: Manner) =>
  object({ litres: quantityField('volume', manner, { low: 'more than nothing', high: MOST }) })

/** Of the soil's volume. */
export const meterSchema = object({
  content: shareField('what the meter shows', 0.9),
})
