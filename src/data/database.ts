import { AsyncLocalStorage } from 'node:async_hooks'
import { chmodSync, existsSync, statSync } from 'node:fs'
import { createClient, type Client } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { faultInFile } from './check-file'
import { copiesBeside, copyDatabase, type CopyReason } from './copy'
import { databaseFile, databaseUrl } from './locate'
import { migrateDatabase } from './migrate'
import { DatabaseProblem } from './problem'
import { changeCount as changeCounts } from './change-count'

type Drizzle = LibSQLDatabase
/** What reads take: the database, or a transaction of it. */
export type Reader = Pick<Drizzle, 'select' | 'selectDistinct' | '$count'>
/** What writes take: only ever a transaction, see {@link write}. */
export type Writer = Parameters<Parameters<Drizzle['transaction']>[0]>[0]

interface Open {
  client: Client
  database: Drizzle
  /** For writes alone: its connections are thrown away when another process held the lock. */
  writer: Client
  writing: Drizzle
  /** The file that is open, by device and inode; null: the data are on a server. */
  file: { path: string; mark: string } | null
  /** How many databases this process had opened before it. */
  turn: number
}

// Next loads modules more than once: what must be one in a process is kept where every copy finds it.
const shared = globalThis as unknown as {
  prairieDatabase?: Promise<Open>
  prairieWrites?: Promise<unknown>
  prairieInsideWrite?: AsyncLocalStorage<true>
  prairieOpenings?: number
}
const insideWrite = (shared.prairieInsideWrite ??= new AsyncLocalStorage<true>())

/** The client itself waits so long for another process's lock, ms: it holds up the whole process meanwhile. */
const BUSY_TIMEOUT = 20
/** A write is tried again for so long, ms, while others are served. */
const PATIENCE = 5000
const FULL = 2

/** @param anew a file that is missing or empty is made, whatever lies beside it */
async function open(anew: boolean): Promise<Open> {
  const url = databaseUrl()
  try {
    const path = databaseFile(url)
    const isThere = path !== null && existsSync(path) && statSync(path).size > 0
    if (path !== null && !isThere && !anew && (existsSync(path) || copiesBeside(path).length > 0))
      throw new DatabaseProblem('missing')
    if (isThere) await requireSound(path)
    const client = createClient({ url, timeout: BUSY_TIMEOUT, authToken: process.env.DATABASE_AUTH_TOKEN })
    const database = drizzle(client, { casing: 'snake_case' })
    await patiently(() => migrateDatabase(client, database, path !== null))
    if (path !== null) keepPrivate(path)
    const writer =
      path === null
        ? client
        : createClient({ url, timeout: BUSY_TIMEOUT, authToken: process.env.DATABASE_AUTH_TOKEN })
    const writing = drizzle(writer, { casing: 'snake_case' })
    const file = path === null ? null : { path, mark: markOf(path)! }
    const turn = shared.prairieOpenings ?? 0
    shared.prairieOpenings = turn + 1
    return { client, database, writer, writing, file, turn }
  } catch (error) {
    throw DatabaseProblem.from(error)
  }
}

/** @throws DatabaseProblem `broken` or `damaged` */
async function requireSound(path: string): Promise<void> {
  const fault = await faultInFile(path)
  if (fault === null || /SQLITE_BUSY|SQLITE_LOCKED/.test(fault)) return
  const error = new Error(fault)
  throw DatabaseProblem.within(error) ?? new DatabaseProblem('damaged', { cause: error })
}

function close({ client, writer }: Open): void {
  client.close()
  if (writer !== client) writer.close()
}

/** What tells a file from another that takes its place; null: it is gone. */
function markOf(path: string): string | null {
  const found = statSync(path, { throwIfNoEntry: false })
  return found ? `${found.dev}:${found.ino}` : null
}

/** The database is its owner's alone. */
function keepPrivate(path: string): void {
  for (const part of ['', '-wal', '-shm'])
    try {
      chmodSync(path + part, 0o600)
    } catch {
      // It is another's file, or there is none: then it stays as it is.
    }
}

function opened(anew = false): Promise<Open> {
  shared.prairieDatabase ??= open(anew).catch((error: unknown) => {
    // Not remembered: the file may be mended, and the next request tries again.
    delete shared.prairieDatabase
    throw error
  })
  return shared.prairieDatabase
}

/** The open database, once it was seen that its file is still there. @throws DatabaseProblem `replaced` */
async function inPlace(): Promise<Open> {
  const open = await opened()
  if (open.file === null || markOf(open.file.path) === open.file.mark) return open
  // What is written to a file without a name is lost: the next request opens what lies there now.
  delete shared.prairieDatabase
  close(open)
  throw new DatabaseProblem('replaced')
}

/** The database to read from, migrated. @throws DatabaseProblem when it cannot be used */
export async function reader(): Promise<Reader> {
  return (await inPlace()).database
}

