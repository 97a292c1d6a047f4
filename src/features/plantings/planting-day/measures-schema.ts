import { object } from 'yup'
import type { Manner } from '../../../core/facts'
import { quantityField, wholeField } from '../../../wording/fields'

export const measuresSchema = (manner: Manner) =>
  object({
    height: quantityField('length', manner, { low: 0.03, high: 1.5 }),
    leaves: wholeField(1, 40, 'how many true leaves it has'),
    rootBall: quantityField('length', manner, { low: 0.02, high: 0.6 }),
    soilDepth: quantityField('length', manner, { low: 0.05, high: 2 }),
  })
