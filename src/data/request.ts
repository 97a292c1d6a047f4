import { cache } from 'react'
import { isWithinReach, type IsoDate } from '../core/calendar'
import { loadGarden, type GardenState } from './garden-state'
import { DatabaseProblem } from './problem'

/** The garden at work, loaded once a request; null: none yet; or why the database cannot be used. */
export const gardenOfRequest = cache(async (): Promise<GardenState | null | DatabaseProblem> => {
  try {
    return await loadGarden()
  } catch (error) {
    const problem = error instanceof DatabaseProblem ? error : null
    if (problem) return problem
    throw error
  }
})

/** The garden of a screen inside the frame; null where the frame shows something else in its place. */
export async function currentState(): Promise<GardenState | null> {
  const state = await gardenOfRequest()
  return state instanceof DatabaseProblem ? null : state
}

/** The date that a screen is looked at on: the one in its address where it is a sound one, else the garden's own. */
export function askedDate(state: GardenState, on: string | string[] | undefined): IsoDate {
  return isWithinReach(on, state.now) ? on : state.now
}
