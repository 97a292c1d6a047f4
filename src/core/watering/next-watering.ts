import { LIMP, splitsFor, wayAhead, type WayToWater } from './by-school'
import { waterCourse, type WaterDay } from './water-course'

/** When a place wants water next, and how much. */
export interface NextWatering {
  /** Days from the first of the forecast, 0: today; null: not within it. */
  inDays: number | null
  /** mm that refill the root zone on that day. */
  depth: number
  /** Days until growth slows, and until the plants are limp, if nobody waters; Infinity: not within the forecast. */
  untilSlow: number
  untilLimp: number
  /** Times a day that a small root zone wants it then. */
  splits: number
}

/**
 * When a root zone comes to its trigger, or a fixed day to its turn, and what refills it.
 *
 * @param depletion now, mm
 * @param ahead the coming days without irrigation, the first one today
 * @param how the school, even unless said; days since it was last watered, for fixed days
 */
export function nextWatering(
  depletion: number,
  ahead: readonly WaterDay[],
  { school = 'even', since = 0 }: { school?: WayToWater; since?: number } = {},
): NextWatering {
  const course = waterCourse(ahead, depletion)
  const [next] = wayAhead(school, depletion, ahead, since).waterings
  const first = (of: (day: (typeof course)[number]) => boolean) => {
    const found = course.findIndex(of)
    return found < 0 ? Infinity : found
  }
  const et = Math.max(...course.slice(0, 3).map(({ actualEt }) => actualEt), 0)
  return {
    inDays: next?.inDays ?? null,
    depth: next?.depth ?? 0,
    untilSlow: first((day) => day.depletion > day.raw),
    untilLimp: first((day) => day.depletion >= LIMP * day.taw),
    splits: splitsFor('even', et, course[0]?.raw ?? Infinity),
  }
}
