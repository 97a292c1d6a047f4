import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { PhotoType, SupplyKind } from '../core/facts'
import type { NitrogenForm, Release } from '../core/feeding'
import { date, gardenId, id, place } from './schema'

/** What the shed holds: pieces, m or L as its kind is counted; length in m; see `Supply`. */
export const supply = sqliteTable(
  'supply',
  {
    id: id(),
    gardenId: gardenId(),
    kind: text().$type<SupplyKind>().notNull(),
    name: text().notNull(),
    quantity: real().notNull(),
    length: real(),
    pack: real().notNull(),
    price: real(),
  },
  (table) => [index('supply_of_garden').on(table.gardenId)],
)

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

/** A sensor that may post readings of a place; only a hash of its secret is kept. */
export const device = sqliteTable(
  'device',
  {
    id: id(),
    gardenId: gardenId(),
    placeId: text()
      .notNull()
      .references(() => place.id, { onDelete: 'cascade' }),
    tokenHash: text().notNull().unique(),
  },
  (table) => [index('device_of_garden').on(table.gardenId)],
)

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

/** One row: the garden that every screen shows; without it, the first that was made. */
export const gardenAtWork = sqliteTable('garden_at_work', {
  id: integer().primaryKey(),
  gardenId: gardenId(),
})

/** A photo of a log entry; the picture itself lies beside the database, see `photos`. */
export const attachment = sqliteTable(
  'attachment',
  {
    id: id(),
    gardenId: gardenId(),
    entryId: text().notNull(),
    type: text().$type<PhotoType>().notNull(),
    bytes: integer().notNull(),
    width: integer().notNull(),
    height: integer().notNull(),
  },
  (table) => [index('attachment_of_entry').on(table.gardenId, table.entryId)],
)

/** Seasons put away: the log is closed through a day, the last one of the season. */
export const archivedSeason = sqliteTable(
  'archived_season',
  {
    gardenId: gardenId(),
    season: integer().notNull(),
    through: date().notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.season] })],
)
