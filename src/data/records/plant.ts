import { index, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { object } from 'yup'
import type { PlantPosition } from '../../core/facts'
import { date, id, idField, isoDateField, measure, name, orNull } from './fields'
import { planting } from './planting'
import { record } from './record'

/** m from the south-west corner of the planting's place. */
export const plant = sqliteTable(
  'plant',
  {
    id: id(),
    plantingId: text()
      .notNull()
      .references(() => planting.id, { onDelete: 'cascade' }),
    label: text().notNull(),
    x: real().notNull(),
    y: real().notNull(),
    from: date(),
    to: date(),
  },
  (table) => [index('plant_of_planting').on(table.plantingId)],
)

/** A plant as it is kept. */
export const plantRow = object({
  id: idField().required(),
  plantingId: idField().required(),
  label: name(),
  x: measure(-1000, 1000),
  y: measure(-1000, 1000),
  from: orNull(isoDateField()),
  to: orNull(isoDateField()),
}).noUnknown()

export const plantRecord = record<PlantPosition>({
  name: 'plant',
  table: plant,
  row: plantRow,
  most: 100_000,
  key: ['id'],
  owner: { field: 'plantingId', table: planting },
  references: { plantingId: 'planting' },
  order: [plant.id],
  since: 1,
  versions: {},
})
