'use server'

import { dayOf } from '../../../core/garden-day'
import type { Result } from '../../../core/result'
import { write } from '../../../data/database'
import { loadGarden } from '../../../data/garden-state'
import { currentGarden, updateGarden } from '../../../data/gardens'
import type { OwnRecord } from '../../../data/records/garden'
import { NO_GARDEN } from '../../../wording/database-problems'
import { biasesFound, hindcastsOf } from './queries'

/** Moves the garden's dates by what its own record teaches as of its day. */
export async function followRecord(): Promise<Result> {
  const state = await loadGarden()
  if (!state) return { ok: false, message: NO_GARDEN }
  const hindcasts = (await hindcastsOf(dayOf(state, state.now)))!
  return keep({ on: state.now, biases: biasesFound(hindcasts) })
}

/** Moves the garden's dates by nothing any more. */
export async function leaveRecord(): Promise<Result> {
  return keep(null)
}

const keep = (ownRecord: OwnRecord | null): Promise<Result> =>
  write(async (tx) => {
    const own = await currentGarden(tx)
    if (!own) return { ok: false, message: NO_GARDEN }
    await updateGarden(tx, own.id, { ownRecord })
    return { ok: true }
  })
