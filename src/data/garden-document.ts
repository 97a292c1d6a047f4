import type { GardenCultivar, Obstacle, Place, Planting, PlantPosition, Supply } from '../core/facts'
import type { LogEntry } from '../core/log'
import type { Product } from '../core/feeding'
import type { ArchivedSeason } from './archive'
import type { MoistureReading } from './devices'
import type { GardenRow, NormalRow } from './gardens'
import type { Photo } from './photo-content'
import type { cropHistory } from './schema'
import type { WeatherRow } from './weather'

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
