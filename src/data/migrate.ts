import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Client } from '@libsql/client'
import type { LibSQLDatabase } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { v7 } from 'uuid'
import { copyDatabase } from './copy'
import { DatabaseProblem } from './problem'
import { hashOfSecret } from './secret'

const FOLDER = resolve('drizzle')

/** When the newest migration was made that this version has: what the database notes of those it has had. */
function newestKnown(): number {
  const journal = JSON.parse(readFileSync(resolve(FOLDER, 'meta/_journal.json'), 'utf8')) as {
    entries: { when: number }[]
  }
  return journal.entries.at(-1)?.when ?? 0
}

/** The newest migration that the database has had; null: none. */
async function newestApplied(client: Client): Promise<number | null> {
  const table = await client.execute("SELECT 1 FROM sqlite_master WHERE name = '__drizzle_migrations'")
  if (table.rows.length === 0) return null
  const newest = await client.execute('SELECT max(created_at) AS newest FROM __drizzle_migrations')
  const value = newest.rows[0]?.newest
  return value === null || value === undefined ? null : Number(value)
}

/**
 * Brings the database to this version, after a copy of a file that holds something. Of several that come at once, one
 * does it and the others wait. A database of a later version is left as it is.
 *
 * @returns when the newest migration was made
 * @throws DatabaseProblem `newer`
 */
export async function migrateDatabase(
  client: Client,
  database: LibSQLDatabase<Record<string, unknown>>,
  isFile: boolean,
): Promise<number> {
  const newest = newestKnown()
  const before = await newestApplied(client)
  if (before !== null && before > newest) throw new DatabaseProblem('newer')
  if (isFile) await client.execute('PRAGMA journal_mode = WAL')
  if (before === newest) return newest
  await underMigrationLock(client, async () => {
    const applied = await newestApplied(client)
    if (applied !== null && applied >= newest) return
    if (isFile && applied !== null) await copyDatabase(client, 'before-update')
    await migrate(database, { migrationsFolder: FOLDER })
    await hashSecrets(client)
  })
  return newest
}

/** This process, to others that want the same lock. */
const HOLDER = v7()
/** Who died while migrating holds the others up for so long, s. */
const LEASE = 60
/** Another's turn is awaited in steps of this, ms. */
const STEP = 100

/** One at a time, whoever shares the database; the time is its own, whatever the clocks of the others say. */
async function underMigrationLock(client: Client, work: () => Promise<void>): Promise<void> {
  await client.execute(
    'CREATE TABLE IF NOT EXISTS migration_lock (id integer PRIMARY KEY, holder text NOT NULL, until integer NOT NULL)',
  )
  while (!(await takeLock(client))) await new Promise((wait) => setTimeout(wait, STEP))
  try {
    await work()
  } finally {
    await client.execute({ sql: 'DELETE FROM migration_lock WHERE holder = ?', args: [HOLDER] })
  }
}

async function takeLock(client: Client): Promise<boolean> {
  const { rows } = await client.execute({
    sql: `INSERT INTO migration_lock VALUES (1, ?, unixepoch() + ?) ON CONFLICT (id) DO UPDATE
      SET holder = excluded.holder, until = excluded.until
      WHERE until < unixepoch() OR holder = excluded.holder RETURNING holder`,
    args: [HOLDER, LEASE],
  })
  return rows.length > 0
}

/** Of the calendar's secret only a hash is kept since the fifteenth migration: one that is there in full is hashed. */
export async function hashSecrets(client: Client): Promise<void> {
  const { rows } = await client.execute('SELECT token FROM calendar_feed WHERE length(token) < 64')
  for (const { token } of rows)
    await client.execute({
      sql: 'UPDATE calendar_feed SET token = ? WHERE token = ?',
      args: [hashOfSecret(String(token)), token!],
    })
}