/** Makes the database where its file is missing or empty, though copies of it may lie beside. */
export async function startAnew(): Promise<void> {
  await opened(true)
}

/** Reads that belong together: as the database was at one moment, whatever is written meanwhile. */
export async function readTogether<T>(work: (db: Reader) => Promise<T>): Promise<T> {
  const { client } = await inPlace()
  const tx = await client.transaction('deferred')
  try {
    // Drizzle begins only writing transactions: it is given this one as if it were the client.
    const within = { execute: (statement: string) => tx.execute(statement) } as unknown as Client
    return await work(drizzle(within, { casing: 'snake_case' }))
  } finally {
    tx.close()
  }
}

/**
 * Runs one write transaction after every earlier one, and answers when it is durable.
 * libSQL blocks the whole process while two writers contend, so writes stand in one line here.
 */
export function write<T>(work: (tx: Writer) => Promise<T>): Promise<T> {
  return inLine(work, true)
}

/** A write that changes nothing that a garden's screens show: what they worked out stays good. */
export function writeApart<T>(work: (tx: Writer) => Promise<T>): Promise<T> {
  return inLine(work, false)
}

function inLine<T>(work: (tx: Writer) => Promise<T>, isChange: boolean): Promise<T> {
  if (insideWrite.getStore()) throw new Error('A write inside a write would wait for itself.')
  const turn = (shared.prairieWrites ?? Promise.resolve()).then(async () => {
    const { writer, writing } = await inPlace()
    const result = await insideWrite.run(true, () => inFullSync(writer, writing, work, isChange))
    await inPlace()
    return result
  })
  shared.prairieWrites = turn.catch(() => undefined)
  return turn
}

/** Lets what else waits in this process go on: statements of one transaction follow each other without a pause. */
export const breathe = () => new Promise<void>((go) => setImmediate(go))

class NotFullSync extends Error {}

/** `synchronous` belongs to a connection, and the pool hands out any: checked in each transaction itself. */
async function inFullSync<T>(
  client: Client,
  database: Drizzle,
  work: (tx: Writer) => Promise<T>,
  isChange: boolean,
): Promise<T> {
  return patiently(async () => {
    try {
      return await oneTransaction(client, database, work, isChange)
    } catch (error) {
      // What failed on a lock leaves its statement open on the connection, which then commits nothing.
      if (DatabaseProblem.within(error)?.kind === 'busy') await client.reconnect()
      if (!(error instanceof NotFullSync)) throw error
      await client.execute('PRAGMA synchronous = FULL')
      return oneTransaction(client, database, work, isChange)
    }
  })
}

function oneTransaction<T>(
  client: Client,
  database: Drizzle,
  work: (tx: Writer) => Promise<T>,
  isChange: boolean,
): Promise<T> {
  return database.transaction(
    async (tx) => {
      if (client.protocol === 'file') {
        const level = await tx.get<[number] | { synchronous: number }>(sql`PRAGMA synchronous`)
        if (Number(Array.isArray(level) ? level[0] : level?.synchronous) < FULL) throw new NotFullSync()
      }
      const result = await work(tx)
      if (isChange)
        await tx
          .insert(changeCounts)
          .values({ id: 1, count: 1 })
          .onConflictDoUpdate({
            target: changeCounts.id,
            set: { count: sql`${changeCounts.count} + 1` },
          })
      return result
    },
    { behavior: 'immediate' },
  )
}

/** Tries again while another process holds the lock; others are served meanwhile. */
async function patiently<T>(work: () => Promise<T>): Promise<T> {
  const until = Date.now() + PATIENCE
  for (;;)
    try {
      return await work()
    } catch (error) {
      if (DatabaseProblem.within(error)?.kind !== 'busy' || Date.now() > until) throw error
      await new Promise((wait) => setTimeout(wait, 60))
    }
}

/** A mark that is another after every write, by whichever process, and in another file. */
export async function changes(): Promise<string> {
  const { database, turn } = await inPlace()
  return `${turn}.${await changeCount(database)}`
}

/** How many changes were written. */
export async function changeCount(db: Reader): Promise<number> {
  const [row] = await db.select().from(changeCounts)
  return row?.count ?? 0
}

/** How many changes there are when the one under way is written. */
export const changesWith = async (tx: Writer) => (await changeCount(tx)) + 1

/** Puts a whole copy of the database beside it. */
export async function copyBefore(reason: CopyReason): Promise<string | null> {
  return copyDatabase((await inPlace()).client, reason)
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

/** Closes the database, with all that was written in its one file; the next use opens it again. */
export async function closeDatabase(): Promise<void> {
  const opening = shared.prairieDatabase
  delete shared.prairieDatabase
  await shared.prairieWrites
  const open = await opening?.catch(() => undefined)
  if (!open) return
  try {
    if (open.file && markOf(open.file.path) === open.file.mark)
      // Someone else may be reading: then the last one to close brings it together.
      await open.client.execute('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => undefined)
  } finally {
    close(open)
  }
}
