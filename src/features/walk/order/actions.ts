'use server'

import { array, string } from 'yup'
import type { GroundEdit } from '../../../core/facts'
import type { Result } from '../../../core/result'
import { loadGarden } from '../../../data/garden-state'
import { putGround } from '../../../data/ground'
import { sharePlace } from '../../../data/shares'
import { placeRecord } from '../../../data/records/place'
import { NO_GARDEN } from '../../../wording/database-problems'
import { SHARING } from '../../../wording/round'

const orderSchema = array(string().required().max(64)).defined().nullable().max(placeRecord.most)

/**
 * Has the round go by this order of the garden's places; those that are not named come after them, by where they lie.
 *
 * @param typed ids of places; null: all go by where they lie again
 */
export async function orderRound(typed: string[] | null): Promise<Result> {
  if (!orderSchema.isValidSync(typed, { strict: true }))
    return { ok: false, message: 'That order of places cannot be used. Load the screen again.' }
  const state = await loadGarden()
  if (!state) return { ok: false, message: NO_GARDEN }
  const turns = new Map(typed?.map((id, turn) => [id, turn]))
  const edits = state.record.places.flatMap((place): GroundEdit[] => {
    const walk = turns.get(place.id) ?? null
    return walk === place.walk ? [] : [{ of: 'place', id: place.id, row: { ...place, walk }, seen: place }]
  })
  const changed = await putGround(edits, () => null)
  if ('conflict' in changed)
    return { ok: false, message: 'Another window changed the order of places. Load the screen again.' }
  return changed.ok ? { ok: true } : changed
}

/**
 * Gives a place to someone when the round is shared out.
 *
 * @param name a person of this garden; null: the place is anyone's
 */
export async function shareRound(placeId: string, name: string | null): Promise<Result> {
  const isShared = await sharePlace(String(placeId), name === null ? null : String(name))
  return isShared ? { ok: true } : { ok: false, message: SHARING.gone }
}
