import { eq } from 'drizzle-orm'
import { addDays, type IsoDate } from '../core/calendar'
import { editedGround, type GroundEdit, type GroundRows, type PlantPosition } from '../core/facts'
import { mergeRow } from '../core/merge'
import type { Result } from '../core/result'
import { changesWith, write, type Writer } from './database'
import { currentGarden } from './gardens'
import { todayIn } from './garden-row'
import { cropRecord } from './records/crop-history'
import { obstacle, obstacleRecord } from './records/obstacle'
import { place, placeRecord } from './records/place'
import { plant, plantRecord } from './records/plant'
import { planting, plantingRecord } from './records/planting'
import type { GardenRecord } from './records/record'
import { entryRecord } from './records/entry'

type Kind = keyof GroundRows

/** What editing came to: what takes it back, or why the ground stays as it was. */
export type GroundChange = Result<KeptGround> | { ok: false; conflict: GroundConflict }

/** Edits as they were kept, what takes them back, and after which change of the garden. */
export interface KeptGround {
  kept: GroundEdit[]
  undo: GroundEdit[]
  changes: number
}

/** A row that was changed elsewhere since an edit of it began, in fields that the edit changes too. */
export interface GroundConflict {
  of: Kind
  mine: { id: string }
  theirs: { id: string }
  fields: string[]
}

/**
 * Brings rows of the ground to what they are to be, all or none.
 *
 * @param check what is wrong with the ground as it would be, and as it is, in words; null: nothing
 */
export async function putGround(
  asked: readonly GroundEdit[],
  check: (after: GroundRows, before: GroundRows) => string | null,
): Promise<GroundChange> {
  const refused = (message: string): GroundChange => ({ ok: false, message })
  return write(async (tx): Promise<GroundChange> => {
    const garden = await currentGarden(tx)
    if (!garden) return refused('You have no garden yet. Start one first.')
    const before = await groundRows(garden.id, tx)
    const kept = await withHistory(garden.id, before, tx)
    for (const { row, id } of asked)
      if (row === null && kept.has(id))
        return refused(`${kept.get(id)} has entries in the log, so you cannot remove it. Archive it instead.`)
    const merged = asked.map((edit) => mergedEdit(edit, before))
    for (const one of merged)
      if (one !== 'gone' && 'conflict' in one) return { ok: false, conflict: one.conflict }
    if (merged.includes('gone'))
      return refused('Another window removed this. Nothing was changed. Load the screen again.')
    const told = await plantsWithEntries(garden.id, asked, tx)
    const yesterday = addDays(todayIn(garden), -1)
    const edits = (merged as GroundEdit[]).map((edit) =>
      edit.of === 'plant' && edit.row === null && told.has(edit.id)
        ? archived(edit.id, before, yesterday)
        : edit,
    )
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
    return { ok: true, kept: edits, undo: undo.reverse(), changes: await changesWith(tx) }
  })
}

/** An edit brought together with what was saved since it began; `gone`: there is nothing left to edit. */
function mergedEdit(
  edit: GroundEdit,
  before: GroundRows,
): GroundEdit | 'gone' | { conflict: GroundConflict } {
  const { of, id, row, seen } = edit
  if (row === null || !seen) return edit
  const theirs = (before[of] as { id: string }[]).find((one) => one.id === id)
  if (!theirs) return 'gone'
  const { row: merged, conflicts } = mergeRow<{ id: string }>(seen, row, theirs)
  if (conflicts.length > 0) return { conflict: { of, mine: row, theirs, fields: conflicts } }
  return { of, id, row: merged } as GroundEdit
}

/** Of the plants that are to go, those that something was entered of: their history is kept with them. */
async function plantsWithEntries(
  gardenId: string,
  edits: readonly GroundEdit[],
  tx: Writer,
): Promise<Set<string>> {
  const going = edits.filter(({ of, row }) => of === 'plant' && row === null).map(({ id }) => id)
  if (going.length === 0) return new Set()
  const log = await entryRecord.of(gardenId, tx)
  const told = new Set(
    log.flatMap(({ subject, data }) => [
      subject.id,
      ...('plant' in data && typeof data.plant === 'string' ? [data.plant] : []),
    ]),
  )
  return new Set(going.filter((id) => told.has(id)))
}

/** A plant that stood until a day: no longer there, and not forgotten. */
function archived(id: string, { plant }: GroundRows, to: IsoDate): GroundEdit {
  const row = plant.find((one) => one.id === id) as PlantPosition
  return { of: 'plant', id, row: { ...row, to } }
}

const TABLES = { place, obstacle, planting, plant }
const RECORDS: { [K in Kind]: GardenRecord<GroundRows[K][number]> } = {
  place: placeRecord,
  obstacle: obstacleRecord,
  planting: plantingRecord,
  plant: plantRecord,
}

async function groundRows(gardenId: string, tx: Writer): Promise<GroundRows> {
  return {
    place: await placeRecord.of(gardenId, tx),
    obstacle: await obstacleRecord.of(gardenId, tx),
    planting: await plantingRecord.of(gardenId, tx),
    plant: await plantRecord.of(gardenId, tx),
  }
}

/** Places and plantings that something was entered of, or that plants stood in, by id; with what they are called. */
async function withHistory(gardenId: string, ground: GroundRows, tx: Writer): Promise<Map<string, string>> {
  const entered = new Set((await entryRecord.of(gardenId, tx)).map(({ subject }) => subject.id))
  const told = new Set((await cropRecord.of(gardenId, tx)).map(({ placeId }) => placeId))
  const used = new Set(ground.planting.filter(({ id }) => entered.has(id)).map(({ placeId }) => placeId))
  return new Map([
    ...ground.place
      .filter(({ id }) => entered.has(id) || told.has(id) || used.has(id))
      .map(({ id, name }) => [id, name] as const),
    ...ground.planting.filter(({ id }) => entered.has(id)).map(({ id }) => [id, 'This planting'] as const),
  ])
}

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
  for (const kind of ['place', 'obstacle', 'planting', 'plant'] as const) {
    const added = edits.flatMap((edit) =>
      edit.of === kind && edit.row && !there.has(edit.id) ? [edit.row] : [],
    )
    await (RECORDS[kind] as GardenRecord<object>).insert(tx, gardenId, added)
  }
}
