import { primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { object, string } from 'yup'
import type { SensorReading } from '../../core/watering'
import { date, idField, isoDateField, measure } from './fields'
import { place } from './place'
import { record } from './record'

/** What sensors read: water content, m³/m³; `at` in UTC, `on` the garden's own date then. */
export const moistureReading = sqliteTable(
  'moisture_reading',
  {
    placeId: text()
      .notNull()
      .references(() => place.id, { onDelete: 'cascade' }),
    at: text().notNull(),
    on: date().notNull(),
    content: real().notNull(),
  },
  (table) => [primaryKey({ columns: [table.placeId, table.at] })],
)

/** What a sensor read, as it is kept. */
const readingRow = object({
  placeId: idField().required(),
  at: string()
    .required()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/),
  on: isoDateField().required(),
  content: measure(0, 0.9),
}).noUnknown()

export const readingRecord = record<SensorReading>({
  name: 'reading',
  table: moistureReading,
  row: readingRow,
  most: 200_000,
  key: ['placeId', 'at'],
  owner: { field: 'placeId', table: place },
  references: { placeId: 'place' },
  order: [moistureReading.placeId, moistureReading.at],
  since: 6,
  versions: {},
})
