import type { Manner } from '../../../core/facts'
import { typedNumber } from '../../../wording/say'
import { boolean, object, type AnyObjectSchema } from 'yup'
import { NITROGEN_FORMS, RELEASES, type Product } from '../../../core/feeding'
import { choiceField, decimalField, nameField, orNothing } from '../../../wording/fields'

const MEASURES = ['n', 'p2o5', 'k2o', 'bulkDensity'] as const
const MAYBE = ['releaseDays', 'labelRate', 'labelPlant', 'pack', 'price'] as const

/** A feed as it is typed. */
export type ProductValues = Record<
  'name' | 'nitrogen' | 'release' | (typeof MEASURES)[number] | (typeof MAYBE)[number],
  string
> & { liquid: boolean }

/** What is typed of a feed's label. */
export const productSchema: AnyObjectSchema = object({
  name: nameField('it'),
  n: decimalField(0, 100),
  p2o5: decimalField(0, 100),
  k2o: decimalField(0, 100),
  nitrogen: choiceField(NITROGEN_FORMS, 'what its nitrogen is'),
  liquid: boolean().required(),
  release: choiceField(RELEASES, 'how it comes free'),
  releaseDays: orNothing(decimalField(1, 1000)),
  bulkDensity: decimalField(0.1, 5),
  labelRate: orNothing(decimalField(0.1, 1000)),
  labelPlant: orNothing(decimalField(0.1, 100_000)),
  pack: orNothing(decimalField(0.1, 10_000_000)),
  price: orNothing(decimalField(0, 10_000_000)),
})
  .test('at-most-all', '', function check({ n, p2o5, k2o }) {
    const sum = n + p2o5 + k2o
    return (
      sum <= 100 || this.createError({ path: 'k2o', message: `Together ${sum} %. It cannot be over 100 %.` })
    )
  })
  .test('coated-days', '', function check({ release, releaseDays }) {
    return release !== 'coated' || releaseDays !== null
      ? true
      : this.createError({ path: 'releaseDays', message: 'Enter the days that a coated feed’s label gives.' })
  })

/** A feed as its form starts. */
export const typedProduct = (product: Product | null, manner: Manner): ProductValues => ({
  name: product?.name ?? '',
  nitrogen: product?.nitrogen ?? 'mixed',
  release: product?.release ?? 'soluble',
  liquid: product?.liquid ?? false,
  ...(Object.fromEntries(
    [...MEASURES, ...MAYBE].map((key) => {
      const value = product?.[key] ?? (key === 'bulkDensity' ? 1 : null)
      return [key, value === null ? '' : typedNumber(value, manner)]
    }),
  ) as Record<(typeof MEASURES)[number] | (typeof MAYBE)[number], string>),
})
