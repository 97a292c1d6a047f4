import type { IsoDate } from '../../core/calendar'
import { simulateSeasons } from '../../core/climate'
import type { LogEntry } from '../../core/log'
import type { MoistureReading } from '../devices'
import type { GardenState } from '../garden-state'
import { demoGarden } from './index'
import type { GardenRow } from '../records/garden'

const file = demoGarden()
const ensemble = simulateSeasons({ normals: file.normals, latitude: file.garden.latitude, count: 60 })

/** The demo garden as tests want it: without a database, on another day, otherwise set, with more in its log. */
export function demoState(
  change: {
    garden?: Partial<GardenRow>
    entries?: LogEntry[]
    readings?: MoistureReading[]
    empty?: boolean
  } = {},
): GardenState {
  const garden = { ...file.garden, ...change.garden }
  return {
    garden,
    changes: 0,
    shares: [],
    normalRows: file.normals.map((month) => ({ ...month, gardenId: garden.id })),
    record: {
      ensemble,
      places: file.places,
      cultivars: file.cultivars,
      plantings: change.empty ? [] : file.plantings,
      entries: [...file.log, ...(change.entries ?? [])],
      weather: [],
    },
    plants: file.plants,
    obstacles: file.obstacles,
    supplies: file.supplies,
    wanted: file.wanted,
    products: file.products,
    devices: [],
    readings: [...file.readings, ...(change.readings ?? [])],
    history: new Map(),
    photos: new Map(),
    archive: [],
    now: garden.clockDate ?? ('2026-06-18' as IsoDate),
    station: { normals: ensemble.normals, latitude: garden.latitude, seed: garden.seed },
  }
}

/** An entry of the planting in pot 1. */
export function potEntry(
  id: string,
  kind: LogEntry['kind'],
  on: string,
  more: Partial<LogEntry> = {},
): LogEntry {
  return {
    id,
    kind,
    on,
    at: `${on}T09:00:00.000Z`,
    subject: { type: 'planting', id: 'demo-2026-pot-1-1' },
    data: {},
    note: '',
    voids: null,
    ...more,
  } as LogEntry
}
