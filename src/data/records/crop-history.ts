import { integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { object } from 'yup'
import { SEASON_BOUNDS } from '../../core/bounds'
import { idField, measure, name } from './fields'
import { place } from './place'
import { record } from './record'

export const cropHistory = sqliteTable(
  'crop_history',
  {
    placeId: text()
      .notNull()
      .references(() => place.id, { onDelete: 'cascade' }),
    year: integer().notNull(),
    family: text().notNull(),
  },
  (table) => [primaryKey({ columns: [table.placeId, table.year, table.family] })],
)

/** A family that stood in a place, as it is kept. */
const cropRow = object({
  placeId: idField().required(),
  year: measure(...SEASON_BOUNDS).integer(),
  family: name(),
}).noUnknown()

export const cropRecord = record<typeof cropHistory.$inferSelect>({
  name: 'crop of an earlier year',
  table: cropHistory,
  row: cropRow,
  most: 20_000,
  key: ['placeId', 'year', 'family'],
  owner: { field: 'placeId', table: place },
  references: { placeId: 'place' },
  order: [cropHistory.placeId, cropHistory.year],
  since: 1,
  versions: {},
})
