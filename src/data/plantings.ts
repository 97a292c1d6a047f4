import { and, asc, eq, inArray } from 'drizzle-orm'
import type { GardenCultivar, Place, Planting, PlantPosition } from '../core/facts'
import { breathe, reader, type Reader, type Writer } from './database'
import { cropHistory, cultivar, place, plant, planting } from './schema'

type Owned<Row> = Omit<Row, 'gardenId'>
export const withoutGarden = <Row extends { gardenId: string }>({ gardenId: _, ...row }: Row): Owned<Row> =>
  row

export async function placesOf(gardenId: string, from?: Reader): Promise<Place[]> {
  const db = from ?? (await reader())
  return (await db.select().from(place).where(eq(place.gardenId, gardenId)).orderBy(asc(place.name))).map(
    withoutGarden,
  )
}

export async function cultivarsOf(gardenId: string, from?: Reader): Promise<GardenCultivar[]> {
  const db = from ?? (await reader())
  return (
    await db.select().from(cultivar).where(eq(cultivar.gardenId, gardenId)).orderBy(asc(cultivar.name))
  ).map(withoutGarden)
}

/** The plantings of every season, or of one. */
export async function plantingsOf(gardenId: string, season?: number, from?: Reader): Promise<Planting[]> {
  const db = from ?? (await reader())
  const ofGarden = eq(planting.gardenId, gardenId)
  const rows = await db
    .select()
    .from(planting)
    .where(season === undefined ? ofGarden : and(ofGarden, eq(planting.season, season)))
    .orderBy(asc(planting.id))
  return rows.map(withoutGarden)
}

export async function plantsOf(plantingIds: readonly string[], from?: Reader): Promise<PlantPosition[]> {
  if (plantingIds.length === 0) return []
  const db = from ?? (await reader())
  return db
    .select()
    .from(plant)
    .where(inArray(plant.plantingId, [...plantingIds]))
    .orderBy(asc(plant.id))
}

export async function cropHistoryOf(placeIds: readonly string[], from?: Reader) {
  if (placeIds.length === 0) return []
  const db = from ?? (await reader())
  return db
    .select()
    .from(cropHistory)
    .where(inArray(cropHistory.placeId, [...placeIds]))
    .orderBy(asc(cropHistory.placeId), asc(cropHistory.year))
}

// SQLite takes at most 32,766 values in a statement.
const ROWS_AT_ONCE = 1000

/** Calls `insert` with the rows in portions that one statement takes. */
export async function inPortions<Row>(
  rows: readonly Row[],
  insert: (portion: Row[]) => Promise<unknown>,
): Promise<void> {
  for (let at = 0; at < rows.length; at += ROWS_AT_ONCE) {
    await insert(rows.slice(at, at + ROWS_AT_ONCE))
    if (at + ROWS_AT_ONCE < rows.length) await breathe()
  }
}

export const insertPlaces = (tx: Writer, gardenId: string, rows: readonly Place[]) =>
  inPortions(rows, (portion) => tx.insert(place).values(portion.map((row) => ({ ...row, gardenId }))))

export const insertCultivars = (tx: Writer, gardenId: string, rows: readonly GardenCultivar[]) =>
  inPortions(rows, (portion) => tx.insert(cultivar).values(portion.map((row) => ({ ...row, gardenId }))))

export async function updatePlanting(
  tx: Writer,
  id: string,
  change: Partial<Omit<Planting, 'id'>>,
): Promise<void> {
  await tx.update(planting).set(change).where(eq(planting.id, id))
}

export const insertPlantings = (tx: Writer, gardenId: string, rows: readonly Planting[]) =>
  inPortions(rows, (portion) => tx.insert(planting).values(portion.map((row) => ({ ...row, gardenId }))))

export const insertPlants = (tx: Writer, rows: readonly PlantPosition[]) =>
  inPortions(rows, (portion) => tx.insert(plant).values(portion))

export const insertCropHistory = (tx: Writer, rows: readonly (typeof cropHistory.$inferSelect)[]) =>
  inPortions(rows, (portion) => tx.insert(cropHistory).values(portion))
