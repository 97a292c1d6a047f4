import { mkdir, open, readFile, rm } from 'node:fs/promises'
import { resolve } from 'node:path'
import { and, asc, eq, inArray } from 'drizzle-orm'
import { imageSize } from 'image-size'
import { LARGEST_PHOTO, type PhotoType } from '../core/facts'
import { reader, write, type Reader, type Writer } from './database'
import { currentGarden } from './gardens'
import { databaseFile } from './locate'
import { findEntry } from './log'
import { inPortions, withoutGarden } from './plantings'
import { attachment } from './schema-stores'

/** A photo of a log entry; px, bytes. */
export interface Photo {
  id: string
  entryId: string
  type: PhotoType
  bytes: number
  width: number
  height: number
}

/** How many photos one entry has. */
const MOST_PHOTOS = 12

const FORMATS: Partial<Record<string, PhotoType>> = {
  jpg: 'image/jpeg',
  png: 'image/png',
  webp: 'image/webp',
}
const ENDINGS: Record<PhotoType, string> = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' }

/** The file name of a photo, made of its own id alone. */
export const photoName = ({ id, type }: Pick<Photo, 'id' | 'type'>) => `${id}.${ENDINGS[type]}`

/** What a picture is, by its own bytes; or why it is not kept. */
export function readPhoto(
  content: Uint8Array,
): Pick<Photo, 'type' | 'bytes' | 'width' | 'height'> | { problem: 'too-large' | 'not-a-photo' } {
  if (content.byteLength > LARGEST_PHOTO) return { problem: 'too-large' }
  try {
    const { type, width, height } = imageSize(content)
    const known = FORMATS[type ?? '']
    if (!known || width < 1 || height < 1) return { problem: 'not-a-photo' }
    return { type: known, bytes: content.byteLength, width, height }
  } catch {
    return { problem: 'not-a-photo' }
  }
}

/** Photos lie in a folder beside the database file; with the data on a server, in `data/photos`. */
function folder(): string {
  const file = databaseFile()
  return file === null ? resolve('data/photos') : `${file.replace(/\.db$/, '')}.photos`
}
const pathOf = (photo: Pick<Photo, 'id' | 'type'>) => resolve(folder(), photoName(photo))

/** Writes a picture so that it is there after a crash. */
export async function storePicture(photo: Pick<Photo, 'id' | 'type'>, content: Uint8Array): Promise<void> {
  await mkdir(folder(), { recursive: true })
  const file = await open(pathOf(photo), 'w')
  try {
    await file.writeFile(content)
    await file.sync()
  } finally {
    await file.close()
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

export const insertPhotos = (tx: Writer, gardenId: string, photos: readonly Photo[]) =>
  inPortions(photos, (portion) =>
    tx.insert(attachment).values(portion.map((photo) => ({ ...photo, gardenId }))),
  )

/** The photos of a garden, or of some of its entries, in the order in which they came. */
export async function photosOf(
  gardenId: string,
  entryIds?: readonly string[],
  from?: Reader,
): Promise<Photo[]> {
  const db = from ?? (await reader())
  const ofGarden = eq(attachment.gardenId, gardenId)
  const rows = await db
    .select()
    .from(attachment)
    .where(entryIds ? and(ofGarden, inArray(attachment.entryId, [...entryIds])) : ofGarden)
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

/** Gives an entry that is there a photo; the answer says why not. */
export async function addPhoto(photo: Photo, content: Uint8Array): Promise<'kept' | 'no-entry' | 'too-many'> {
  await storePicture(photo, content)
  const answer = await write(async (tx) => {
    const garden = await currentGarden(tx)
    if (!garden || !(await findEntry(garden.id, photo.entryId, tx))) return 'no-entry'
    if ((await photosOf(garden.id, [photo.entryId], tx)).length >= MOST_PHOTOS) return 'too-many'
    await insertPhotos(tx, garden.id, [photo])
    return 'kept'
  })
  if (answer !== 'kept') await rm(pathOf(photo), { force: true })
  return answer
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
