import { eq } from 'drizzle-orm'
import { archiveOf, insertArchive } from './archive'
import { readTogether, type Reader, type Writer } from './database'
import { insertReadings, readingsOf } from './devices'
import { GARDEN_FORMAT, GARDEN_VERSION, type GardenFile } from './garden-document'
import { insertGarden, normalRows, replaceNormals } from './gardens'
import { insertObstacles, obstaclesOf } from './ground'
import { insertEntries, logOf } from './log'
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
import { garden } from './schema'
import { insertSupplies, suppliesOf } from './supplies'
import { putWeather, weatherRows } from './weather'

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
