import { isDeepStrictEqual } from 'node:util'
import { addDays, type IsoDate } from '../core/calendar'
import { FORECAST_REACH, type Ensemble, type Normals, type RecordedDay } from '../core/climate'
import type { GardenDay, GardenSnapshot } from '../core/garden-day'
import { remembered } from '../core/memo'
import { SOLANACEAE } from '../core/rotation'
import { assembled } from './assembled'
import { changeCount, changes, readTogether, type Reader } from './database'
import { devicesOf, type Device, type MoistureReading } from './devices'
import { allGardens, currentGarden } from './gardens'
import { normalsOf, todayIn } from './garden-row'
import { cropRecord } from './records/crop-history'
import { photoRecord } from './records/photo'
import { plantRecord } from './records/plant'
import { readingRecord } from './records/reading'
import type { Photo } from './photo-content'
import { seasonsOf } from './seasons-of'
import { sharesOf, type PlaceShare } from './shares'
import { recordFingerprint, weatherBetween } from './weather'
import { placeRecord } from './records/place'
import { cultivarRecord } from './records/cultivar'
import { obstacleRecord } from './records/obstacle'
import { supplyRecord } from './records/supply'
import { wantedRecord } from './records/wanted'
import { productRecord } from './records/product'
import { type ArchivedSeason, archiveRecord } from './records/archived-season'
import { type NormalRow, normalRecord } from './records/normal'
import { entryRecord } from './records/entry'
import { plantingRecord } from './records/planting'
import type { GardenRow } from './records/garden'

/** A garden as it is kept, loaded: all that its days are worked out from, and what else its screens show. */
export interface GardenState extends GardenSnapshot {
  garden: GardenRow
  normalRows: NormalRow[]
  devices: Device[]
  readings: MoistureReading[]
  /** Photos by the entry that they are of. */
  photos: ReadonlyMap<string, Photo[]>
  /** How many changes of the garden it follows. */
  changes: number
  /** Seasons that were put away. */
  archive: ArchivedSeason[]
  /** Whose which place is in the round. */
  shares: PlaceShare[]
}

/** A garden on a day, with all that is kept of it. */
export type Day = GardenDay<GardenState>

/** The seasons that a garden's dates are spread over. */
async function ensembleOf(normals: Normals, garden: GardenRow, db: Reader): Promise<Ensemble> {
  const record = await recordFingerprint(garden.id, db)
  return seasonsOf(normals, garden, {
    days: record.days,
    short: record,
    read: () => wholeRecord(garden.id, db),
  })
}

/** Every day on record that was measured. */
export const wholeRecord = async (gardenId: string, db?: Reader): Promise<RecordedDay[]> =>
  (await weatherBetween(gardenId, FIRST, LAST, db)).filter(({ source }) => source !== 'forecast')
const [FIRST, LAST] = ['1800-01-01', '2400-12-31'] as [IsoDate, IsoDate]

let last: { version: string; state: GardenState } | undefined

/**
 * The garden at work with its facts, log and weather; null: none has been made yet. The same object as before
 * while nothing was written and the day has not changed.
 */
export async function loadGarden(): Promise<GardenState | null> {
  const version = await changes()
  if (last?.version === version && todayIn(last.state.garden) === last.state.now) return last.state
  const state = await readGarden()
  last = state ? { version, state } : undefined
  return state
}

/** The garden of that id, whichever is at work; null: it is not there. */
export async function stateOf(gardenId: string): Promise<GardenState | null> {
  const atWork = await loadGarden()
  if (atWork?.garden.id === gardenId) return atWork
  const garden = (await allGardens()).find(({ id }) => id === gardenId)
  return garden ? readGarden(garden) : null
}

/** Everything of a garden as it is at one moment. */
const readGarden = (chosen?: GardenRow): Promise<GardenState | null> =>
  readTogether((db) => readGardenFrom(db, chosen))

async function readGardenFrom(db: Reader, chosen?: GardenRow): Promise<GardenState | null> {
  const garden = chosen ?? (await currentGarden(db))
  if (!garden) return null
  const rows = await normalRecord.of(garden.id, db)
  const normals = normalsOf(rows)
  const ensemble = await ensembleOf(normals, garden, db)
  const now = todayIn(garden)
  const [places, obstacles, supplies, products, cultivars, plantings, entries, weather] = await Promise.all([
    placeRecord.of(garden.id, db),
    obstacleRecord.of(garden.id, db),
    supplyRecord.of(garden.id, db),
    productRecord.of(garden.id, db),
    cultivarRecord.of(garden.id, db),
    plantingRecord.of(garden.id, db),
    entryRecord.of(garden.id, db),
    recentWeather(garden.id, ensemble, now, db),
  ])
  const [plants, photos, archive, devices, readings, wanted, shares] = await Promise.all([
    plantRecord.of(garden.id, db),
    photoRecord.of(garden.id, db),
    archiveRecord.of(garden.id, db),
    devicesOf(garden.id, db),
    readingRecord.of(garden.id, db),
    wantedRecord.of(garden.id, db),
    sharesOf(garden.id, db),
  ])
  const history = (await cropRecord.of(garden.id, db)).filter(({ family }) => family === SOLANACEAE)
  return assembled(
    {
      garden,
      changes: await changeCount(db),
      normalRows: rows,
      ...{ places, obstacles, supplies, products, cultivars, plantings, entries, weather },
      ...{ plants, photos, archive, devices, readings, wanted, shares, history },
    },
    ensemble,
    now,
  )
}

/** The weather on record of the last seasons, and what is foretold; the same object as before where it says the same. */
async function recentWeather(
  gardenId: string,
  ensemble: Ensemble,
  now: IsoDate,
  db: Reader,
): Promise<RecordedDay[]> {
  const loaded = await weatherBetween(gardenId, addDays(now, -450), addDays(now, FORECAST_REACH), db)
  const held = remembered(ensemble, 'recent weather', () => ({ days: loaded }))
  if (!isDeepStrictEqual(held.days, loaded)) held.days = loaded
  return held.days
}
