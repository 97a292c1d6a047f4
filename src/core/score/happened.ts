import { addDays, daysBetween, earlierOf, type IsoDate } from '../calendar'
import { frostDays, indexOf, seasonOf, startOfSeason, type DailySeries, type WeatherLine } from '../climate'
import { effectiveEntries, entriesAbout } from '../entry'
import type { Planting } from '../facts'
import { ofKind, type LogEntry } from '../log'
import { standsOf } from '../season'
import { lineOn, type GardenSnapshot } from '../garden-day'
import type { Happened } from './hindcast'

/** Of each place, water is held against one reading in so many days. */
const READING_EVERY = 7
/** Share of a spring's days that must be on record before its last frost counts. */
const LEAST_ON_RECORD = 0.9

/** All that the record says came, over the last seasons, oldest first. */
export function happenedIn(state: GardenSnapshot, seasons: number): Happened[] {
  const { record, now } = state
  const entries = effectiveEntries(record.entries, now)
  const ofNow = seasonOf(record.ensemble.normals, now)
  return [
    ...record.plantings
      .filter(({ season }) => season > ofNow - seasons)
      .flatMap((planting) => {
        const cultivar = record.cultivars.find(({ id }) => id === planting.cultivarId)
        if (!cultivar) return []
        const own = entriesAbout(entries, { type: 'planting', id: planting.id })
        return ofPlanting(own, planting, cultivar.crop)
      }),
    ...soilReadings(entries),
    ...waterReadings(state, entries),
    ...lastFrosts(state, seasons),
  ].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
}

/** What the log says of one planting. */
function ofPlanting(own: readonly LogEntry[], planting: Planting, crop: Happened['crop']): Happened[] {
  const common = { crop, subject: { type: 'planting', id: planting.id } as const, value: 0 }
  const stands = standsOf(planting, own)
  const first = (kind: 'sown' | 'emerged' | 'flowered' | 'picked') => ofKind(own, kind)[0]?.on ?? null
  const [sown, emerged, flowered, picked] = [
    first('sown'),
    first('emerged'),
    first('flowered'),
    first('picked'),
  ]
  const found: Happened[] = []
  if (sown !== null && emerged !== null) found.push({ ...common, kind: 'seedlings', on: emerged, fair: sown })
  if (stands === null) return found
  if (flowered !== null) found.push({ ...common, kind: 'first-flower', on: flowered, fair: stands.from })
  if (picked === null) return found
  found.push({ ...common, kind: 'first-ripe', on: picked, fair: stands.from })
  const mass = ofKind(own, 'picked').reduce((sum, { data }) => sum + data.mass, 0)
  if (stands.to !== null && mass > 0)
    found.push({ ...common, kind: 'crop', on: picked, fair: stands.from, value: mass })
  return found
}

const soilReadings = (entries: readonly LogEntry[]): Happened[] =>
  ofKind(entries, 'soil-read').map(({ on, subject, data }) => ({
    kind: 'soil',
    crop: null,
    subject,
    on,
    fair: addDays(on, -365),
    value: data.temperature,
  }))

/** Readings of a place's water, by hand and by sensor, so many days apart. */
function waterReadings({ readings }: GardenSnapshot, entries: readonly LogEntry[]): Happened[] {
  const all = [
    ...ofKind(entries, 'moisture-read').map(({ on, subject }) => ({ on, placeId: subject.id })),
    ...readings.map(({ on, placeId }) => ({ on, placeId })),
  ].sort((a, b) => (a.on < b.on ? -1 : 1))
  const last = new Map<string, IsoDate>()
  return all.flatMap(({ on, placeId }): Happened[] => {
    const before = last.get(placeId)
    if (before !== undefined && daysBetween(before, on) < READING_EVERY) return []
    last.set(placeId, on)
    const subject = { type: 'place', id: placeId } as const
    return [{ kind: 'water', crop: null, subject, on, fair: addDays(on, -365), value: 0 }]
  })
}

/** The last spring frost of each season whose spring is on record. */
function lastFrosts(state: GardenSnapshot, seasons: number): Happened[] {
  const { record, now, garden } = state
  const { normals, warmest } = record.ensemble
  const ofNow = seasonOf(normals, now)
  return Array.from({ length: seasons }, (_, back) => ofNow - back).flatMap((season): Happened[] => {
    const start = startOfSeason(normals, season)
    const summer = addDays(start, warmest)
    if (summer > now) return []
    const line = lineOn(state, earlierOf(now, addDays(summer, 1)))
    const spring = springOf(line, start, warmest)
    if (spring === null) return []
    const { lastSpring } = frostDays(spring, warmest)
    const subject = { type: 'garden', id: garden.id } as const
    return lastSpring === null
      ? []
      : [{ kind: 'last-frost', crop: null, subject, on: addDays(start, lastSpring), fair: start, value: 0 }]
  })
}

/** The days from a season's start to its warmest; null: too few of them are on record. */
function springOf(
  { air, sources }: WeatherLine,
  start: IsoDate,
  warmest: number,
): Pick<DailySeries, 'tmin' | 'days'> | null {
  const first = indexOf(air, start)
  if (first < 0 || first + warmest > air.days) return null
  const known = sources.slice(first, first + warmest).filter((source) => source === 'recorded').length
  if (known < LEAST_ON_RECORD * warmest) return null
  return { tmin: air.tmin.subarray(first, first + warmest), days: warmest }
}
