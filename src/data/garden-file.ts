import { GARDEN_VERSION } from '../core/facts'
import { eq } from 'drizzle-orm'
import { readTogether, type Reader, type Writer } from './database'
import { EVERY_RECORD, GARDEN_FORMAT, type GardenFile } from './records'
import { garden } from './records/garden'

/** A garden as it is at one moment, whatever is written meanwhile. @throws RangeError when there is none of that id */
export const exportGarden = (gardenId: string): Promise<GardenFile> =>
  readTogether((db) => gardenFileOf(gardenId, db))

async function gardenFileOf(gardenId: string, db: Reader): Promise<GardenFile> {
  const [row] = await db.select().from(garden).where(eq(garden.id, gardenId))
  if (!row) throw new RangeError(`gardenId must be a garden's, not ${gardenId}`)
  const file: Record<string, unknown> = { format: GARDEN_FORMAT, version: GARDEN_VERSION, garden: row }
  for (const [list, record] of EVERY_RECORD) file[list] = await record.of(gardenId, db)
  return file as unknown as GardenFile
}

/** Writes a garden that is not there yet. */
export async function insertGardenFile(tx: Writer, file: GardenFile): Promise<void> {
  await tx.insert(garden).values(file.garden)
  for (const [list, record] of EVERY_RECORD) await record.insert(tx, file.garden.id, file[list])
}

/** Removes a garden with all that is about it. */
export async function removeGarden(tx: Writer, id: string): Promise<void> {
  for (const [, record] of EVERY_RECORD.toReversed()) await record.clear(tx, id)
  await tx.delete(garden).where(eq(garden.id, id))
}
