import { index, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { number, object, string } from 'yup'
import {
  POST_MATERIALS,
  SUPPLY_KINDS,
  type PostMaterial,
  type Supply,
  type SupplyKind,
} from '../../core/facts'
import { id, idField, measure, orNull } from './fields'
import { gardenId } from './garden'
import { record } from './record'

/** What the shed holds: pieces, m or L as its kind is counted; length and across in m; see `Supply`. */
export const supply = sqliteTable(
  'supply',
  {
    id: id(),
    gardenId: gardenId(),
    kind: text().$type<SupplyKind>().notNull(),
    name: text().notNull(),
    quantity: real().notNull(),
    length: real(),
    across: real(),
    material: text().$type<PostMaterial>(),
    pack: real().notNull(),
    price: real(),
  },
  (table) => [index('supply_of_garden').on(table.gardenId)],
)

/** A line of the shed as it is kept. */
export const supplyRow = object({
  id: idField().required(),
  kind: string().required().oneOf(SUPPLY_KINDS),
  name: string().defined().max(120),
  quantity: measure(0, 1_000_000),
  length: orNull(number().min(0.01).max(100)),
  across: orNull(number().min(0.002).max(3)),
  material: string()
    .nullable()
    .defined()
    .oneOf([...POST_MATERIALS, null]),
  pack: measure(0.01, 1_000_000),
  price: orNull(number().min(0).max(10_000_000)),
}).noUnknown()

export const supplyRecord = record<Supply>({
  name: 'line of the shed',
  table: supply,
  row: supplyRow,
  most: 20_000,
  key: ['id'],
  order: [supply.kind, supply.length, supply.id],
  since: 4,
  versions: { 12: (line) => ({ ...line, across: null, material: null }) },
})
