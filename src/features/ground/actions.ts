'use server'

import { onPlan } from '../../core/season'
import { dayOf } from '../../core/garden-day'
import { revalidatePath } from 'next/cache'
import { array, lazy, mixed, object, string, ValidationError, type AnyObjectSchema } from 'yup'
import type { GroundEdit, GroundRows } from '../../core/facts'
import { loadGarden } from '../../data/garden-state'
import { mannerOf } from '../../data/garden-row'
import { putGround } from '../../data/ground'
import { saidConflict, type GroundAnswer } from './conflict-words'
import { groundFault } from './plan/faults'
import { placeRow } from '../../data/records/place'
import { obstacleRow } from '../../data/records/obstacle'
import { plantingRow } from '../../data/records/planting'
import { plantRow } from '../../data/records/plant'
import { NO_GARDEN } from '../../wording/database-problems'

const ROWS: Record<keyof GroundRows, AnyObjectSchema> = {
  place: placeRow,
  obstacle: obstacleRow,
  planting: plantingRow,
  plant: plantRow,
}

const edit = lazy((value: { of?: unknown } | null) => {
  const of = Object.keys(ROWS).find((kind) => kind === value?.of) as keyof GroundRows | undefined
  return object({
    of: mixed<string>().oneOf(Object.keys(ROWS)).required(),
    id: string().required().max(64),
    row: of ? ROWS[of].nullable().defined().default(undefined) : mixed().required(),
    seen: of ? ROWS[of].nullable().default(undefined) : mixed(),
  }).noUnknown()
})
const edits = array(edit).required().max(4000)

/** Brings places, obstacles, plantings and plants to what they are to be; all or none, and what takes it back. */
export async function editGround(typed: GroundEdit[]): Promise<GroundAnswer> {
  const state = await loadGarden()
  if (!state) return { ok: false, message: NO_GARDEN }
  let checked: GroundEdit[]
  try {
    checked = edits.validateSync(typed, { strict: true }) as unknown as GroundEdit[]
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    return { ok: false, message: `That cannot be saved: ${error.message}.` }
  }
  const wrongRow = checked.find(({ id, row }) => row !== null && row.id !== id)
  if (wrongRow)
    return { ok: false, message: 'That cannot be saved: the rows do not match. Load the screen again.' }
  // What is cleared, or of a season that is over, stands in nobody's way.
  const growing = new Set(onPlan(dayOf(state, state.now).outlook).map(({ planting }) => planting.id))
  const over = new Set(state.record.plantings.filter(({ id }) => !growing.has(id)).map(({ id }) => id))
  const present = (rows: GroundRows): GroundRows => ({
    ...rows,
    planting: rows.planting.filter(({ id }) => !over.has(id)),
    plant: rows.plant.filter(({ plantingId }) => !over.has(plantingId)),
  })
  const changed = await putGround(checked, (after, before) =>
    groundFault(present(after), present(before), state.now),
  )
  if (changed.ok) revalidatePath('/', 'layout')
  return 'conflict' in changed
    ? { ok: false, conflict: saidConflict(changed.conflict, mannerOf(state.garden)) }
    : changed
}
