import { addDays, daysBetween, type IsoDate } from '../calendar'
import { weatherAt, indexOf } from '../climate'
import {
  growPlant,
  growthDay,
  plantTraits,
  raisedDay,
  raisedGrowth,
  isOfPlant,
  type GrowthDay,
  type PlantEntry,
  type Plant,
  type PlantEvent,
  type PlantTraits,
  type SetOut,
  type Vigour,
} from '../crop'
import { entriesAbout, inOrder, type AnyEntry, type EntrySubject } from '../entry'
import { stageEntries } from './entries'
import { eventsOfMet } from './met'
import type { PlantingOutlook, SeasonOutlook } from './outlook'
import { setOutCheck } from './raising'

/** What a plant grows by, day by day from its emergence: its weather, what was cut and seen, its setting out. */
export interface PlantCourse {
  traits: PlantTraits
  from: IsoDate
  days: GrowthDay[]
  events: PlantEvent[]
  setOut: SetOut | null
}

/** What was cut and seen on a plant, or on all of its planting without naming it as left out; oldest first. */
export function entriesOfPlant(
  { counted }: SeasonOutlook,
  plantId: string,
  plantingId: string,
): PlantEntry[] {
  const about = (subject: EntrySubject) => (entriesAbout(counted, subject) as AnyEntry[]).filter(isOfPlant)
  const shared = about({ type: 'planting', id: plantingId }).filter(
    (entry) => !(entry.kind === 'pruned' && entry.data.except?.includes(plantId)),
  )
  return [...about({ type: 'plant', id: plantId }), ...shared].sort(inOrder)
}

/** How well the plants of a planting are off, day by day from a date, as the season model has it. */
export interface VigourCourse {
  from: IsoDate
  leaf: Float64Array
  set: Float64Array
}

/**
 * A plant's course from its emergence to a day: raised under cover, then by the air about it and by how well it is off.
 *
 * @param vigour null: it has all it wants
 * @returns null while it has not come up by then
 */
export function plantCourse(
  own: PlantingOutlook,
  told: readonly PlantEntry[],
  until: IsoDate,
  vigour: VigourCourse | null = null,
): PlantCourse | null {
  const { cultivar, dates, air, entries, planting } = own
  const from = dates.emerge.date
  if (from === null || from > until) return null
  const isDirect = planting.raising === 'direct'
  const entry = stageEntries(entries, 'set-out').at(-1)
  const setOutOn = entry?.on ?? dates['set-out'].date
  const count = daysBetween(from, until) + 1
  const days: GrowthDay[] = []
  const inTray = (day: number) => raisedGrowth(own.plan.thermal, cultivar.crop, 0, day)
  for (let index = 0; index < count; index++) {
    const date = addDays(from, index)
    const at = indexOf(air, date)
    const isOutside = isDirect || (setOutOn !== null && date >= setOutOn)
    const isKnown = at >= 0 && at < air.days
    days.push(
      isOutside && isKnown
        ? { ...growthDay(weatherAt(air, at), cultivar.crop), ...vigourOn(date) }
        : { ...raisedDay(cultivar.crop), degreeDays: inTray(index + 1) - inTray(index) },
    )
  }
  return { traits: plantTraits(cultivar), from, days, events: eventsOf(), setOut: setOutOf() }

  function vigourOn(date: IsoDate): Partial<Vigour> {
    if (vigour === null) return {}
    const at = daysBetween(vigour.from, date)
    return { leaf: vigour.leaf[at] ?? 1, set: vigour.set[at] ?? 1 }
  }

  function eventsOf(): PlantEvent[] {
    const own = told.map((entry): PlantEvent => ({
      id: entry.id,
      day: daysBetween(from!, entry.on),
      ...entry.data,
    }))
    const met = stageEntries(entries, 'met').at(-1)
    if (met) own.push(...eventsOfMet(met.id, daysBetween(from!, met.on), met.data, cultivar))
    // Planting day measures it while it still stands in its pot, whole.
    if (entry?.data.plant && !isDirect)
      own.push({
        id: entry.id,
        day: Math.max(0, daysBetween(from!, entry.on) - 1),
        leaves: entry.data.plant.leaves,
        height: entry.data.plant.height,
      })
    const flowered = stageEntries(entries, 'flowered').at(-1)
    return flowered && !told.some((entry) => entry.kind === 'seen' && entry.data.trusses !== undefined)
      ? [
          ...own,
          { id: flowered.id, day: daysBetween(from!, flowered.on), leaves: null, height: null, trusses: 1 },
        ]
      : own
  }

  function setOutOf(): SetOut | null {
    if (isDirect || setOutOn === null)
      return isDirect ? null : { day: count, stemBuried: 0, leavesStripped: 0 }
    return {
      day: Math.max(0, daysBetween(from!, setOutOn)),
      stemBuried: entry?.data.stemBuried ?? 0,
      leavesStripped: entry?.data.leavesStripped ?? 0,
      check: setOutCheck(cultivar.crop, planting.raising, own.plan.hardened),
    }
  }
}

/** The plant at the end of its course; before its emergence there is nothing of it. */
export function grownAlong(course: PlantCourse | null, traits: PlantTraits): Plant {
  return course === null
    ? growPlant(traits, [], [])
    : growPlant(traits, course.days, course.events, { setOut: course.setOut })
}
