import { and, asc, desc, eq, gte, inArray, isNotNull, lt, ne, notInArray, or } from 'drizzle-orm'
import type { LogEntry } from '../core/log'
import type { Reader } from './database'
import { logEntry, toEntry } from './records/entry'

/** The entries about one subject, by index, oldest first; what takes one of them back is about it too. */
export async function entriesOfSubject(
  gardenId: string,
  { type, id }: LogEntry['subject'],
  from: Reader,
): Promise<LogEntry[]> {
  const rows = await from
    .select()
    .from(logEntry)
    .where(and(eq(logEntry.gardenId, gardenId), eq(logEntry.subjectType, type), eq(logEntry.subjectId, id)))
    .orderBy(asc(logEntry.on), asc(logEntry.id))
  return rows.map(toEntry)
}

export async function findEntry(gardenId: string, id: string, from: Reader): Promise<LogEntry | null> {
  const [row] = await from
    .select()
    .from(logEntry)
    .where(and(eq(logEntry.gardenId, gardenId), eq(logEntry.id, id)))
  return row ? toEntry(row) : null
}

/** The entries of some ids, of whichever garden. */
export async function findEntries(
  ids: readonly string[],
  from: Reader,
): Promise<{ gardenId: string; entry: LogEntry }[]> {
  const rows = await from
    .select()
    .from(logEntry)
    .where(inArray(logEntry.id, [...ids]))
  return rows.map((row) => ({ gardenId: row.gardenId, entry: toEntry(row) }))
}

/** Whether an entry was taken back. */
export async function isTaken(gardenId: string, id: string, from: Reader): Promise<boolean> {
  const rows = await from
    .select({ id: logEntry.id })
    .from(logEntry)
    .where(and(eq(logEntry.gardenId, gardenId), eq(logEntry.voids, id)))
  return rows.length > 0
}

/**
 * The entries that one act made and that are not taken back: they share their id up to a dot, so that they go together.
 */
export async function entriesOfAct(gardenId: string, id: string, from: Reader): Promise<LogEntry[]> {
  const [act] = id.split('.')
  const rows = await from
    .select()
    .from(logEntry)
    .where(
      and(
        eq(logEntry.gardenId, gardenId),
        // `/` comes next after the dot.
        or(eq(logEntry.id, act!), and(gte(logEntry.id, `${act}.`), lt(logEntry.id, `${act}/`))),
        ne(logEntry.kind, 'void'),
        notInArray(logEntry.id, takenIn(gardenId, from)),
      ),
    )
    .orderBy(asc(logEntry.id))
  return rows.map(toEntry)
}

/** The ids that are taken back. */
const takenIn = (gardenId: string, from: Reader) =>
  from
    .select({ id: logEntry.voids })
    .from(logEntry)
    .where(and(eq(logEntry.gardenId, gardenId), isNotNull(logEntry.voids)))

/** The entry made last of those that are not taken back; null: none. @param by only of those under this name */
export const lastEntered = async (
  gardenId: string,
  from: Reader,
  by: string | null = null,
): Promise<LogEntry | null> => (await lastEntries(gardenId, 1, from, by))[0] ?? null

/** The entries made last of those that are not taken back, the newest first. */
export async function lastEntries(
  gardenId: string,
  most: number,
  from: Reader,
  by: string | null = null,
): Promise<LogEntry[]> {
  const ofGarden = and(eq(logEntry.gardenId, gardenId), by === null ? undefined : eq(logEntry.by, by))
  const rows = await from
    .select()
    .from(logEntry)
    .where(and(ofGarden, ne(logEntry.kind, 'void'), notInArray(logEntry.id, takenIn(gardenId, from))))
    .orderBy(desc(logEntry.at), desc(logEntry.id))
    .limit(most)
  return rows.map(toEntry)
}
