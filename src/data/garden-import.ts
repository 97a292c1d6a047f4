import type { ImportWay } from '../core/facts'
import { v7 } from 'uuid'
import { copyBefore, reader, write } from './database'
import type { GardenFile } from './records'
import { insertGardenFile, removeGarden } from './garden-file'
import type { ReadGarden, ReadProblem } from './garden-reading'
import { allGardens, currentGarden, takeToWork } from './gardens'
import type { Photo } from './photo-content'
import { isStored, layPicturesAside, pictureOf, sweepPhotos } from './photos'

export type ImportProblem =
  | ReadProblem
  /** A garden here has its ids; its name, where the whole garden is the same one. */
  | { kind: 'here-already'; name: string | null }

export type ImportResult = { gardenId: string } | { problem: ImportProblem }

/**
 * Takes a garden that was read and puts it to work, after a copy of the database, in one transaction. Its pictures are
 * laid aside first and moved into their place only when it is there: a garden that is refused changes no byte.
 * Photos whose pictures neither came with it nor lie here are left out.
 */
export async function importGarden(read: ReadGarden, way: ImportWay = 'instead'): Promise<ImportResult> {
  const db = await reader()
  const refused = hereAlready(await allGardens(db), read.file, way, await currentGarden(db))
  if (refused) return refused
  const { photos, laid } = await placed(read)
  const file: GardenFile = { ...read.file, photos }
  await copyBefore('before-import')
  const aside = await layPicturesAside(laid)
  try {
    const result = await write(async (tx): Promise<ImportResult> => {
      const own = way === 'instead' ? await currentGarden(tx) : null
      const other = hereAlready(await allGardens(tx), file, way, own)
      if (other) return other
      if (own) await removeGarden(tx, own.id)
      await insertGardenFile(tx, file)
      await takeToWork(tx, file.garden.id)
      return { gardenId: file.garden.id }
    })
    if ('problem' in result) await aside.discard()
    else await aside.settle()
    if (way === 'instead' && 'gardenId' in result) await sweepPhotos()
    return result
  } catch (error) {
    await aside.discard()
    if (isTakenId(error)) return { problem: { kind: 'here-already', name: null } }
    throw error
  }
}

function hereAlready(
  there: readonly { id: string; name: string }[],
  { garden }: GardenFile,
  way: ImportWay,
  own: { id: string } | null,
): { problem: ImportProblem } | null {
  const other = there.find(({ id }) => id === garden.id && !(way === 'instead' && id === own?.id))
  return other ? { problem: { kind: 'here-already', name: other.name } } : null
}

/** The photos that have a picture; one whose id bears another picture here already is given an id of its own. */
async function placed({ file, pictures }: ReadGarden) {
  const photos: Photo[] = []
  const laid: { photo: Photo; content: Uint8Array }[] = []
  for (const photo of file.photos) {
    const content = pictures.get(photo.id)
    if (!content) {
      if (await isStored(photo)) photos.push(photo)
      continue
    }
    const before = await pictureOf(photo)
    const isSame = before !== null && Buffer.compare(before, content) === 0
    const kept = before === null || isSame ? photo : { ...photo, id: v7() }
    photos.push(kept)
    if (!isSame) laid.push({ photo: kept, content })
  }
  return { photos, laid }
}

/** An id of the file belongs to something of another garden here. */
const isTakenId = (error: unknown): boolean =>
  error instanceof Error && (/UNIQUE|PRIMARYKEY/.test(codeOf(error)) || isTakenId(error.cause))
const codeOf = (error: Error) =>
  `${String((error as { extendedCode?: unknown }).extendedCode ?? '')} ${error.message}`
