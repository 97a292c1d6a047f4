import { eq } from 'drizzle-orm'
import { ValidationError } from 'yup'
import type {
  GardenCultivar,
  ImportWay,
  LogEntry,
  Obstacle,
  Place,
  Planting,
  PlantPosition,
  Supply,
} from '../core/facts'
import type { Product } from '../core/feeding'
import { copyBefore, reader, write, type Reader, type Writer } from './database'
import { insertReadings, readingsOf, type MoistureReading } from './devices'
import { gardenFileSchema } from './garden-file-schema'
import { archiveOf, insertArchive, type ArchivedSeason } from './archive'
import {
  allGardens,
  currentGarden,
  insertGarden,
  normalRows,
  removeGarden,
  replaceNormals,
  takeToWork,
  type GardenRow,
  type NormalRow,
} from './gardens'
import { insertObstacles, obstaclesOf } from './ground'
import { insertEntries, logOf } from './log'
import {
  cropHistoryOf,
  cultivarsOf,
  insertCropHistory,
  insertCultivars,
  insertPlaces,
  insertPlantings,
  insertPlants,
  placesOf,
  plantingsOf,
  plantsOf,
} from './plantings'
import { insertPhotos, isStored, photosOf, readPhoto, storePicture, type Photo } from './photos'
import { insertProducts, productsOf } from './products'
import { insertSupplies, suppliesOf } from './supplies'
import { garden, type cropHistory } from './schema'
import { putWeather, weatherRows, type WeatherRow } from './weather'

const FORMAT = 'prairie-garden'
const VERSION = 7

/** A whole garden in one document. */
export interface GardenFile {
  format: typeof FORMAT
  version: number
  garden: GardenRow
  normals: Omit<NormalRow, 'gardenId'>[]
  weather: WeatherRow[]
  places: Place[]
  obstacles: Obstacle[]
  cropHistory: (typeof cropHistory.$inferSelect)[]
  cultivars: GardenCultivar[]
  plantings: Planting[]
  plants: PlantPosition[]
  supplies: Supply[]
  products: Product[]
  /** What sensors read; their secrets stay where they are. */
  readings: MoistureReading[]
  log: LogEntry[]
  /** Photos of the log; the pictures themselves go beside the document, in a zip file. */
  photos: Photo[]
  /** Seasons that were put away. */
  archive: ArchivedSeason[]
}

export async function exportGarden(gardenId: string, from?: Reader): Promise<GardenFile> {
  const db = from ?? (await reader())
  const [row] = await db.select().from(garden).where(eq(garden.id, gardenId))
  if (!row) throw new RangeError(`gardenId must be a garden's, not ${gardenId}`)
  const places = await placesOf(gardenId, db)
  const plantings = await plantingsOf(gardenId, undefined, db)
  return {
    format: FORMAT,
    version: VERSION,
    garden: row,
    normals: (await normalRows(gardenId, db)).map(({ gardenId: _, ...month }) => month),
    weather: await weatherRows(gardenId, db),
    places,
    obstacles: await obstaclesOf(gardenId, db),
    cropHistory: await cropHistoryOf(
      places.map(({ id }) => id),
      db,
    ),
    cultivars: await cultivarsOf(gardenId, db),
    plantings,
    plants: await plantsOf(
      plantings.map(({ id }) => id),
      db,
    ),
    supplies: await suppliesOf(gardenId, db),
    products: await productsOf(gardenId, db),
    readings: await readingsOf(
      places.map(({ id }) => id),
      db,
    ),
    log: await logOf(gardenId, db),
    photos: await photosOf(gardenId, undefined, db),
    archive: await archiveOf(gardenId, db),
  }
}

/** What is wrong with a garden file; nothing was changed. */
export type ImportProblem =
  | { kind: 'not-json'; line: number; column: number }
  | { kind: 'not-a-garden' }
  | { kind: 'newer'; version: number }
  | { kind: 'invalid'; faults: string[] }
  /** A garden here has its ids; its name, where the whole garden is the same one. */
  | { kind: 'here-already'; name: string | null }

export type ImportResult = { gardenId: string } | { problem: ImportProblem }

/** Reads a garden file without taking it. */
export function readGardenFile(text: string): { file: GardenFile } | { problem: ImportProblem } {
  let document: unknown
  try {
    document = JSON.parse(text)
  } catch (error) {
    return { problem: { kind: 'not-json', ...faultPlace(text, error as SyntaxError) } }
  }
  const head = document as Partial<GardenFile> | null
  if (typeof head !== 'object' || head === null || head.format !== FORMAT)
    return { problem: { kind: 'not-a-garden' } }
  if (typeof head.version === 'number' && head.version > VERSION)
    return { problem: { kind: 'newer', version: head.version } }
  try {
    const file = gardenFileSchema.validateSync(upgraded(head), {
      strict: true,
      abortEarly: false,
    }) as unknown as GardenFile
    const faults = danglingReferences(file)
    return faults.length > 0 ? { problem: { kind: 'invalid', faults } } : { file }
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    return { problem: { kind: 'invalid', faults: error.errors } }
  }
}

/** A file of an earlier version with what that version did not know yet. */
function upgraded(file: Partial<GardenFile>): unknown {
  const { version } = file
  if (version === undefined || version < 1 || version >= VERSION || !Array.isArray(file.places)) return file
  const places = file.places.map((place: Partial<Place>) => ({
    turn: 0,
    height: null,
    emitterFirst: null,
    emitterFlow: null,
    pot: place.kind === 'container' ? { shape: 'round', bottom: null, selfWatering: false } : null,
    ...place,
  }))
  const plantings = Array.isArray(file.plantings)
    ? file.plantings.map((planting: object) => ({ raising: 'plant', plannedSow: null, ...planting }))
    : file.plantings
  return {
    obstacles: [],
    supplies: [],
    products: [],
    readings: [],
    photos: [],
    archive: [],
    ...file,
    version: VERSION,
    places,
    plantings,
  }
}

