import { copyFileSync, existsSync, renameSync, rmSync, statSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import { underSameLock } from './access/lock'
import { faultInFile } from './check-file'
import { copiesBeside, type DatabaseCopy } from './copy'
import { closeDatabase, copyBefore, reader, startAnew, type Reader } from './database'
import { currentGarden } from './gardens'
import { databaseFile } from './locate'
import { lastEntries } from './log'
import type { LogEntry } from '../core/log'
import { plantRecord } from './records/plant'
import { DatabaseProblem, type ProblemKind } from './problem'
import { placeRecord } from './records/place'
import { cultivarRecord } from './records/cultivar'
import { plantingRecord } from './records/planting'

/** What there is to go back to, told without working anything out. */
export interface Rescue {
  /** Why the database cannot be used; null: it can. */
  problem: ProblemKind | null
  /** The file, with its size; null: the data are on a server, or it is gone. */
  file: { path: string; bytes: number } | null
  garden: { id: string; name: string } | null
  /** What was entered last and not undone, the newest first. */
  last: { entry: LogEntry; about: string }[]
  copies: DatabaseCopy[]
}

const MOST_ENTRIES = 8

/** The garden as far as it can be read, and the copies beside it. */
export async function rescueState(): Promise<Rescue> {
  const path = databaseFile()
  const there = path !== null && existsSync(path)
  const found: Rescue = {
    problem: null,
    file: there ? { path, bytes: statSync(path).size } : null,
    garden: null,
    last: [],
    copies: path === null ? [] : copiesBeside(path),
  }
  try {
    const db = await reader()
    const garden = await currentGarden(db)
    if (!garden) return found
    return {
      ...found,
      garden: { id: garden.id, name: garden.name },
      last: await lastOf(garden.id, db),
    }
  } catch (error) {
    return { ...found, problem: DatabaseProblem.from(error).kind }
  }
}

/** The entries made last, with the names of what they are about, as they stand in the database. */
async function lastOf(gardenId: string, db: Reader): Promise<Rescue['last']> {
  const names = new Map((await placeRecord.of(gardenId, db)).map(({ id, name }) => [id, name]))
  const cultivars = new Map((await cultivarRecord.of(gardenId, db)).map(({ id, name }) => [id, name]))
  const plantings = await plantingRecord.of(gardenId, db)
  for (const { id, placeId, cultivarId } of plantings)
    names.set(id, [names.get(placeId), cultivars.get(cultivarId)].filter(Boolean).join(', '))
  const plants = await plantRecord.of(gardenId, db)
  for (const { id, plantingId, label } of plants) names.set(id, `${names.get(plantingId)}, plant ${label}`)
  return (await lastEntries(gardenId, MOST_ENTRIES, db)).map((entry) => ({
    entry,
    about: names.get(entry.subject.id) ?? 'Garden',
  }))
}

/** The database file as it is; null: there is none. */
export const rawFile = (): Promise<Uint8Array<ArrayBuffer> | null> => {
  const path = databaseFile()
  return path === null
    ? Promise.resolve(null)
    : readFile(path).then(
        (bytes) => new Uint8Array(bytes),
        () => null,
      )
}

/** Looks the database through; null: it is sound, else what is wrong. */
export async function lookThrough(): Promise<string | null> {
  const path = databaseFile()
  return path === null ? null : faultInFile(path)
}

export type ReturnAnswer = 'returned' | 'no-such-copy' | 'damaged-copy'

/** Puts a copy in the database's place; what was there is kept beside it, as a copy where it is sound. */
export async function goBackTo(name: string): Promise<ReturnAnswer> {
  const path = databaseFile()
  const copy = path === null ? undefined : copiesBeside(path).find((one) => one.name === name)
  if (path === null || !copy) return 'no-such-copy'
  const from = join(dirname(path), copy.name)
  if ((await faultInFile(from)) !== null) return 'damaged-copy'
  // Taken first: a copy made now could push the oldest one out.
  const coming = `${path}.coming`
  copyFileSync(from, coming)
  try {
    await copyBefore('before-return').catch(() => null)
    await underSameLock(async () => {
      await closeDatabase()
      putAside(path)
      renameSync(coming, path)
    })
  } finally {
    rmSync(coming, { force: true })
  }
  await reader()
  return 'returned'
}

/** A file that is no longer used keeps lying beside, with what belongs to it. */
function putAside(path: string): void {
  const aside = `${path}.aside-${new Date().toISOString().slice(0, 19).replaceAll(':', '')}`
  for (const part of ['', '-wal', '-shm']) if (existsSync(path + part)) renameSync(path + part, aside + part)
}

/** Begins with an empty database where the file is missing, empty or cannot be used; what lies there is put aside. */
export async function beginAnew(): Promise<void> {
  const path = databaseFile()
  await underSameLock(async () => {
    await closeDatabase()
    if (path !== null) putAside(path)
    await startAnew()
  })
}
