import { addDays, type IsoDate } from '../../core/calendar'
import { startOfSeason, type RecordedDay } from '../../core/climate'
import { dayOf } from '../../core/garden-day'
import type { EntryKind, LogEntry } from '../../core/log'
import { assembled, type GardenRows } from '../assembled'
import { normalsOf } from '../garden-row'
import type { GardenState } from '../garden-state'
import type { GardenRow } from '../records/garden'
import { seasonsOf } from '../seasons-of'

/** Counts up when what a phone keeps changes its shape: an older one is fetched anew. */
export const POCKET_VERSION = 2

/** What a phone keeps of a garden, as lists of plain rows. */
export type PocketLists = Omit<GardenRows, 'garden' | 'changes'> & {
  garden: readonly GardenRow[]
  /** The weather record that the seasons are taken from; empty: they are simulated. */
  recorded: readonly RecordedDay[]
}

/** Of seasons gone by, what this one's answers ask for: harvests, how plants were set out, verdicts, times
 * taken, and illnesses. */
const REMEMBERED: readonly EntryKind[] = [
  'picked',
  'set-out',
  'judged',
  'timed',
  'soil-tested',
  'noticed',
  'followed',
  'closed',
]
/** Days before the season that its water and its weather are followed from. */
const BEFORE = 60

/**
 * A garden as a phone keeps it: facts, weather, and this season's log.
 *
 * @param recorded the days of the weather record, where the seasons are taken from it
 */
export function pocketLists(state: GardenState, recorded: readonly RecordedDay[]): PocketLists {
  const { garden, normalRows, record, plants, obstacles, supplies, products } = state
  const { wanted, devices, readings, photos, archive, shares, history } = state
  const { season } = dayOf(state, state.now)
  const from = addDays(startOfSeason(record.ensemble.normals, season), -BEFORE)
  const entries = record.entries.filter(isCarried(state, from, season))
  const carried = new Set(entries.map(({ id }) => id))
  return {
    garden: [garden],
    recorded,
    ...{ normalRows, obstacles, supplies, products, wanted, devices, archive, shares },
    ...{ places: record.places, cultivars: record.cultivars, plantings: record.plantings },
    ...{ plants: [...plants], weather: record.weather, entries },
    readings: readings.filter(({ on }) => on >= from),
    photos: [...photos.values()].flat().filter(({ entryId }) => carried.has(entryId)),
    history: [...history].flatMap(([placeId, years]) => years.map((year) => ({ placeId, year }))),
  }
}

function isCarried({ record, plants }: GardenState, from: IsoDate, season: number) {
  const growing = new Set(record.plantings.filter((one) => one.season >= season).map(({ id }) => id))
  for (const { id, plantingId } of plants) if (growing.has(plantingId)) growing.add(id)
  const kept = record.entries.filter(
    ({ on, kind, subject }) => on >= from || REMEMBERED.includes(kind) || growing.has(subject.id),
  )
  const ids = new Set(kept.map(({ id }) => id))
  return ({ id, voids }: LogEntry) => ids.has(voids ?? id)
}

/** The garden of a phone's lists, on a day of its clock. */
export async function gardenOfLists(
  { garden: [garden], recorded, ...lists }: PocketLists,
  { changes, now }: { changes: number; now: IsoDate },
): Promise<GardenState> {
  const ensemble = await seasonsOf(normalsOf(lists.normalRows), garden!, {
    days: recorded.length,
    short: [recorded.length, recorded[0], recorded.at(-1)],
    read: async () => recorded,
  })
  return assembled({ ...lists, garden: garden!, changes }, ensemble, now)
}
