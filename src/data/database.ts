import { AsyncLocalStorage } from 'node:async_hooks'
import { createClient, type Client } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { copyDatabase } from './copy'
import { databaseFile, databaseUrl } from './locate'
import { migrateDatabase } from './migrate'
import { DatabaseProblem } from './problem'
import * as schema from './schema'

type Drizzle = LibSQLDatabase<typeof schema>
/** What reads take: the database, or a transaction of it. */
export type Reader = Pick<Drizzle, 'select' | 'selectDistinct' | '$count'>
/** What writes take: only ever a transaction, see {@link write}. */
export type Writer = Parameters<Parameters<Drizzle['transaction']>[0]>[0]

interface Open {
  client: Client
  database: Drizzle
}

// Next loads modules more than once: the connection is kept where every copy finds it.
const shared = globalThis as unknown as { prairieDatabase?: Promise<Open>; prairieWrites?: Promise<unknown> }

/** Waits this long for another process's write, ms. */
const BUSY_TIMEOUT = 5000
const FULL = 2

async function open(): Promise<Open> {
  const url = databaseUrl()
  try {
    const isFile = databaseFile(url) !== null
    const client = createClient({ url, timeout: BUSY_TIMEOUT, authToken: process.env.DATABASE_AUTH_TOKEN })
    const database = drizzle(client, { schema, casing: 'snake_case' })
    await migrateDatabase(client, database, isFile)
    return { client, database }
  } catch (error) {
    throw DatabaseProblem.from(error)
  }
}

function opened(): Promise<Open> {
  shared.prairieDatabase ??= open().catch((error: unknown) => {
    // Not remembered: the file may be mended, and the next request tries again.
    delete shared.prairieDatabase
    throw error
  })
  return shared.prairieDatabase
}

/** The database to read from, migrated. @throws DatabaseProblem when it cannot be used */
export async function reader(): Promise<Reader> {
  return (await opened()).database
}

const insideWrite = new AsyncLocalStorage<true>()

/**
 * Runs one write transaction after every earlier one, and answers when it is durable.
 * libSQL blocks the whole process while two writers contend, so writes stand in one line here.
 */
export function write<T>(work: (tx: Writer) => Promise<T>): Promise<T> {
  if (insideWrite.getStore()) throw new Error('A write inside a write would wait for itself.')
  const turn = (shared.prairieWrites ?? Promise.resolve()).then(async () => {
    const { client, database } = await opened()
    return insideWrite.run(true, () => inFullSync(client, database, work))
  })
  shared.prairieWrites = turn.catch(() => undefined)
  return turn
}

const RETRIES = 5
class NotFullSync extends Error {}

/** `synchronous` belongs to a connection, and the pool hands out any: checked in each transaction itself. */
async function inFullSync<T>(
  client: Client,
  database: Drizzle,
  work: (tx: Writer) => Promise<T>,
): Promise<T> {
  for (let attempt = 1; ; attempt++) {
    try {
      return await database.transaction(
        async (tx) => {
          if (client.protocol === 'file') {
            const level = await tx.get<[number] | { synchronous: number }>(sql`PRAGMA synchronous`)
            if (Number(Array.isArray(level) ? level[0] : level?.synchronous) < FULL) throw new NotFullSync()
          }
          const result = await work(tx)
          await tx
            .insert(schema.changeCount)
            .values({ id: 1, count: 1 })
            .onConflictDoUpdate({
              target: schema.changeCount.id,
              set: { count: sql`${schema.changeCount.count} + 1` },
            })
          return result
        },
        { behavior: 'immediate' },
      )
    } catch (error) {
      if (!(error instanceof NotFullSync) || attempt === RETRIES) throw error
      await client.execute('PRAGMA synchronous = FULL')
    }
  }
}

/** How many writes there have been, by whichever process. */
export async function changes(): Promise<number> {
  const [row] = await (await reader()).select().from(schema.changeCount)
  return row?.count ?? 0
}

/** Puts a whole copy of the database beside it. */
export async function copyBefore(why: Parameters<typeof copyDatabase>[1]): Promise<string | null> {
  return copyDatabase((await opened()).client, why)
}

/** The settings really in force on a connection, for tests and for the garden page. */
export async function settingsInForce(): Promise<Record<string, number | string>> {
  const { client } = await opened()
  const settings: Record<string, number | string> = {}
  for (const name of ['journal_mode', 'synchronous', 'foreign_keys', 'busy_timeout']) {
    const row = (await client.execute(`PRAGMA ${name}`)).rows[0]
    settings[name] = row?.[0] as number | string
  }
  return settings
}

/** Closes the database; the next use opens it again. */
export async function closeDatabase(): Promise<void> {
  const open = shared.prairieDatabase
  delete shared.prairieDatabase
  await shared.prairieWrites
  ;(await open?.catch(() => undefined))?.client.close()
}
