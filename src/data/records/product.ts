import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { boolean, number, object, string } from 'yup'
import { NITROGEN_FORMS, RELEASES, type NitrogenForm, type Product, type Release } from '../../core/feeding'
import { id, idField, measure, orNull } from './fields'
import { gardenId } from './garden'
import { record } from './record'

/** Feeds and amendments of a garden's own; see `Product`. */
export const product = sqliteTable(
  'product',
  {
    id: id(),
    gardenId: gardenId(),
    name: text().notNull(),
    n: real().notNull(),
    p2o5: real().notNull(),
    k2o: real().notNull(),
    nitrogen: text().$type<NitrogenForm>().notNull(),
    liquid: integer({ mode: 'boolean' }).notNull(),
    release: text().$type<Release>().notNull(),
    releaseDays: real(),
    bulkDensity: real().notNull(),
    labelRate: real(),
    labelPlant: real(),
    pack: real(),
    price: real(),
  },
  (table) => [index('product_of_garden').on(table.gardenId)],
)

/** A feed of the garden's own, as it is kept. */
export const productRow = object({
  id: idField().required(),
  name: string().required().max(80),
  n: measure(0, 100),
  p2o5: measure(0, 100),
  k2o: measure(0, 100),
  nitrogen: string().required().oneOf(NITROGEN_FORMS),
  liquid: boolean().required(),
  release: string().required().oneOf(RELEASES),
  releaseDays: orNull(number().min(1).max(1000)),
  bulkDensity: measure(0.05, 5),
  labelRate: orNull(number().min(0.001).max(1000)),
  labelPlant: orNull(number().min(0.001).max(100_000)),
  pack: orNull(number().min(0.1).max(10_000_000)),
  price: orNull(number().min(0).max(10_000_000)),
})
  .noUnknown()
  .test(
    'at-most-all',
    '${path} must hold at most 100 % together',
    (row) => (row.n ?? 0) + (row.p2o5 ?? 0) + (row.k2o ?? 0) <= 100,
  )

export const productRecord = record<Product>({
  name: 'feed',
  table: product,
  row: productRow,
  most: 5000,
  key: ['id'],
  order: [product.name, product.id],
  since: 6,
  versions: {},
})
