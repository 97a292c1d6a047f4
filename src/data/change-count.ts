import { integer, sqliteTable } from 'drizzle-orm/sqlite-core'

/** One row: how many writes there have been. What is worked out from the data is as new as this number. */
export const changeCount = sqliteTable('change_count', {
  id: integer().primaryKey(),
  count: integer().notNull(),
})
