import { integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'

/**
 * One row: how many writes there have been, and a mark that is another after each, also of a database that was put back
 * and written to as often. What is worked out from the data is as new as this.
 */
export const changeCount = sqliteTable('change_count', {
  id: integer().primaryKey(),
  count: integer().notNull(),
  mark: text().notNull().default(''),
})
