import { object } from 'yup'
import type { Manner } from '../../../core/facts'
import { quantityField } from '../../../wording/fields'

const MOST = 1_000_000

export const wateredSchema = (manner: Manner) =>
  object({ litres: quantityField('volume', manner, { low: 'more than nothing', high: MOST }) })