/**
 * Takes a garden file and puts it to work, after a copy of the database, in one transaction. A file with any fault is
 * refused whole. Photos whose pictures neither came with it nor lie here are left out.
 *
 * @param pictures by the photo's id
 */
export async function importGarden(
  text: string,
  way: ImportWay = 'instead',
  pictures: ReadonlyMap<string, Uint8Array> = new Map(),
): Promise<ImportResult> {
  const read = readGardenFile(text)
  if ('problem' in read) return read
  const faults = pictureFaults(read.file.photos, pictures)
  if (faults.length > 0) return { problem: { kind: 'invalid', faults } }
  const there = await Promise.all(read.file.photos.map((photo) => pictures.has(photo.id) || isStored(photo)))
  const file = { ...read.file, photos: read.file.photos.filter((_, at) => there[at]) }
  await copyBefore('before-import')
  for (const photo of file.photos) {
    const picture = pictures.get(photo.id)
    if (picture) await storePicture(photo, picture)
  }
  return write(async (tx): Promise<ImportResult> => {
    const own = way === 'instead' ? await currentGarden(tx) : null
    const other = (await allGardens(tx)).find(({ id }) => id === file.garden.id && id !== own?.id)
    if (other) return { problem: { kind: 'here-already', name: other.name } }
    if (own) await removeGarden(tx, own.id)
    await insertGardenFile(tx, file)
    await takeToWork(tx, file.garden.id)
    return { gardenId: file.garden.id }
  }).catch((error: unknown): ImportResult => {
    if (isTakenId(error)) return { problem: { kind: 'here-already', name: null } }
    throw error
  })
}

/** An id of the file belongs to something of another garden here. */
const isTakenId = (error: unknown): boolean =>
  error instanceof Error && (/UNIQUE|PRIMARYKEY/.test(codeOf(error)) || isTakenId(error.cause))
const codeOf = (error: Error) =>
  `${String((error as { extendedCode?: unknown }).extendedCode ?? '')} ${error.message}`

/** Pictures that came with the file and are not what it says of them. */
const pictureFaults = (photos: readonly Photo[], pictures: ReadonlyMap<string, Uint8Array>): string[] =>
  photos.flatMap(({ id, type, bytes }, at) => {
    const picture = pictures.get(id)
    if (!picture) return []
    const read = readPhoto(picture)
    if ('problem' in read) return [`photos[${at}] comes with a picture that is none, or too large`]
    return read.type === type && read.bytes === bytes
      ? []
      : [`photos[${at}] comes with another picture than it tells of`]
  })

/** Writes a garden that is not there yet. */
export async function insertGardenFile(tx: Writer, file: GardenFile): Promise<void> {
  const { id } = file.garden
  await insertGarden(tx, file.garden)
  await replaceNormals(tx, id, file.normals)
  await putWeather(tx, id, file.weather, 'all')
  await insertPlaces(tx, id, file.places)
  await insertObstacles(tx, id, file.obstacles)
  await insertCropHistory(tx, file.cropHistory)
  await insertCultivars(tx, id, file.cultivars)
  await insertPlantings(tx, id, file.plantings)
  await insertPlants(tx, file.plants)
  await insertSupplies(tx, id, file.supplies)
  await insertProducts(tx, id, file.products)
  await insertReadings(tx, file.readings)
  await insertEntries(tx, id, file.log)
  await insertPhotos(tx, id, file.photos)
  await insertArchive(tx, id, file.archive)
}

/** Where the text stops being JSON: the parser's own position, or the end of a text that was cut off. */
function faultPlace(text: string, error: SyntaxError): { line: number; column: number } {
  const position = /position (\d+)/.exec(error.message)
  const before = text.slice(0, position ? Number(position[1]) : text.length).split('\n')
  return { line: before.length, column: before.at(-1)!.length + 1 }
}

function danglingReferences(file: GardenFile): string[] {
  const ids = (rows: readonly { id: string }[]) => new Set(rows.map(({ id }) => id))
  const [places, cultivars, plantings] = [ids(file.places), ids(file.cultivars), ids(file.plantings)]
  const entries = ids(file.log)
  return [
    ...file.plantings.flatMap(({ placeId, cultivarId }, at) => [
      ...(places.has(placeId) ? [] : [`plantings[${at}].placeId names no place of this file`]),
      ...(cultivars.has(cultivarId) ? [] : [`plantings[${at}].cultivarId names no cultivar of this file`]),
    ]),
    ...file.plants.flatMap(({ plantingId }, at) =>
      plantings.has(plantingId) ? [] : [`plants[${at}].plantingId names no planting of this file`],
    ),
    ...file.readings.flatMap(({ placeId }, at) =>
      places.has(placeId) ? [] : [`readings[${at}].placeId names no place of this file`],
    ),
    ...file.photos.flatMap(({ entryId }, at) =>
      entries.has(entryId) ? [] : [`photos[${at}].entryId names no entry of this file`],
    ),
    ...file.cropHistory.flatMap(({ placeId }, at) =>
      places.has(placeId) ? [] : [`cropHistory[${at}].placeId names no place of this file`],
    ),
  ]
}
