import { asc, eq, sql } from 'drizzle-orm'
import { reader, type Reader, type Writer } from './database'
import { gardenAtWork } from './records/apart'
import { garden, type GardenRow } from './records/garden'
import { normalRecord, type NormalRow } from './records/normal'

/** The garden at work; null: none has been made yet. */
export async function currentGarden(from?: Reader): Promise<GardenRow | null> {
  const db = from ?? (await reader())
  const [chosen] = await db
    .select()
    .from(gardenAtWork)
    .innerJoin(garden, eq(garden.id, gardenAtWork.gardenId))
  if (chosen) return chosen.garden
  const [found] = await db
    .select()
    .from(garden)
    .orderBy(asc(sql`rowid`))
    .limit(1)
  return found ?? null
}

/** Makes a garden the one that every screen shows. */
export async function takeToWork(tx: Writer, gardenId: string): Promise<void> {
  await tx.delete(gardenAtWork)
  await tx.insert(gardenAtWork).values({ id: 1, gardenId })
}

/** Every garden, in the order in which they were made. */
export async function allGardens(from?: Reader): Promise<GardenRow[]> {
  const db = from ?? (await reader())
  return db
    .select()
    .from(garden)
    .orderBy(asc(sql`rowid`))
}

export async function updateGarden(
  tx: Writer,
  id: string,
  change: Partial<Omit<GardenRow, 'id'>>,
): Promise<void> {
  await tx.update(garden).set(change).where(eq(garden.id, id))
}

/** Puts the garden's months in the place of those before. */
export async function replaceNormals(
  tx: Writer,
  gardenId: string,
  rows: readonly NormalRow[],
): Promise<void> {
  await normalRecord.clear(tx, gardenId)
  await normalRecord.insert(tx, gardenId, rows)
}
