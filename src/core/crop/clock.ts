import { runningGrowth, type GrowthDay, type SetOut } from './growth-days'
import { growthOfLeaves } from './growth-from-size'
import type { PlantEvent, PlantMisfit } from './plant-event'
import { trussNode, type PlantTraits } from './plant-traits'
import { transplantCheck } from './traits'

/** Beyond this share a count of leaves is taken for another plant's. */
const MOST_SHIFT = 3
/** °C d from a node to its open truss that can be: outside it the count of trusses is another plant's. */
const TO_FLOWER = { least: 60, most: 600 }

/** A plant's own clock: °C d that came together by each day, and from a node to its open truss. */
export interface GrowthClock {
  running: number[]
  toFlower: number
  misfits: PlantMisfit[]
}

/** The days' degree-days, moved to the leaves and the open trusses that were counted on the main stem. */
export function growthClock(
  traits: PlantTraits,
  days: readonly GrowthDay[],
  events: readonly PlantEvent[],
  setOut: SetOut | null,
): GrowthClock {
  const running = runningGrowth(days, setOut, setOut?.check ?? transplantCheck(traits.crop))
  const clock: GrowthClock = { running, toFlower: traits.toFlower, misfits: [] }
  const seen = events.flatMap((event) => ('leaves' in event ? [event] : [])).sort((a, b) => a.day - b.day)
  for (const { id = null, day, leaves, trusses = null } of seen) {
    if (day < 0) clock.misfits.push({ id, part: null, why: 'before-it-came' })
    if (day < 0 || day >= running.length) continue
    if (leaves !== null && !anchorLeaves(running, day, leaves, traits))
      clock.misfits.push({ id, part: null, why: 'leaves' })
    if (trusses !== null && !anchorTrusses(clock, day, trusses, traits))
      clock.misfits.push({ id, part: null, why: 'trusses' })
  }
  return clock
}

/** Fits what has come together to the leaves that were counted on a day: all before it by the same share. */
function anchorLeaves(running: number[], day: number, leaves: number, traits: PlantTraits): boolean {
  const counted = running[day]!
  const wanted = growthOfLeaves(traits, leaves)
  if (counted <= 0 || wanted > counted * MOST_SHIFT || wanted * MOST_SHIFT < counted) return false
  for (let index = 0; index <= day; index++) running[index]! *= wanted / counted
  for (let index = day + 1; index < running.length; index++) running[index]! += wanted - counted
  return true
}

/** Moves flowering so that as many trusses have opened on the main stem as were counted, and the next has not. */
function anchorTrusses(clock: GrowthClock, day: number, trusses: number, traits: PlantTraits): boolean {
  const ageOf = (rank: number) =>
    clock.running[day]! -
    traits.toFirstLeaf -
    trussNode(traits.leavesToFirst, traits.leavesBetween, rank) * traits.leafEvery
  const most = trusses === 0 ? TO_FLOWER.most : ageOf(trusses - 1)
  const least = ageOf(trusses) + 1
  const toFlower = Math.max(least, Math.min(most, clock.toFlower))
  if (toFlower > most || toFlower < TO_FLOWER.least || toFlower > TO_FLOWER.most) return false
  clock.toFlower = toFlower
  return true
}
