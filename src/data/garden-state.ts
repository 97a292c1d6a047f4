import { isDeepStrictEqual } from 'node:util'
import { addDays, earlierOf, type IsoDate } from '../core/calendar'
import {
  dayOf,
  frostPercentiles,
  recordedSeasons,
  seasonStart,
  simulateSeasons,
  stationForecast,
  stationRecord,
  wetnessPressure,
  type Ensemble,
  type Normals,
  type RecordedDay,
  type Station,
  type WeatherLine,
  type WetnessPressure,
} from '../core/climate'
import type { Obstacle, Place, PlantPosition, Supply } from '../core/facts'
import type { Product } from '../core/feeding'
import { SOLANACEAE } from '../core/rotation'
import { remembered, type Memo } from '../core/memo'
import type { LogEntry } from '../core/log'
import { outlookAlong, seasonLine, type GardenRecord, type SeasonOutlook } from '../core/season'
import { archiveOf, type ArchivedSeason } from './archive'
import { changes, readTogether, type Reader } from './database'
import { devicesOf, readingsOf, type Device, type MoistureReading } from './devices'
import {
  allGardens,
  currentGarden,
  normalRows,
  normalsOf,
  todayIn,
  type GardenRow,
  type NormalRow,
} from './gardens'
import { databaseUrl } from './locate'
import { obstaclesOf } from './ground'
import { logOf } from './log'
import { cropHistoryOf, cultivarsOf, placesOf, plantingsOf, plantsOf } from './plantings'
import type { Photo } from './photo-content'
import { photosOf } from './photos'
import { productsOf } from './products'
import { suppliesOf } from './supplies'
import { recordFingerprint, weatherBetween } from './weather'

/** All that the core needs of a garden, loaded. */
export interface GardenState {
  garden: GardenRow
  normalRows: NormalRow[]
  record: GardenRecord<LogEntry>
  plants: PlantPosition[]
  obstacles: Obstacle[]
  supplies: Supply[]
  /** Feeds of its own. */
  products: Product[]
  devices: Device[]
  /** What sensors read, oldest first in each place. */
  readings: MoistureReading[]
  /** Years in which Solanaceae stood in each place, by its id, as far as they were told. */
  history: Map<string, number[]>
  /** Photos by the entry that they are of. */
  photos: ReadonlyMap<string, Photo[]>
  /** Seasons that were put away. */
  archive: ArchivedSeason[]
  /** The date on the garden's clock. */
  now: IsoDate
  station: Station | null
}

/** Seasons by what they were made of: the same normals and record always give the same seasons. */
const ensembles = new Map<string, Ensemble>()
const MOST_ENSEMBLES = 8

/** The seasons that dates are spread over: the recorded ones where there are enough, else simulated ones. */
async function ensembleOf(normals: Normals, garden: GardenRow, db: Reader): Promise<Ensemble> {
  const record = await recordFingerprint(garden.id, db)
  const key = JSON.stringify([normals, garden.latitude, record])
  let found = ensembles.get(key)
  if (!found) {
    const recorded =
      record.days < LEAST_RECORD
        ? null
        : recordedSeasons(normals, await weatherBetween(garden.id, FIRST, LAST, db))
    found = recorded ?? simulateSeasons({ normals, latitude: garden.latitude })
    if (ensembles.size >= MOST_ENSEMBLES) ensembles.delete(ensembles.keys().next().value!)
    ensembles.set(key, found)
  }
  return found
}
/** Under so many days, no ten seasons can be whole. */
const LEAST_RECORD = 3500
const [FIRST, LAST] = ['1800-01-01', '2400-12-31'] as [IsoDate, IsoDate]

const pressures = new WeakMap<Ensemble, WetnessPressure>()

/** How hard wet leaves press in a garden, from its last frost to its first. */
export function wetnessOf({ garden, record: { ensemble } }: GardenState): WetnessPressure {
  let found = pressures.get(ensemble)
  if (!found) {
    const { lastSpring, firstAutumn } = frostPercentiles(ensemble)
    found = wetnessPressure(ensemble, garden.latitude, lastSpring.p50 ?? 0, firstAutumn.p50 ?? 364).pressure
    pressures.set(ensemble, found)
  }
  return found
}

let last: { url: string; version: number; state: GardenState } | undefined

/**
 * The garden at work with its facts, log and weather; null: none has been made yet. The same object as before
 * while nothing was written and the day has not changed.
 */
