import { AsyncLocalStorage } from 'node:async_hooks'
import type { Client } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { changeCount as changeCounts } from './change-count'
import { copyDatabase, type CopyReason } from './copy'
import { closeOpen, isInPlace, leave, openDatabase, type Open } from './opening'
import { patiently } from './patience'
import { DatabaseProblem } from './problem'

type Drizzle = LibSQLDatabase
/** What reads take: the database, or a transaction of it. */
export type Reader = Pick<Drizzle, 'select' | 'selectDistinct' | '$count'>
/** What writes take: only ever a transaction, see {@link write}. */
export type Writer = Parameters<Parameters<Drizzle['transaction']>[0]>[0]

/** A database in use; `turn`: how many this process had opened before it. */
type InUse = Open & { turn: number }

// Next loads modules more than once: what must be one in a process is kept where every copy finds it.
const shared = globalThis as unknown as {
  prairieDatabase?: Promise<InUse>
  prairieWrites?: Promise<unknown>
  prairieInsideWrite?: AsyncLocalStorage<true>
  prairieOpenings?: number
}
const insideWrite = (shared.prairieInsideWrite ??= new AsyncLocalStorage<true>())

const FULL = 2

function opened(anew = false): Promise<InUse> {
  shared.prairieDatabase ??= open(anew).catch((error: unknown) => {
    // Not remembered: the file may be mended, and the next request tries again.
    delete shared.prairieDatabase
    throw error
  })
  return shared.prairieDatabase
}

async function open(anew: boolean): Promise<InUse> {
  const found = await openDatabase(anew)
  const turn = shared.prairieOpenings ?? 0
  shared.prairieOpenings = turn + 1
  return { ...found, turn }
}

/** The open database, once it was seen that its file is still there. @throws DatabaseProblem `replaced` */
async function inPlace(): Promise<InUse> {
  const open = await opened()
  if (isInPlace(open)) return open
  // What is written to a file without a name is lost: the next request opens what lies there now.
  delete shared.prairieDatabase
  leave(open)
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
    const open = await inPlace()
    const result = await insideWrite.run(true, () => inFullSync(open, work, isChange))
    await open.catchUp()
    await inPlace()
    return result
  })
  shared.prairieWrites = turn.catch(() => undefined)
  return turn
}

/** Lets what else waits in this process go on: statements of one transaction follow each other without a pause. */
export const breathe = () => new Promise<void>((go) => setImmediate(go))

class NotFullSync extends Error {}

/** The line to a server was cut before a transaction was committed: it is undone there. */
class CutOff extends Error {}

/** `synchronous` belongs to a connection, and the pool hands out any: checked in each transaction itself. */
async function inFullSync<T>(open: Open, work: (tx: Writer) => Promise<T>, isChange: boolean): Promise<T> {
  return patiently(async () => {
    try {
      return await oneTransaction(open, work, isChange)
    } catch (error) {
      // What failed on a lock leaves its statement open on the connection, which then commits nothing.
      if (open.file && DatabaseProblem.within(error)?.kind === 'busy') await open.writer.reconnect()
      if (error instanceof NotFullSync) await open.writer.execute('PRAGMA synchronous = FULL')
      else if (!(error instanceof CutOff)) throw error
      return oneTransaction(open, work, isChange)
    }
  })
}

async function oneTransaction<T>(
  { writing, file, newest }: Open,
  work: (tx: Writer) => Promise<T>,
  isChange: boolean,
): Promise<T> {
  let isWhole = false
  const transaction = writing.transaction(
    async (tx) => {
      if (file) {
        const level = await tx.get<[number] | { synchronous: number }>(sql`PRAGMA synchronous`)
        if (Number(Array.isArray(level) ? level[0] : level?.synchronous) < FULL) throw new NotFullSync()
      }
      const result = await work(tx)
      if (isChange) {
        const [row] = await tx
          .insert(changeCounts)
          .values({ id: 1, count: 1, mark: NEW_MARK })
          .onConflictDoUpdate({
            target: changeCounts.id,
            set: { count: sql`${changeCounts.count} + 1`, mark: NEW_MARK },
          })
          .returning({ applied: NEWEST_APPLIED })
        requireKnown(row!, newest)
      }
      isWhole = true
      return result
    },
    { behavior: 'immediate' },
  )
  return transaction.catch((error: unknown) => {
    if (file || isWhole || DatabaseProblem.within(error)?.kind !== 'unreachable') throw error
    throw new CutOff('The line was cut.', { cause: error })
  })
}

const NEW_MARK = sql`lower(hex(randomblob(6)))`

/** The newest migration that the database has had. */
const NEWEST_APPLIED = sql<number>`(SELECT max(created_at) FROM __drizzle_migrations)`

/** A server of another version may have brought the database on since it was opened here. @throws DatabaseProblem `newer` */
function requireKnown({ applied }: { applied: number }, newest: number): void {
  if (Number(applied) > newest) throw new DatabaseProblem('newer')
}

/** A mark that is another after every write, by whichever process, and in another file. */
export async function changes(): Promise<string> {
  const { database, turn, newest } = await inPlace()
  const [row] = await database
    .select({ count: changeCounts.count, mark: changeCounts.mark, applied: NEWEST_APPLIED })
    .from(changeCounts)
  if (row) requireKnown(row, newest)
  return `${turn}.${row?.count ?? 0}.${row?.mark ?? ''}`
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
  if (open) await closeOpen(open)
}
