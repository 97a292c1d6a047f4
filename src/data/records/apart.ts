import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { id } from './fields'
import { garden, gardenId } from './garden'
import { place } from './place'

/** What is kept and goes into no garden file. */

/** The secret address under which another calendar reads this garden's; at most one a garden. */
export const calendarFeed = sqliteTable('calendar_feed', {
  gardenId: text()
    .primaryKey()
    .references(() => garden.id, { onDelete: 'cascade' }),
  token: text().notNull().unique(),
})

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

/** One row: the garden that every screen shows; without it, the first that was made. */
export const gardenAtWork = sqliteTable('garden_at_work', {
  id: integer().primaryKey(),
  gardenId: gardenId(),
})
