import { addDays, type IsoDate } from '../calendar'
import { indexOf, type DailySeries } from '../climate'
import {
  growthFromSize,
  leavesOfGrowth,
  plantTraits,
  raisedDay,
  STANDARD_GROWTH,
  runningDegreeDays,
  trussNode,
  type Carries,
  type Cultivar,
  type PlantEvent,
} from '../crop'
import type { AnyEntry } from '../entry'
import { stageEntries, type Met } from './entries'
import { raisingDays, trayEmergence } from './raising'

/**
 * † Days from sowing of a tomato that fills a pot of so many L, where nothing else is known of it. Against:
 * nothing measured yet.
 */
const AGE_IN_POT = [
  [0.05, 30],
  [0.3, 40],
  [0.5, 49],
  [1, 58],
  [3, 70],
  [8, 84],
] as const

/** Plants that were met on a day, and how far on they were. */
export interface PlantMet {
  on: IsoDate
  as: Met['as']
  /** °C d over the crop's base since their emergence; null: nothing tells. */
  growth: number | null
  carries: Carries
}

/** What a planting's entries say of plants that were not raised here; null: nothing. */
export function metIn(entries: readonly AnyEntry[], cultivar: Cultivar): PlantMet | null {
  const entry = stageEntries(entries, 'met').at(-1)
  if (!entry) return null
  return {
    on: entry.on,
    as: entry.data.as,
    growth: growthOfMet(entry.data, cultivar),
    carries: entry.data.carries,
  }
}

/** °C d since their emergence that plants had grown by when they were met; null: nothing tells. */
export function growthOfMet(met: Met, cultivar: Cultivar): number | null {
  const traits = plantTraits(cultivar)
  const outside = met.as === 'growing' ? leavesOfGrowth(traits, STANDARD_GROWTH[cultivar.crop]) : null
  const bySize = growthFromSize(traits, met, outside)
  if (bySize !== null || met.potVolume === undefined) return bySize
  const longer = raisingDays(cultivar.crop) - raisingDays('tomato')
  return (
    Math.max(0, ageInPot(met.potVolume) + longer - trayEmergence(cultivar.crop)) *
    raisedDay(cultivar.crop).degreeDays
  )
}

/** Of a usual plant's growth, what the oldest that is ever set out brings. */
const OLDEST = 3
/** Plants of which nothing else is known have stood here so long, d. */
const SOME_WEEKS = 30

/**
 * The day from which plants have stood that are so far on: a usual plant, set out then, would be where these are.
 *
 * @param growth °C d since their emergence; null: nothing tells
 * @param on the day that they were met; `opens`: from which a usual plant can stand outside
 */
export function standingSince(
  growth: number | null,
  cultivar: Cultivar,
  air: DailySeries,
  { opens, on }: { opens: IsoDate | null; on: IsoDate },
): IsoDate {
  const earliest = opens !== null && opens < on ? opens : addDays(on, -SOME_WEEKS)
  if (growth === null) return latest(earliest, addDays(on, -SOME_WEEKS))
  const running = runningDegreeDays(air, cultivar.crop)
  const last = Math.min(indexOf(air, on), air.days)
  let first = last
  while (first > 0 && running[last]! - running[first]! < growth - STANDARD_GROWTH[cultivar.crop]) first--
  return latest(earliest, addDays(on, first - last))
}

const latest = (one: IsoDate, other: IsoDate) => (one > other ? one : other)

/** Whether plants are further on than anything that was set out on a day can be. */
export function isPastItsAge(
  growth: number | null,
  cultivar: Cultivar,
  air: DailySeries,
  { since, on }: { since: IsoDate; on: IsoDate },
): boolean {
  const running = runningDegreeDays(air, cultivar.crop)
  const at = (date: IsoDate) => running[Math.max(0, Math.min(indexOf(air, date), air.days))]!
  return growth !== null && growth > OLDEST * STANDARD_GROWTH[cultivar.crop] + at(on) - at(since)
}

/** What a plant's parts must agree with on the day that it was met. */
export function eventsOfMet(id: string, day: number, met: Met, cultivar: Cultivar): PlantEvent[] {
  const traits = plantTraits(cultivar)
  const growth = growthOfMet(met, cultivar)
  if (growth === null) return []
  const node = trussNode(traits.leavesToFirst, traits.leavesBetween, 0)
  const state = ({ nothing: null, flowers: 'open', green: 'set', ripe: 'ripe' } as const)[met.carries]
  return [
    {
      id,
      day,
      leaves: met.leaves ?? leavesOfGrowth(traits, growth),
      height: met.height,
      ...(state === null && { trusses: 0 }),
    },
    ...(state === null ? [] : [{ id, day, marks: [{ stem: 0, node, organ: 'truss' as const, state }] }]),
  ]
}

/** Days from sowing, between the pots of the table by the logarithm of their volume. */
function ageInPot(volume: number): number {
  const [first, last] = [AGE_IN_POT[0], AGE_IN_POT.at(-1)!]
  if (volume <= first[0]) return first[1]
  if (volume >= last[0]) return last[1]
  const above = AGE_IN_POT.findIndex(([litres]) => litres >= volume)
  const [[low, from], [high, to]] = [AGE_IN_POT[above - 1]!, AGE_IN_POT[above]!]
  return from + ((to - from) * Math.log(volume / low)) / Math.log(high / low)
}
