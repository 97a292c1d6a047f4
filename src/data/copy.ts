import { readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { basename, dirname, join } from 'node:path'
import type { Client } from '@libsql/client'
import { databaseFile } from './locate'

const COPY_REASONS = ['before-update', 'before-import', 'before-removal', 'before-return'] as const
/** What a copy was made before. */
export type CopyReason = (typeof COPY_REASONS)[number]

/** A copy of the database beside it. */
export interface DatabaseCopy {
  /** The file's name in the folder of the database. */
  name: string
  reason: CopyReason
  /** When it was made, ISO 8601 UTC. */
  at: string
  bytes: number
}

/** Copies that are kept: the newest, and of each month the newest. */
const NEWEST_KEPT = 10

/**
 * Puts a whole copy of the database beside it, by `VACUUM INTO`, so that what is still in the write-ahead log is in it
 * too. It bears its name only once it is whole; older ones go, see {@link copiesKept}.
 *
 * @param reason goes into the file's name
 * @returns the copy's path, or null when the data are on a server
 */
export async function copyDatabase(
  client: Client,
  reason: CopyReason,
  now: Date = new Date(),
): Promise<string | null> {
  const file = databaseFile()
  if (file === null) return null
  const taken = new Set(readdirSync(dirname(file)))
  const stem = `${stemOf(file)}.${reason}-${now.toISOString().slice(0, 19).replaceAll(':', '')}`
  let name = `${stem}.db`
  for (let again = 2; taken.has(name); again++) name = `${stem}-${again}.db`
  const path = join(dirname(file), name)
  const making = `${path}.making`
  try {
    rmSync(making, { force: true })
    await client.execute({ sql: 'VACUUM INTO ?', args: [making] })
    renameSync(making, path)
  } catch (error) {
    rmSync(making, { force: true })
    throw error
  }
  const kept = copiesKept(copiesBeside(file))
  for (const { name } of copiesBeside(file))
    if (!kept.has(name)) rmSync(join(dirname(file), name), { force: true })
  return path
}

const stemOf = (file: string) => basename(file).replace(/\.db$/, '')

/** The copies beside a database file, the newest first. */
export function copiesBeside(file: string): DatabaseCopy[] {
  const pattern = new RegExp(
    String.raw`^${stemOf(file).replaceAll(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`)}\.(${COPY_REASONS.join('|')})-(\d{4}-\d\d-\d\d)T(\d\d)(\d\d)(\d\d)(?:-(\d+))?\.db$`,
  )
  const found = readdirSync(dirname(file)).flatMap((name): (DatabaseCopy & { again: number })[] => {
    const match = pattern.exec(name)
    if (!match) return []
    const [, reason, day, hour, minute, second, again] = match
    const { size } = statSync(join(dirname(file), name))
    if (size === 0) return []
    const at = `${day}T${hour}:${minute}:${second}Z`
    return [{ name, reason: reason as CopyReason, at, bytes: size, again: Number(again ?? 1) }]
  })
  return found
    .sort((a, b) => (a.at === b.at ? b.again - a.again : a.at < b.at ? 1 : -1))
    .map(({ again: _, ...copy }) => copy)
}

/** The names of the copies that stay: the ten newest, and the newest of every month. @param copies the newest first */
export function copiesKept(copies: readonly DatabaseCopy[]): Set<string> {
  const kept = new Set(copies.slice(0, NEWEST_KEPT).map(({ name }) => name))
  const months = new Set<string>()
  for (const { name, at } of copies) {
    const month = at.slice(0, 7)
    if (!months.has(month)) kept.add(name)
    months.add(month)
  }
  return kept
}
