import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Client } from '@libsql/client'
import type { LibSQLDatabase } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { copyDatabase } from './copy'
import { DatabaseProblem } from './problem'
import { hashOfSecret } from './secret'

const FOLDER = resolve('drizzle')

/** When each migration was made, oldest first: what the database notes of those it has had. */
function knownMigrations(): number[] {
  const journal = JSON.parse(readFileSync(resolve(FOLDER, 'meta/_journal.json'), 'utf8')) as {
    entries: { when: number }[]
  }
  return journal.entries.map(({ when }) => when)
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
 * Brings the database to this version, after a copy of a file that holds something. A database of a later
 * version is left as it is.
 *
 * @throws DatabaseProblem `newer`
 */
export async function migrateDatabase(
  client: Client,
  database: LibSQLDatabase<Record<string, unknown>>,
  isFile: boolean,
): Promise<void> {
  const applied = await newestApplied(client)
  const newest = knownMigrations().at(-1) ?? 0
  if (applied !== null && applied > newest) throw new DatabaseProblem('newer')
  if (isFile) await client.execute('PRAGMA journal_mode = WAL')
  if (applied === newest) return
  if (isFile && applied !== null) await copyDatabase(client, 'before-update')
  await migrate(database, { migrationsFolder: FOLDER })
  await hashSecrets(client)
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
