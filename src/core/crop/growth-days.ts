import { requireFinite } from '../guard'
import type { PlantCut } from './plant'
import type { PlantTraits } from './plant-traits'

/** One day of growth: °C d over base 10, and the temperatures that flowers see, °C. */
export interface GrowthDay {
  degreeDays: number
  tmin: number
  tmax: number
}

/** What was cut off on a day, by its number in `days`; or what was seen: leaves on the main stem, height in m. */
export type PlantEvent =
  { day: number; cuts: readonly PlantCut[] } | { day: number; leaves: number | null; height: number | null }

/** How a plant went into the ground. */
export interface SetOut {
  day: number
  stemBuried: number
  leavesStripped: number
}

/** † A day of raising under cover: °C d, and °C at night and by day. */
export const RAISED_DAY: GrowthDay = { degreeDays: 6, tmin: 16, tmax: 21 }

/** † °C d lost to setting out, hardened. */
const CHECK = 70

/** °C d that have come together by the end of each day, without those that setting out costs. */
export function runningGrowth(days: readonly GrowthDay[], setOutOn: number | null): number[] {
  let [sum, lost] = [0, 0]
  return days.map(({ degreeDays, tmin, tmax }, day) => {
    requireFinite(`days[${day}].degreeDays`, degreeDays)
    requireFinite(`days[${day}].tmin`, tmin)
    requireFinite(`days[${day}].tmax`, tmax)
    const stalls = setOutOn !== null && day >= setOutOn ? Math.min(degreeDays, CHECK - lost) : 0
    lost += stalls
    return (sum += degreeDays - stalls)
  })
}

/** Fits what has come together to the leaves that were counted on a day: all before it by the same share. */
export function anchor(running: number[], day: number, leaves: number, traits: PlantTraits): void {
  const at = Math.min(Math.max(0, day), running.length - 1)
  const counted = running[at]
  if (counted === undefined || counted <= 0) return
  // Midway to the next leaf: as likely just unfolded as nearly followed.
  const wanted = traits.toFirstLeaf + (leaves - 0.5) * traits.leafEvery
  for (let index = 0; index <= at; index++) running[index]! *= wanted / counted
  for (let index = at + 1; index < running.length; index++) running[index]! += wanted - counted
}

/** The first day by whose end so many °C d have come together. */
export function dayReachedBy(running: readonly number[], wanted: number): number {
  let [low, high] = [0, running.length - 1]
  while (low < high) {
    const middle = (low + high) >> 1
    if (running[middle]! >= wanted) high = middle
    else low = middle + 1
  }
  return low
}
