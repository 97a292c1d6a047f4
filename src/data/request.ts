import { cache } from 'react'
import { isWithinReach, type IsoDate } from '../core/calendar'
import { dayOf } from '../core/garden-day'
import { type Day, type GardenState, loadGarden } from './garden-state'
import { DatabaseProblem } from './problem'

/** The garden at work, loaded once a request; null: none yet; or why the database cannot be used. */
export const gardenOfRequest = cache(async (): Promise<GardenState | null | DatabaseProblem> => {
  try {
    return await loadGarden()
  } catch (error) {
    if (error instanceof DatabaseProblem) return error
    // A server of the data that went away tells it only when it is asked.
    const problem = DatabaseProblem.within(error)
    if (problem?.kind === 'unreachable') return problem
    throw error
  }
})

/** The garden of a screen inside the frame; null where the frame shows something else in its place. */
export async function currentState(): Promise<GardenState | null> {
  const state = await gardenOfRequest()
  return state instanceof DatabaseProblem ? null : state
}

/**
 * The garden on the day that a screen is looked at on: the date in its address where it is a sound one, else the
 * garden's own; null where the frame shows something else in the screen's place.
 */
export async function currentDay(asked: Promise<{ on?: string | string[] }>): Promise<Day | null> {
  const state = await currentState()
  return state && dayOf(state, askedDate(state, (await asked).on))
}

/** A date that an address asks for, where it is a sound one; else the garden's own. */
export function askedDate(state: GardenState, on: string | string[] | undefined): IsoDate {
  return isWithinReach(on, state.now) ? on : state.now
}
