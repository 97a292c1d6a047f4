import { archiveRecord } from './archived-season'
import { cropRecord } from './crop-history'
import { cultivarRecord } from './cultivar'
import { entryRecord } from './entry'
import type { GardenRow } from './garden'
import { normalRecord } from './normal'
import { obstacleRecord } from './obstacle'
import { photoRecord } from './photo'
import { placeRecord } from './place'
import { plantRecord } from './plant'
import { plantingRecord } from './planting'
import { productRecord } from './product'
import { readingRecord } from './reading'
import type { GardenRecord, RowOf } from './record'
import { supplyRecord } from './supply'
import { wantedRecord } from './wanted'
import { weatherRecord } from './weather-day'

/**
 * Every record by its list in a garden file, each after those that it names: in this order rows are written, and taken
 * away in the other. Garden file, import, removal and their checks run over it.
 */
export const RECORDS = {
  normals: normalRecord,
  weather: weatherRecord,
  places: placeRecord,
  obstacles: obstacleRecord,
  cropHistory: cropRecord,
  cultivars: cultivarRecord,
  wanted: wantedRecord,
  plantings: plantingRecord,
  plants: plantRecord,
  supplies: supplyRecord,
  products: productRecord,
  /** What sensors read; their secrets stay where they are. */
  readings: readingRecord,
  log: entryRecord,
  /** Photos of the log; the pictures themselves go beside the document, in a zip file. */
  photos: photoRecord,
  /** Seasons that were put away. */
  archive: archiveRecord,
}
export type ListName = keyof typeof RECORDS

/** The records by their lists, whatever their rows are. */
export const EVERY_RECORD = Object.entries(RECORDS) as unknown as [ListName, GardenRecord<object>][]

export const GARDEN_FORMAT = 'prairie-garden'
/** The document's name in a zip file. */
export const GARDEN_DOCUMENT = 'garden.json'

/** A whole garden in one document. */
export type GardenFile = {
  format: typeof GARDEN_FORMAT
  version: number
  garden: GardenRow
} & { [List in ListName]: RowOf<(typeof RECORDS)[List]>[] }
