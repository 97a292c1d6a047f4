'use server'

import { dayOf } from '../../core/garden-day'
import { loadGarden } from '../../data/garden-state'
import { isWayTaken, takeWay, type WayTaken, type WayTakenAnswer } from '../../data/way-taken'
import { wayToTake } from './queries'

/** Grows a planting from now on in a way that was tried. @param way as its address bears it */
export async function takeTried(plantingId: string, way: string): Promise<WayTakenAnswer> {
  const state = await loadGarden()
  const change = state && wayToTake(dayOf(state, state.now), String(plantingId), String(way))
  if (!change) return { ok: false, message: 'This way can no longer be used here. Load the screen again.' }
  return takeWay(String(plantingId), change)
}

/** Puts back what was so before a way was used. */
export async function putTriedBack(plantingId: string, before: WayTaken): Promise<WayTakenAnswer> {
  if (!isWayTaken(before))
    return { ok: false, message: 'This can no longer be undone. Load the screen again.' }
  return takeWay(String(plantingId), before)
}
