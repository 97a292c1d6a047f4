import { nextWatering, type NextWatering, type WateringSchool } from './next-watering'
import type { PlaceWater } from './place-course'

/** What a place wants now: how much, and when. */
export interface DueWatering {
  next: NextWatering
  /** Growth is slowed already: it is for now, whatever a school waits for. */
  isDry: boolean
  /** L; 0: none within the days that are known. */
  litres: number
}

/** The one answer to what a place is given next; see {@link nextWatering}. */
export function dueWatering(
  { course, states, depletion, ahead }: PlaceWater,
  school: WateringSchool,
): DueWatering {
  const next = nextWatering(depletion, ahead, { school })
  const isDry = depletion > (states.at(-1)?.raw ?? Infinity)
  const depth = isDry ? depletion : next.inDays === null ? 0 : next.depth
  return { next, isDry, litres: depth * course.area }
}
