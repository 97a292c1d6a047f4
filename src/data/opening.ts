import { chmodSync, existsSync, statSync } from 'node:fs'
import { createClient, type Client } from '@libsql/client'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { faultInFile } from './check-file'
import { copiesBeside } from './copy'
import { databaseFile, databaseUrl, replicaFile, serverUrl } from './locate'
import { migrateDatabase } from './migrate'
import { patiently } from './patience'
import { DatabaseProblem } from './problem'

/** A database in use. */
export interface Open {
  client: Client
  database: LibSQLDatabase
  /** For writes alone: its connections are thrown away when another process held the lock. */
  writer: Client
  writing: LibSQLDatabase
  /** The file that is open, by device and inode; null: the data are on a server. */
  file: { path: string; mark: string } | null
  /** When the newest migration was made that this process knew as it started. */
  newest: number
  /** What was written is read from here on. */
  catchUp: () => Promise<void>
}

/** The client itself waits so long for another process's lock, ms: it holds up the whole process meanwhile. */
const BUSY_TIMEOUT = 20
/** A server that says nothing for so long is not reached, ms. */
const SILENCE = 20_000
/** A copy that is read here is brought up to date so often, s. */
const CATCH_UP_EVERY = 1

/**
 * Asks a server. What begins anew is asked once more when the line is cut: one that lay idle may have been closed. What
 * goes on with a transaction is not, for it may have been carried out.
 */
async function askServer(request: Request): Promise<Response> {
  const again = request.clone()
  const ask = (asked: Request) => fetch(asked, { signal: AbortSignal.timeout(SILENCE) })
  return ask(request).catch(async (error: unknown) => {
    if (!(error instanceof TypeError) || (await again.clone().text()).startsWith('{"baton"')) throw error
    return ask(again)
  })
}
const clientOf = (url: string, more: { syncUrl?: string; syncInterval?: number } = {}) =>
  createClient({
    url,
    timeout: BUSY_TIMEOUT,
    fetch: askServer,
    authToken: process.env.DATABASE_AUTH_TOKEN,
    ...more,
  })
const drizzled = (client: Client) => drizzle(client, { casing: 'snake_case' })

/**
 * Opens the database, brought to this version.
 *
 * @param anew a file that is missing or empty is made, whatever lies beside it
 * @throws DatabaseProblem
 */
export async function openDatabase(anew: boolean): Promise<Open> {
  try {
    const path = databaseFile()
    return await (path === null ? openServer() : openFile(path, anew))
  } catch (error) {
    throw DatabaseProblem.from(error)
  }
}

async function openFile(path: string, anew: boolean): Promise<Open> {
  const isThere = existsSync(path) && statSync(path).size > 0
  if (!isThere && !anew && (existsSync(path) || copiesBeside(path).length > 0))
    throw new DatabaseProblem('missing')
  if (isThere) await requireSound(path)
  const client = clientOf(databaseUrl())
  const database = drizzled(client)
  const newest = await patiently(() => migrateDatabase(client, database, true))
  keepPrivate(path)
  const writer = clientOf(databaseUrl())
  const file = { path, mark: markOf(path)! }
  return { client, database, writer, writing: drizzled(writer), file, newest, catchUp: async () => undefined }
}

/** What is on a server is read there, or from a copy here that follows it; it is always written there. */
async function openServer(): Promise<Open> {
  const writer = clientOf(serverUrl()!)
  const writing = drizzled(writer)
  const newest = await patiently(() => migrateDatabase(writer, writing, false))
  const replica = replicaFile()
  const client =
    replica === null
      ? clientOf(serverUrl()!)
      : clientOf(replica, { syncUrl: serverUrl()!, syncInterval: CATCH_UP_EVERY })
  const catchUp = async () => {
    // What is written is written: if it cannot be fetched now, it comes with the next second's.
    if (replica !== null) await client.sync().catch(() => undefined)
  }
  await catchUp()
  return { client, database: drizzled(client), writer, writing, file: null, newest, catchUp }
}

/** @throws DatabaseProblem `broken` or `damaged` */
async function requireSound(path: string): Promise<void> {
  const fault = await faultInFile(path)
  if (fault === null || /SQLITE_BUSY|SQLITE_LOCKED/.test(fault)) return
  const error = new Error(fault)
  throw DatabaseProblem.within(error) ?? new DatabaseProblem('damaged', { cause: error })
}

/** Closes a database, with all that was written in its one file. */
export async function closeOpen(open: Open): Promise<void> {
  try {
    if (isInPlace(open) && open.file)
      // Someone else may be reading: then the last one to close brings it together.
      await open.client.execute('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => undefined)
  } finally {
    leave(open)
  }
}

/** Lets go of a database whose file went away. */
export function leave({ client, writer }: Open): void {
  client.close()
  writer.close()
}

/** Whether what is open is still what lies there. */
export const isInPlace = ({ file }: Open): boolean => file === null || markOf(file.path) === file.mark

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
