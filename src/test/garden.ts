import { v7 } from 'uuid'
import type { IsoDate } from '../core/calendar'
import { normalsFor, type ClimateTemplateId, type Ensemble } from '../core/climate'
import {
  GARDEN_VERSION,
  plainPlace,
  USUAL_SEED,
  type GardenCultivar,
  type Place,
  type PlaceKind,
  type Planting,
  type PlantPosition,
} from '../core/facts'
import type { EntrySubject } from '../core/entry'
import type { EntryData, EntryKind, LogEntry } from '../core/log'
import { layPlanting, type StandingPlant } from '../core/spacing'
import { GARDEN_FORMAT, type GardenFile } from '../data/records'
import type { GardenState } from '../data/garden-state'
import { slicerTraits } from './slicer'
import { stateOfFile } from './state-of-file'

/** A garden put together for a test, which states only what it is about; ids are v7, the same at each run. */
export interface TestGarden {
  readonly file: GardenFile
  place(
    name: string,
    kind: PlaceKind,
    size: readonly [length: number, width: number],
    more?: Partial<Place>,
  ): Place
  cultivar(name: string, more?: Partial<GardenCultivar>): GardenCultivar
  /** A planting with its plants laid beside what its place holds. @throws RangeError when they do not fit */
  planting(cultivar: GardenCultivar, place: Place, count: number, more?: Partial<Planting>): Planting
  /** Something that happened to a planting, a place, a plant, or the garden. */
  enter<Kind extends EntryKind>(
    about: Planting | Place | PlantPosition | null,
    kind: Kind,
    on: string,
    data: EntryData[Kind],
    more?: Partial<Pick<LogEntry, 'note' | 'voids'>>,
  ): LogEntry<Kind>
  plantsOf(planting: Planting): PlantPosition[]
  /** Without a database; `seasons`: simulated ones, or those of another garden of the same site. */
  state(seasons?: number | Ensemble): GardenState
}

/** A setting out as most are: upright, to the seed leaves. */
export const SET_OUT = {
  method: 'upright',
  school: 'worked-out',
  stemBuried: 0.05,
  holeDepth: 0.15,
  leavesStripped: 0,
} as const

const FIRST_ID = Date.UTC(2026, 0, 1)

export function gardenOf(
  set: Partial<GardenFile['garden']> & { template?: ClimateTemplateId } = {},
): TestGarden {
  let made = 0
  const id = () => v7({ msecs: FIRST_ID + ++made, seq: 0, random: new Uint8Array(16).fill(made % 251) })
  const { template = 'humid-warm-summer', ...given } = set
  const garden: GardenFile['garden'] = {
    id: id(),
    name: 'Test Garden',
    latitude: 41,
    longitude: -97,
    elevation: 450,
    timeZone: 'America/Chicago',
    units: 'metric',
    decimals: 'point',
    currency: 'USD',
    dates: 'day-first',
    clockDate: '2026-06-18' as IsoDate,
    shelter: 'open',
    soil: 'loam',
    climateTemplate: template,
    climateShift: 0,
    climateHot: 0,
    station: 'normals',
    seed: 1,
    houseSchools: {},
    ownRecord: null,
    ...given,
  }
  const file: GardenFile = {
    format: GARDEN_FORMAT,
    version: GARDEN_VERSION,
    garden,
    normals: normalsFor(template, garden).map((month, at) => ({
      month: at + 1,
      source: 'entered',
      ...month,
    })),
    weather: [],
    places: [],
    obstacles: [],
    cropHistory: [],
    cultivars: [],
    plantings: [],
    plants: [],
    supplies: [],
    wanted: [],
    products: [],
    readings: [],
    log: [],
    photos: [],
    archive: [],
  }
  const standing = new Map<string, StandingPlant[]>()
  const subjectOf = (about: Planting | Place | PlantPosition | null): EntrySubject =>
    about === null
      ? { type: 'garden', id: garden.id }
      : {
          type: 'cultivarId' in about ? 'planting' : 'plantingId' in about ? 'plant' : 'place',
          id: about.id,
        }
  return {
    file,
    place(name, kind, [length, width], more) {
      const y = Math.max(0, ...file.places.map((place) => place.y + place.width + 0.6))
      const place = { ...plainPlace({ id: id(), name, kind, length, width, y }), ...more }
      file.places.push(place)
      return place
    },
    cultivar(name, more) {
      const cultivar: GardenCultivar = {
        id: id(),
        name,
        notes: '',
        ...slicerTraits,
        ...more,
      }
      file.cultivars.push(cultivar)
      return cultivar
    },
    planting(cultivar, place, count, more) {
      const planting: Planting = {
        id: id(),
        cultivarId: cultivar.id,
        placeId: place.id,
        season: 2026,
        count,
        training: cultivar.crop === 'pepper' ? 'pepper' : 'two-stems',
        support: 'stake',
        spacingSchool: 'standard',
        ...USUAL_SEED,
        raising: 'plant',
        plannedSow: null,
        plannedSetOut: null,
        ownInRow: null,
        ownLines: null,
        ownCage: null,
        unionHeight: null,
        ...more,
      }
      const key = `${planting.season} ${place.id}`
      const there = standing.get(key) ?? []
      const { positions, laid } = layPlanting(place, { ...planting, cultivar }, there, 'low')
      if (positions.length < count)
        throw new RangeError(`count must be at most ${positions.length} in ${place.name}, not ${count}`)
      const plants = positions.map(({ x, y }, at) => ({
        id: id(),
        plantingId: planting.id,
        label: String(there.length + at + 1),
        x,
        y,
        from: null,
        to: null,
      }))
      standing.set(key, [...there, ...laid])
      file.plantings.push(planting)
      file.plants.push(...plants)
      return planting
    },
    enter(about, kind, on, data, more) {
      const entry = {
        id: id(),
        subject: subjectOf(about),
        kind,
        on: on as IsoDate,
        at: `${on}T07:30:00.000Z`,
        data,
        note: '',
        voids: null,
        ...more,
      } as unknown as LogEntry<typeof kind>
      file.log.push(entry as LogEntry)
      return entry
    },
    plantsOf: ({ id: plantingId }) => file.plants.filter((plant) => plant.plantingId === plantingId),
    state: (seasons) => stateOfFile(file, seasons),
  }
}
