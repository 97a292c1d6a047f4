import type { IsoDate } from '../calendar'
import type { Station } from '../climate'
import type { Manner, Obstacle, PlantPosition, Shelter, Site, SoilTexture, Supply, Wanted } from '../facts'
import type { Product } from '../feeding'
import type { LogEntry } from '../log'
import type { GardenRecord } from '../season'
import type { SensorReading } from '../watering'

/** A garden's settings. */
export interface GardenSettings extends Site, Manner {
  id: string
  name: string
  shelter: Shelter
  soil: SoilTexture
  /** Where days without a record get their weather: the simulated station, or the normals. */
  station: 'simulated' | 'normals'
  seed: number
  /** The garden's own default school for each decision. */
  houseSchools: Record<string, string>
}

/** All that a garden's days are worked out from: facts, log and weather, as they are at one moment. */
export interface GardenSnapshot {
  garden: GardenSettings
  record: GardenRecord<LogEntry>
  plants: readonly PlantPosition[]
  obstacles: readonly Obstacle[]
  supplies: readonly Supply[]
  /** Feeds of its own. */
  products: readonly Product[]
  /** What is wanted of cultivars, season by season. */
  wanted: readonly Wanted[]
  /** What sensors read, oldest first in each place. */
  readings: readonly SensorReading[]
  /** Years in which Solanaceae stood in each place, by its id, as far as they were told. */
  history: ReadonlyMap<string, readonly number[]>
  /** The date on the garden's clock. */
  now: IsoDate
  station: Station | null
}
