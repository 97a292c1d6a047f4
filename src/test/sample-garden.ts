import type { IsoDate } from '../core/calendar'
import type { CallGarden } from '../core/calls'
import { normalsFor, simulateSeasons } from '../core/climate'
import { plainPlace, type GardenCultivar, type Place, type Planting } from '../core/facts'
import type { LogEntry } from '../core/log'
import type { GardenRecord } from '../core/season'
import { usualFeeding } from '../core/transplant'
import { slicerTraits } from './slicer'

/** A small garden for tests: six slicers in a raised bed on the warm, humid plain. */
export const plain = normalsFor('humid-warm-summer', { latitude: 41, elevation: 450 })

export const slicer: GardenCultivar = {
  id: 'c',
  name: 'C',
  notes: '',
  ...slicerTraits,
}

export const bed: Place = {
  ...plainPlace({ id: 'p', name: 'P', kind: 'bed', length: 3, width: 1.2 }),
  raised: true,
}

export const sixSlicers: Planting = {
  id: 'a',
  cultivarId: 'c',
  placeId: 'p',
  season: 2026,
  count: 6,
  training: 'two-stems',
  support: 'stake',
  spacingSchool: 'standard',
  germination: 0.85,
  survival: 0.9,
  raising: 'plant',
  plannedSow: null,
  plannedSetOut: null,
  ownInRow: null,
  ownLines: null,
  ownCage: null,
  unionHeight: null,
}

/** An entry of the planting, on the morning of a day. */
export const entryOf = (
  id: string,
  kind: LogEntry['kind'],
  on: string,
  data: object = {},
  more: Partial<LogEntry> = {},
) =>
  ({
    id,
    kind,
    on: on as IsoDate,
    at: `${on}T07:00:00.000Z`,
    data,
    note: '',
    voids: null,
    subject: { type: 'planting', id: 'a' },
    ...more,
  }) as LogEntry

const ensemble = simulateSeasons({ normals: plain, latitude: 41, count: 60 })

export const sampleGarden = (entries: LogEntry[] = [], change: Partial<GardenRecord> = {}): GardenRecord => ({
  ensemble,
  places: [bed],
  cultivars: [slicer],
  plantings: [sixSlicers],
  entries,
  weather: [],
  ...change,
})

/** No plant and no water is known: then only what the plantings' dates ask is called. */
export const withoutCare: CallGarden = {
  id: 'g',
  plants: [],
  water: [],
  wetness: 'low',
  bears: () => 3,
  vigour: () => null,
  house: { feeding: usualFeeding, watering: 'even', flowers: 'worked-out' },
}
