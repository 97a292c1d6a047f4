import type { Crop, SetOutLevel } from '../crop'

/**
 * One season as plants in one kind of place meet it: the air about them, °C, the soil at root and at seed depth,
 * and running degree-days, see `runningDegreeDays`. Index 0 is the season's start.
 */
export interface Year {
  tmin: Float64Array
  tmax: Float64Array
  soil: Float64Array
  seedbed: Float64Array
  running: (crop: Crop) => Float64Array
  /** Day of the first autumn frost; null: none. */
  firstFrost: number | null
  /** Day after which as few seasons freeze as the gardener bears; and so many of ten. */
  safeFrom: number
  frostRisk: number
  /** The first day on which it can be set out; null: none. */
  opens: (crop: Crop, level?: SetOutLevel) => number | null
}
