import { link, mkdir, open, readdir, readFile, rename, rm, stat } from 'node:fs/promises'
import { basename, dirname, join, resolve } from 'node:path'
import { createClient } from '@libsql/client'
import { and, asc, eq } from 'drizzle-orm'
import { v7 } from 'uuid'
import { reader, write, type Reader, type Writer } from './database'
import { currentGarden } from './gardens'
import { databaseFile } from './locate'
import { copiesBeside } from './copy'
import { findEntry } from './log'
import { photoName, type Photo } from './photo-content'
import { attachment, photoRecord } from './records/photo'
import { withoutGarden } from './records/record'

/** How many photos one entry has. */
const MOST_PHOTOS = 12

/** Photos lie in a folder beside the database file; with the data on a server, in `data/photos`. */
function folder(): string {
  const file = databaseFile()
  return file === null ? resolve('data/photos') : `${file.replace(/\.db$/, '')}.photos`
}
const pathOf = (photo: Pick<Photo, 'id' | 'type'>) => resolve(folder(), photoName(photo))

/** Writes a picture that is not there yet so that it is there after a crash. */
async function storePicture(path: string, content: Uint8Array): Promise<void> {
  await mkdir(dirname(path), { recursive: true, mode: 0o700 })
  // Never over another one.
  const file = await open(path, 'wx', 0o600)
  try {
    await file.writeFile(content)
    await file.sync()
  } catch (error) {
    await file.close()
    await rm(path, { force: true })
    throw error
  }
  await file.close()
  await syncFolder(dirname(path))
}

/** A file's name is durable only when its folder is. */
async function syncFolder(path: string): Promise<void> {
  const handle = await open(path, 'r')
  try {
    await handle.sync()
  } finally {
    await handle.close()
  }
}

const ASIDE = '.aside-'

/** Pictures that were laid aside: moved into their place, or taken away. */
export interface LaidAside {
  settle: () => Promise<void>
  discard: () => Promise<void>
}

/** Writes pictures into a folder beside their place: durable, and not yet theirs. */
export async function layPicturesAside(
  pictures: readonly { photo: Pick<Photo, 'id' | 'type'>; content: Uint8Array }[],
): Promise<LaidAside> {
  const aside = `${folder()}${ASIDE}${v7()}`
  const discard = () => rm(aside, { recursive: true, force: true })
  try {
    for (const { photo, content } of pictures) await storePicture(join(aside, photoName(photo)), content)
  } catch (error) {
    await discard()
    throw error
  }
  return { discard, settle: () => settle(aside) }
}

/** Moves the pictures of a folder into their place; what lies there already stays. */
async function settle(aside: string): Promise<void> {
  const names = await readdir(aside).catch(() => [])
  await mkdir(folder(), { recursive: true, mode: 0o700 })
  for (const name of names)
    await link(join(aside, name), join(folder(), name)).catch((error: NodeJS.ErrnoException) => {
      if (error.code !== 'EEXIST') throw error
    })
  if (names.length > 0) await syncFolder(folder())
  await rm(aside, { recursive: true, force: true })
}

/** What was laid aside when the power went is brought to its end: pictures of photos that are there come into place. */
export async function settleLeftAside(): Promise<void> {
  const [beside, own] = [dirname(folder()), `${basename(folder())}${ASIDE}`]
  const left = (await readdir(beside).catch(() => [])).filter((name) => name.startsWith(own))
  if (left.length === 0) return
  const known = new Set(
    (await (await reader()).select({ id: attachment.id, type: attachment.type }).from(attachment)).map(
      photoName,
    ),
  )
  for (const name of left) {
    const aside = join(beside, name)
    const isTaken = (await readdir(aside)).some((picture) => known.has(picture))
    await (isTaken ? settle(aside) : rm(aside, { recursive: true, force: true }))
  }
}

/** A picture this young may still be on its way into the database, ms. */
const YOUNG = 3_600_000

/** Takes away pictures that neither the database nor a copy of it knows any longer. */
export async function sweepPhotos(): Promise<void> {
  const file = databaseFile()
  if (file === null) return
  const kept = new Set(
    (await (await reader()).select({ id: attachment.id, type: attachment.type }).from(attachment)).map(
      photoName,
    ),
  )
  for (const { name } of copiesBeside(file)) {
    const inCopy = await photosInCopy(join(dirname(file), name))
    // A copy that cannot be read may need them all.
    if (inCopy === null) return
    for (const photo of inCopy) kept.add(photo)
  }
  for (const name of await readdir(folder()).catch(() => [])) {
    const path = join(folder(), name)
    if (!kept.has(name) && Date.now() - (await stat(path)).mtimeMs > YOUNG) await rm(path, { force: true })
  }
}

