import { dirname, join } from 'node:path'
import { createClient } from '@libsql/client'
import { and, asc, eq } from 'drizzle-orm'
import { v7 } from 'uuid'
import { reader, write, type Reader, type Writer } from './database'
import { currentGarden } from './gardens'
import { databaseFile } from './locate'
import { copiesBeside } from './copy'
import { findEntry } from './log'
import { photoName, type Photo } from './photo-content'
import { ASIDE, pictureStore } from './pictures/store'
import { DatabaseProblem } from './problem'
import { attachment, photoRecord } from './records/photo'
import { withoutGarden } from './records/record'

/** How many photos one entry has. */
const MOST_PHOTOS = 12

/** Pictures that were laid aside: moved into their place, or taken away. */
export interface LaidAside {
  settle: () => Promise<void>
  discard: () => Promise<void>
}

/** Keeps pictures beside their place: durable, and not yet theirs. */
export async function layPicturesAside(
  pictures: readonly { photo: Pick<Photo, 'id' | 'type'>; content: Uint8Array }[],
): Promise<LaidAside> {
  const store = await pictureStore()
  const aside = `${ASIDE}${v7()}/`
  const names = pictures.map(({ photo }) => photoName(photo))
  const discard = async () => {
    for (const name of names) await store.remove(aside + name)
  }
  try {
    for (const { photo, content } of pictures) await store.put(aside + photoName(photo), content)
  } catch (error) {
    await discard().catch(() => undefined)
    throw error
  }
  return { discard, settle: () => settle(names.map((name) => aside + name)) }
}

/** Moves pictures from aside into their place; what lies there already stays. */
async function settle(aside: readonly string[]): Promise<void> {
  const store = await pictureStore()
  for (const name of aside) await store.move(name, inPlace(name))
}

const inPlace = (aside: string) => aside.slice(aside.indexOf('/') + 1)

/** What was laid aside so long ago is no longer on its way into the database, ms. */
const YOUNG = 3_600_000
const isOld = ({ at }: { at: number }) => Date.now() - at > YOUNG

/** What was laid aside when the power went is brought to its end: pictures of photos that are there come into place. */
export async function settleLeftAside(): Promise<void> {
  const store = await pictureStore()
  const left = await store.listAside()
  if (left.length === 0) return
  const known = await namesKnown()
  for (const one of left) {
    if (known.has(inPlace(one.name))) await settle([one.name])
    else if (isOld(one)) await store.remove(one.name)
  }
}

const namesKnown = async () =>
  new Set(
    (await (await reader()).select({ id: attachment.id, type: attachment.type }).from(attachment)).map(
      photoName,
    ),
  )

/** Takes away pictures that neither the database nor a copy of it knows any longer. */
export async function sweepPhotos(): Promise<void> {
  const file = databaseFile()
  if (file === null) return
  const kept = await namesKnown()
  for (const { name } of copiesBeside(file)) {
    const inCopy = await photosInCopy(join(dirname(file), name))
    // A copy that cannot be read may need them all.
    if (inCopy === null) return
    for (const photo of inCopy) kept.add(photo)
  }
  const store = await pictureStore()
  for (const one of await store.list()) if (!kept.has(one.name) && isOld(one)) await store.remove(one.name)
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
export const pictureOf = async (photo: Pick<Photo, 'id' | 'type'>): Promise<Uint8Array<ArrayBuffer> | null> =>
  (await pictureStore()).read(photoName(photo))

/** Whether a photo's picture lies here already. */
export const isStored = async (photo: Photo): Promise<boolean> =>
  (await (await pictureStore()).size(photoName(photo))) === photo.bytes

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
  const store = await pictureStore()
  const name = photoName(photo)
  await store.put(name, content)
  const answer = await write(async (tx) => {
    const before = await takenBy(photo.id, tx)
    if (before !== null) return before === photo.entryId ? 'kept' : 'no-entry'
    const garden = await currentGarden(tx)
    if (!garden || !(await findEntry(garden.id, photo.entryId, tx))) return 'no-entry'
    if ((await photosOf(garden.id, photo.entryId, tx)).length >= MOST_PHOTOS) return 'too-many'
    await photoRecord.insert(tx, garden.id, [photo])
    return 'kept' as const
  }).catch(async (error: unknown) => {
    // With the line cut, its photo may be there all the same.
    if (DatabaseProblem.within(error)?.kind !== 'unreachable') await store.remove(name)
    throw error
  })
  if (answer !== 'kept' && (await takenBy(photo.id)) === null) await store.remove(name)
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
  if (removed) await (await pictureStore()).remove(photoName(removed))
  return removed !== null
}

/** A corrected entry keeps its photos. */
export async function movePhotos(tx: Writer, gardenId: string, from: string, to: string): Promise<void> {
  await tx
    .update(attachment)
    .set({ entryId: to })
    .where(and(eq(attachment.gardenId, gardenId), eq(attachment.entryId, from)))
}
