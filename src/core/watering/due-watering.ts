import { wayAhead, WAYS_TO_WATER, type WateringSchool, type WayToWater } from './by-school'
import { nextWatering, type NextWatering } from './next-watering'
import type { PlaceWater } from './place-course'

/** What a place wants next: how much, and when. */
export interface DueWatering extends Pick<NextWatering, 'untilSlow' | 'untilLimp' | 'splits'> {
  /** Days from the day it is asked, 0: now, 1: by tomorrow; null: none within the days that are known. */
  inDays: number | null
  /** Growth is slowed already: it is for now, whatever a school waits for. */
  isDry: boolean
  /** L; 0: none within the days that are known. */
  litres: number
}

/** Days since a place was last watered, or since its water is known. */
function daysSinceWatered({ states }: Pick<PlaceWater, 'states'>): number {
  const last = states.findLastIndex(({ irrigation }) => irrigation > 0)
  return Math.max(0, states.length - 1 - Math.max(0, last))
}

const isDryNow = ({ states, depletion }: PlaceWater) => depletion > (states.at(-1)?.raw ?? Infinity)

/** The one answer to what a place is given next; see {@link nextWatering}. */
export function dueWatering(water: PlaceWater, school: WateringSchool): DueWatering {
  const { course, depletion, ahead } = water
  const next = nextWatering(depletion, ahead, { school, since: daysSinceWatered(water) })
  const isDry = isDryNow(water)
  // The days ahead begin with tomorrow.
  const inDays = isDry ? 0 : next.inDays === null ? null : next.inDays + 1
  return { ...next, inDays, isDry, litres: (isDry ? depletion : next.depth) * course.area }
}

/** What a way of watering does with a place over the days that are known, from the day it is asked. */
export interface WayOfPlace {
  way: WayToWater
  /** Of its first watering, as of {@link DueWatering}. */
  inDays: number | null
  litres: number
  times: number
  /** L in all. */
  total: number
  slowed: number
  limp: number
  /** It comes to the same as watering evenly. */
  isSame: boolean
}

/** Every way of watering a place, beside one another. */
export function waysToWater(water: PlaceWater): WayOfPlace[] {
  const { course, depletion, ahead } = water
  const isDry = isDryNow(water)
  const ways = WAYS_TO_WATER.map((way): Omit<WayOfPlace, 'isSame'> => {
    // What is dry is watered now; the ways part from there on.
    const found = wayAhead(way, isDry ? 0 : depletion, ahead, isDry ? 0 : daysSinceWatered(water))
    const now = isDry ? [{ inDays: -1, depth: depletion, portions: 1 }] : []
    const all = [...now, ...found.waterings]
    return {
      way,
      inDays: all[0] ? all[0].inDays + 1 : null,
      litres: (all[0]?.depth ?? 0) * course.area,
      times: all.reduce((sum, { portions }) => sum + portions, 0),
      total: all.reduce((sum, { depth }) => sum + depth, 0) * course.area,
      slowed: found.slowed,
      limp: found.limp,
    }
  })
  const key = ({ way: _, ...outcome }: (typeof ways)[number]) => JSON.stringify(outcome)
  const even = key(ways[0]!)
  return ways.map((one) => ({ ...one, isSame: one.way !== 'even' && key(one) === even }))
}