export async function loadGarden(): Promise<GardenState | null> {
  const [url, version] = [databaseUrl(), await changes()]
  if (last?.url === url && last.version === version && todayIn(last.state.garden) === last.state.now)
    return last.state
  const state = await readGarden()
  last = state ? { url, version, state } : undefined
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
  const rows = await normalRows(garden.id, db)
  const normals = normalsOf(rows)
  const ensemble = await ensembleOf(normals, garden, db)
  const now = todayIn(garden)
  const [places, obstacles, supplies, products, cultivars, plantings, entries, weather] = await Promise.all([
    placesOf(garden.id, db),
    obstaclesOf(garden.id, db),
    suppliesOf(garden.id, db),
    productsOf(garden.id, db),
    cultivarsOf(garden.id, db),
    plantingsOf(garden.id, undefined, db),
    logOf(garden.id, db),
    recentWeather(garden.id, ensemble, now, db),
  ])
  const plants = await plantsOf(
    plantings.map(({ id }) => id),
    db,
  )
  const [photos, archive, devices, readings] = await Promise.all([
    photosOf(garden.id, undefined, db),
    archiveOf(garden.id, db),
    devicesOf(garden.id, db),
    readingsOf(
      places.map(({ id }) => id),
      db,
    ),
  ])
  // The ensemble's own normals: what was worked out from them once is known by that very object.
  const station =
    garden.station === 'simulated'
      ? { normals: ensemble.normals, latitude: garden.latitude, seed: garden.seed }
      : null
  return {
    garden,
    normalRows: rows,
    record: { ensemble, places, cultivars, plantings, entries, weather },
    plants,
    obstacles,
    supplies,
    products,
    devices,
    readings,
    photos: byEntry(photos),
    archive,
    history: await solanaceaeYears(places, db),
    now,
    station,
  }
}

function byEntry(photos: readonly Photo[]): Map<string, Photo[]> {
  const found = new Map<string, Photo[]>()
  for (const photo of photos) found.set(photo.entryId, [...(found.get(photo.entryId) ?? []), photo])
  return found
}

async function solanaceaeYears(places: readonly Place[], db: Reader): Promise<Map<string, number[]>> {
  const years = new Map<string, number[]>()
  const rows = await cropHistoryOf(
    places.map(({ id }) => id),
    db,
  )
  for (const { placeId, year, family } of rows)
    if (family === SOLANACEAE) years.set(placeId, [...(years.get(placeId) ?? []), year])
  return years
}

/** Years in which Solanaceae stood in a place: told, or planted here. */
export const solanaceaeYearsIn = ({ history, record }: GardenState, placeId: string): number[] => [
  ...(history.get(placeId) ?? []),
  ...record.plantings.filter((planting) => planting.placeId === placeId).map(({ season }) => season),
]

/** The plants that stand on a date or are still to stand: what was taken out before is gone. */
export const plantsOn = ({ plants }: GardenState, date: IsoDate): PlantPosition[] =>
  plants.filter(({ to }) => to === null || to >= date)

const outlooks: Memo<GardenState, SeasonOutlook<LogEntry>> = new WeakMap()
const MOST_OUTLOOKS = 40

/** The garden as of a date; ahead of its clock, with what is known of the weather today. */
export const outlookOn = (state: GardenState, date: IsoDate): SeasonOutlook<LogEntry> =>
  remembered(
    outlooks,
    state,
    date,
    () => outlookAlong(state.record, lineOn(state, date), date),
    MOST_OUTLOOKS,
  )

const lines: Memo<readonly RecordedDay[], WeatherLine> = new WeakMap()

/** The weather in one line as of a date: the same object while no weather is written, whatever else is. */
function lineOn({ record, station, now, garden }: GardenState, date: IsoDate): WeatherLine {
  const known = earlierOf(date, now)
  const key = [date, known, garden.station, garden.latitude, garden.seed].join()
  return remembered(
    lines,
    record.weather,
    key,
    () => {
      const forecast = station && stationForecast(station, known)
      const weather = station
        ? withStation(station, record.weather, seasonStart(record.ensemble.normals, date), known)
        : record.weather
      return seasonLine({ ensemble: record.ensemble, weather }, date, forecast, known)
    },
    MOST_OUTLOOKS,
  )
}

const recent = new WeakMap<Ensemble, RecordedDay[]>()

/** The weather on record of the last seasons; the same object as before where it says the same. */
async function recentWeather(
  gardenId: string,
  ensemble: Ensemble,
  now: IsoDate,
  db: Reader,
): Promise<RecordedDay[]> {
  const loaded = await weatherBetween(gardenId, addDays(now, -450), now, db)
  const before = recent.get(ensemble)
  if (before && isDeepStrictEqual(before, loaded)) return before
  recent.set(ensemble, loaded)
  return loaded
}

const DAYS_BEFORE_SEASON = 60

/** The simulated station's days, each replaced by a stored one where there is one. */
function withStation(
  station: Station,
  stored: readonly RecordedDay[],
  start: IsoDate,
  known: IsoDate,
): RecordedDay[] {
  const from = addDays(start, -DAYS_BEFORE_SEASON)
  const simulated = stationRecord(station, from, 460)
  const days = Array.from({ length: simulated.days }, (_, index) => dayOf(simulated, index)).filter(
    ({ date }) => date < known,
  )
  return [...days, ...stored]
}
