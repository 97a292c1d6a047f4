import { asc, eq } from 'drizzle-orm'
import { editedGround, type GroundEdit, type GroundRows, type Obstacle } from '../core/facts'
import { reader, write, type Reader, type Writer } from './database'
import { currentGarden } from './gardens'
import { logOf } from './log'
import {
  cropHistoryOf,
  insertPlaces,
  insertPlantings,
  insertPlants,
  inPortions,
  placesOf,
  plantingsOf,
  plantsOf,
  withoutGarden,
} from './plantings'
import { obstacle, place, plant, planting } from './schema'

export async function obstaclesOf(gardenId: string, from?: Reader): Promise<Obstacle[]> {
  const db = from ?? (await reader())
  return (
    await db.select().from(obstacle).where(eq(obstacle.gardenId, gardenId)).orderBy(asc(obstacle.name))
  ).map(withoutGarden)
}

export const insertObstacles = (tx: Writer, gardenId: string, rows: readonly Obstacle[]) =>
  inPortions(rows, (portion) => tx.insert(obstacle).values(portion.map((row) => ({ ...row, gardenId }))))

type Kind = keyof GroundRows

/** What editing came to: what takes it back, or why the ground stays as it was. */
export type GroundChange = { ok: true; undo: GroundEdit[] } | { ok: false; message: string }

/**
 * Brings rows of the ground to what they are to be, all or none.
 *
 * @param check what is wrong with the ground as it would be, and as it is, in words; null: nothing
 */
export async function putGround(
  edits: readonly GroundEdit[],
  check: (after: GroundRows, before: GroundRows) => string | null,
): Promise<GroundChange> {
  const refused = (message: string): GroundChange => ({ ok: false, message })
  return write(async (tx): Promise<GroundChange> => {
    const garden = await currentGarden(tx)
    if (!garden) return refused('There is no garden yet: make one first.')
    const before = await groundRows(garden.id, tx)
    const kept = await withHistory(garden.id, before, tx)
    for (const { row, id } of edits)
      if (row === null && kept.has(id))
        return refused(`${kept.get(id)} has a history, which is kept. It can be put away instead.`)
    const fault = check(editedGround(before, edits), before)
    if (fault) return refused(fault)
    const undo = edits.map(
      ({ of, id }) =>
        ({
          of,
          id,
          row: (before[of] as { id: string }[]).find((row) => row.id === id) ?? null,
        }) as GroundEdit,
    )
    await apply(tx, garden.id, before, edits)
    return { ok: true, undo: undo.reverse() }
  })
}

async function groundRows(gardenId: string, tx: Writer): Promise<GroundRows> {
  const plantings = await plantingsOf(gardenId, undefined, tx)
  return {
    place: await placesOf(gardenId, tx),
    obstacle: await obstaclesOf(gardenId, tx),
    planting: plantings,
    plant: await plantsOf(
      plantings.map(({ id }) => id),
      tx,
    ),
  }
}

/** Places and plantings that something was entered of, or that plants stood in, by id; with what they are called. */
async function withHistory(gardenId: string, ground: GroundRows, tx: Writer): Promise<Map<string, string>> {
  const entered = new Set((await logOf(gardenId, tx)).map(({ subject }) => subject.id))
  const told = new Set(
    (
      await cropHistoryOf(
        ground.place.map(({ id }) => id),
        tx,
      )
    ).map(({ placeId }) => placeId),
  )
  const used = new Set(ground.planting.filter(({ id }) => entered.has(id)).map(({ placeId }) => placeId))
  return new Map([
    ...ground.place
      .filter(({ id }) => entered.has(id) || told.has(id) || used.has(id))
      .map(({ id, name }) => [id, name] as const),
    ...ground.planting.filter(({ id }) => entered.has(id)).map(({ id }) => [id, 'This planting'] as const),
  ])
}

const TABLES = { place, obstacle, planting, plant }

async function apply(tx: Writer, gardenId: string, before: GroundRows, edits: readonly GroundEdit[]) {
  const there = new Set(Object.values(before).flatMap((rows: { id: string }[]) => rows.map(({ id }) => id)))
  const removed = edits.filter(({ row }) => row === null)
  // Plants go before their planting, plantings before their place.
  for (const kind of ['plant', 'planting', 'obstacle', 'place'] as const)
    for (const { id } of removed.filter(({ of }) => of === kind))
      await tx.delete(TABLES[kind]).where(eq(TABLES[kind].id, id))
  for (const edit of edits)
    if (edit.row !== null && there.has(edit.id))
      await tx.update(TABLES[edit.of]).set(edit.row).where(eq(TABLES[edit.of].id, edit.id))
  const added = <K extends Kind>(kind: K) =>
    edits.flatMap((edit) =>
      edit.of === kind && edit.row && !there.has(edit.id) ? [edit.row] : [],
    ) as GroundRows[K]
  await insertPlaces(tx, gardenId, added('place'))
  await insertObstacles(tx, gardenId, added('obstacle'))
  await insertPlantings(tx, gardenId, added('planting'))
  await insertPlants(tx, added('plant'))
}
