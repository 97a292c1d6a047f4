import { addDays, type IsoDate } from '../calendar'
import type { Plant } from '../crop'
import type { Cut } from './cut'
import { areaOf } from './make-cut'

/**
 * Of the leaf area, what one session may take; and days until the next †. Against: at most a quarter to a
 * third of the leaf.
 */
export const MOST_AT_ONCE = 0.3
const BETWEEN_SESSIONS = 7

/**
 * The cuts by session: as many as leave the plant its leaf, the others a week later each. What takes no leaf goes
 * first; a single part that is more than a session's share goes alone.
 *
 * @param start the first day on which leaves are dry
 */
export function inSessions(plant: Plant, wanted: readonly Cut[], start: IsoDate, date: IsoDate): Cut[] {
  let [session, taken, left] = [0, 0, plant.leafArea]
  const small = wanted.filter((one) => areaOf(plant, one) === 0)
  const large = wanted.filter((one) => areaOf(plant, one) > 0)
  return [...small, ...large].map((one) => {
    const area = areaOf(plant, one)
    if (taken > 0 && taken + area > left * MOST_AT_ONCE) {
      session++
      left -= taken
      taken = 0
    }
    taken += area
    const on = addDays(start, session * BETWEEN_SESSIONS)
    return on > date ? { ...one, due: on } : one
  })
}

/** The stages of a plant's pruning, the first one first: a day and what is cut on it. */
export function stagesOf(cuts: readonly Cut[], date: IsoDate): { on: IsoDate; cuts: Cut[] }[] {
  const days = [...new Set(cuts.map(({ due = date }) => due))].sort()
  return days.map((on) => ({ on, cuts: cuts.filter(({ due = date }) => due === on) }))
}
