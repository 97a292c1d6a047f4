import { addDays, daysBetween, type IsoDate } from '../../core/calendar'
import type { LogEntry } from '../../core/log'
import type { GardenFile } from '../records'
import { demoGarden } from './index'

/** The demo garden so many times over: 4 × 17 places less what pots are left over. */
const COPIES = 5
const MOST_PLACES = 60
const GAP = 24
/** Days from one year's entry to the one before. */
const YEAR = 364
const SEASON: [first: string, last: string][] = [
  ['2024-05-15', '2024-09-30'],
  ['2025-05-15', '2025-09-30'],
  ['2026-05-15', '2026-06-17'],
]

/** A market garden made of copies of the demo one: 60 places, 500 plants, three seasons and about 30,000 entries. */
export function largeGarden(): GardenFile {
  const demo = demoGarden()
  const copies = Array.from({ length: COPIES }, (_, at) => copyOf(demo, at))
  const places = copies.flatMap((copy) => copy.places).slice(0, MOST_PLACES)
  const kept = new Set(places.map(({ id }) => id))
  const plantings = copies.flatMap((copy) => copy.plantings).filter(({ placeId }) => kept.has(placeId))
  const sown = new Set(plantings.map(({ id }) => id))
  const plants = copies.flatMap((copy) => copy.plants).filter(({ plantingId }) => sown.has(plantingId))
  const subjects = new Set([...kept, ...sown, ...plants.map(({ id }) => id)])
  const told = copies.flatMap((copy) => copy.log).filter(({ subject }) => subjects.has(subject.id))
  const drafts = [
    ...told,
    ...roundsOf(
      places.map(({ id }) => id),
      plants,
    ),
  ]
  return {
    ...demo,
    garden: { ...demo.garden, id: 'large', name: 'Windrow Lane, five times over' },
    places,
    obstacles: demo.obstacles,
    cropHistory: [],
    plantings,
    plants,
    readings: [],
    log: drafts
      .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
      .map((entry, index) => ({ ...entry, id: `large-${String(index + 1).padStart(6, '0')}` }) as LogEntry),
  }
}

function copyOf(demo: GardenFile, at: number): Pick<GardenFile, 'places' | 'plantings' | 'plants' | 'log'> {
  const own = (id: string) => `${id}-${at}`
  const bought = demo.plantings.filter(({ season }) => season === 2025)
  // A third season, the one before the demo's two.
  const earlier = bought.map((planting) => ({
    ...planting,
    id: `${planting.id}-before`,
    season: 2024,
    plannedSetOut: planting.plannedSetOut && addDays(planting.plannedSetOut, -YEAR),
  }))
  const before = new Set(bought.map(({ id }) => id))
  const log = [
    ...demo.log.filter(({ voids }) => voids === null),
    ...demo.log
      .filter(({ subject, voids }) => before.has(subject.id) && voids === null)
      .map((entry) => ({
        ...entry,
        on: addDays(entry.on, -YEAR),
        subject: { ...entry.subject, id: `${entry.subject.id}-before` },
      })),
  ]
  return {
    places: demo.places.map((place) => ({
      ...place,
      id: own(place.id),
      name: `${place.name} ${'ABCDE'[at]}`,
      y: place.y + at * GAP,
    })),
    plantings: [...demo.plantings, ...earlier].map((planting) => ({
      ...planting,
      id: own(planting.id),
      placeId: own(planting.placeId),
    })),
    plants: demo.plants.map((plant) => ({ ...plant, id: own(plant.id), plantingId: own(plant.plantingId) })),
    log: log.map(
      (entry) => ({ ...entry, subject: { ...entry.subject, id: own(entry.subject.id) } }) as LogEntry,
    ),
  }
}

/** What is entered day by day: places watered each second day, this season's plants pruned, all picked in their time. */
function roundsOf(placeIds: readonly string[], plants: readonly { id: string }[]): LogEntry[] {
  const entry = (type: 'place' | 'plant', id: string, on: IsoDate, kind: LogEntry['kind'], data: object) =>
    ({
      id: '',
      subject: { type, id },
      kind,
      on,
      at: `${on}T07:00:00.000Z`,
      data,
      note: '',
      voids: null,
    }) as LogEntry
  return SEASON.flatMap(([first, last]) => {
    const days = daysBetween(first as IsoDate, last as IsoDate) + 1
    return Array.from({ length: days }, (_, day) => addDays(first as IsoDate, day)).flatMap((on, day) => [
      ...(day % 2 === 0 ? placeIds.map((id) => entry('place', id, on, 'watered', { litres: 12 })) : []),
      ...(day % 7 === 3
        ? plants
            .filter((_, index) => index % 2 === 0)
            .map(({ id }) => entry('plant', id, on, 'seen', { leaves: null, height: null }))
        : []),
    ])
  })
}
