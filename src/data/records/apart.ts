import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { Role } from '../../core/facts'
import { id } from './fields'
import { garden, gardenId } from './garden'
import { place } from './place'

/** What is kept and goes into no garden file. */

/** The secret address under which another calendar reads this garden's; at most one a garden. */
export const calendarFeed = sqliteTable('calendar_feed', {
  gardenId: text()
    .primaryKey()
    .references(() => garden.id, { onDelete: 'cascade' }),
  /** A hash of the secret, as that of a sensor. */
  tokenHash: text('token').notNull().unique(),
  /** The hour of the day at which a calendar reminds of each; null: it does not. */
  frostAt: integer(),
  waterAt: integer(),
  roundAt: integer(),
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

/** How many posts a sensor sent in a minute, counted from 1970. */
export const devicePosts = sqliteTable('device_posts', {
  deviceId: text()
    .primaryKey()
    .references(() => device.id, { onDelete: 'cascade' }),
  minute: integer().notNull(),
  posts: integer().notNull(),
})

/** One row: the garden that every screen shows; without it, the first that was made. */
export const gardenAtWork = sqliteTable('garden_at_work', {
  id: integer().primaryKey(),
  gardenId: gardenId(),
})

/** One row: the passphrase that opens this Prairie, as its hash, and the key that its cookies are sealed with. */
export const lock = sqliteTable('lock', {
  id: integer().primaryKey(),
  passphraseHash: text().notNull(),
  sealKey: text().notNull(),
})

/** Someone who gardens here; entries bear the name. `inviteHash` opens once, until `inviteUntil` (UTC). */
export const person = sqliteTable('person', {
  id: id(),
  name: text().notNull(),
  role: text().$type<Role>().notNull(),
  inviteHash: text().unique(),
  inviteUntil: text(),
})

/** Whose a place is when the round is shared out. */
export const placeShare = sqliteTable('place_share', {
  placeId: text()
    .primaryKey()
    .references(() => place.id, { onDelete: 'cascade' }),
  personId: text()
    .notNull()
    .references(() => person.id, { onDelete: 'cascade' }),
})

/** A phone or computer that signed in; its cookie names it. Times in UTC. Without a person it is a keeper's. */
export const signedIn = sqliteTable('signed_in', {
  id: id(),
  name: text().notNull(),
  since: text().notNull(),
  lastUsed: text().notNull(),
  personId: text().references(() => person.id, { onDelete: 'cascade' }),
})

/** Wrong tries to sign in from one address, or in all; `last` in UTC. */
export const signInTry = sqliteTable('sign_in_try', {
  address: text().primaryKey(),
  wrong: integer().notNull(),
  last: text().notNull(),
})