async function photosInCopy(path: string): Promise<string[] | null> {
  const client = createClient({ url: `file:${path}` })
  try {
    const tables = await client.execute("SELECT 1 FROM sqlite_master WHERE name = 'attachment'")
    if (tables.rows.length === 0) return []
    const { rows } = await client.execute('SELECT id, type FROM attachment')
    return rows.map(({ id, type }) => photoName({ id: String(id), type: type as Photo['type'] }))
  } catch {
    return null
  } finally {
    client.close()
  }
}

/** A picture's bytes; null: it is not there. */
export const pictureOf = (photo: Pick<Photo, 'id' | 'type'>): Promise<Uint8Array<ArrayBuffer> | null> =>
  readFile(pathOf(photo)).then(
    (content) => new Uint8Array(content),
    () => null,
  )

/** Whether a photo's picture lies here already. */
export const isStored = async (photo: Photo): Promise<boolean> =>
  (await pictureOf(photo))?.byteLength === photo.bytes

/** The photos of an entry, in the order in which they came. */
export async function photosOf(gardenId: string, entryId: string, db: Reader): Promise<Photo[]> {
  const rows = await db
    .select()
    .from(attachment)
    .where(and(eq(attachment.gardenId, gardenId), eq(attachment.entryId, entryId)))
    .orderBy(asc(attachment.id))
  return rows.map(withoutGarden)
}

export async function findPhoto(gardenId: string, id: string): Promise<Photo | null> {
  const [row] = await (
    await reader()
  )
    .select()
    .from(attachment)
    .where(and(eq(attachment.gardenId, gardenId), eq(attachment.id, id)))
  return row ? withoutGarden(row) : null
}

/** Gives an entry that is there a photo; the answer says why not. The same photo twice, by its id, counts once. */
export async function addPhoto(photo: Photo, content: Uint8Array): Promise<'kept' | 'no-entry' | 'too-many'> {
  const taken = await takenBy(photo.id)
  if (taken !== null) return taken === photo.entryId ? 'kept' : 'no-entry'
  // Beside its place first: one that lies there half, from when the power went, is replaced whole.
  const beside = `${pathOf(photo)}.${v7()}`
  await storePicture(beside, content)
  await rename(beside, pathOf(photo))
  await syncFolder(folder())
  const answer = await write(async (tx) => {
    const before = await takenBy(photo.id, tx)
    if (before !== null) return before === photo.entryId ? 'kept' : 'no-entry'
    const garden = await currentGarden(tx)
    if (!garden || !(await findEntry(garden.id, photo.entryId, tx))) return 'no-entry'
    if ((await photosOf(garden.id, photo.entryId, tx)).length >= MOST_PHOTOS) return 'too-many'
    await photoRecord.insert(tx, garden.id, [photo])
    return 'kept' as const
  }).catch(async (error: unknown) => {
    await rm(pathOf(photo), { force: true })
    throw error
  })
  if (answer !== 'kept' && (await takenBy(photo.id)) === null) await rm(pathOf(photo), { force: true })
  return answer
}

/** The entry that a photo of this id belongs to, in whichever garden; null: there is none. */
async function takenBy(id: string, from?: Reader): Promise<string | null> {
  const db = from ?? (await reader())
  const [row] = await db.select().from(attachment).where(eq(attachment.id, id))
  return row?.entryId ?? null
}

/** Takes a photo away for good; false: there is none. */
export async function removePhoto(id: string): Promise<boolean> {
  const removed = await write(async (tx) => {
    const garden = await currentGarden(tx)
    const [row] = garden
      ? await tx
          .delete(attachment)
          .where(and(eq(attachment.gardenId, garden.id), eq(attachment.id, id)))
          .returning()
      : []
    return row ?? null
  })
  if (removed) await rm(pathOf(removed), { force: true })
  return removed !== null
}

/** A corrected entry keeps its photos. */
export async function movePhotos(tx: Writer, gardenId: string, from: string, to: string): Promise<void> {
  await tx
    .update(attachment)
    .set({ entryId: to })
    .where(and(eq(attachment.gardenId, gardenId), eq(attachment.entryId, from)))
}
