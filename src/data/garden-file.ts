import { eq } from 'drizzle-orm'
import type {
  GardenCultivar,
  LogEntry,
  Obstacle,
  Place,
  Planting,
  PlantPosition,
  Supply,
} from '../core/facts'
import type { Product } from '../core/feeding'
import { archiveOf, insertArchive, type ArchivedSeason } from './archive'
import { readTogether, type Reader, type Writer } from './database'
import { insertReadings, readingsOf, type MoistureReading } from './devices'
import { insertGarden, normalRows, replaceNormals, type GardenRow, type NormalRow } from './gardens'
import { insertObstacles, obstaclesOf } from './ground'
import { insertEntries, logOf } from './log'
import type { Photo } from './photo-content'
import { insertPhotos, photosOf } from './photos'
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
import { insertProducts, productsOf } from './products'
import { garden, type cropHistory } from './schema'
import { insertSupplies, suppliesOf } from './supplies'
import { putWeather, weatherRows, type WeatherRow } from './weather'

export const GARDEN_FORMAT = 'prairie-garden'
export const GARDEN_VERSION = 8
/** The document's name in a zip file. */
export const GARDEN_DOCUMENT = 'garden.json'

/** A whole garden in one document. */
export interface GardenFile {
  format: typeof GARDEN_FORMAT
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

/** A garden as it is at one moment, whatever is written meanwhile. @throws RangeError when there is none of that id */
export const exportGarden = (gardenId: string): Promise<GardenFile> =>
  readTogether((db) => gardenFileOf(gardenId, db))

async function gardenFileOf(gardenId: string, db: Reader): Promise<GardenFile> {
  const [row] = await db.select().from(garden).where(eq(garden.id, gardenId))
  if (!row) throw new RangeError(`gardenId must be a garden's, not ${gardenId}`)
  const places = await placesOf(gardenId, db)
  const plantings = await plantingsOf(gardenId, undefined, db)
  return {
    format: GARDEN_FORMAT,
    version: GARDEN_VERSION,
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
