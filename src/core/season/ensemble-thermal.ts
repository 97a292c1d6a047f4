import {
  frostDays,
  soilTemperatures,
  surroundingsKey,
  type Ensemble,
  type SoilSurroundings,
} from '../climate'
import { runningDegreeDays, type Crop } from '../crop'

/** What every planting asks of the same ensemble, worked out once for each. */
interface Derived {
  running: Map<Crop, Float64Array[]>
  soil: Map<string, Float64Array[]>
  firstFrost?: (number | null)[]
}

const derived = new WeakMap<Ensemble, Derived>()

function derivedOf(ensemble: Ensemble): Derived {
  let found = derived.get(ensemble)
  if (!found) derived.set(ensemble, (found = { running: new Map(), soil: new Map() }))
  return found
}

/** Running degree-days of each season, see `runningDegreeDays`. */
export function runningBySeason(ensemble: Ensemble, crop: Crop): Float64Array[] {
  const { running } = derivedOf(ensemble)
  let found = running.get(crop)
  if (!found) running.set(crop, (found = ensemble.seasons.map((season) => runningDegreeDays(season, crop))))
  return found
}

/** Soil temperature at a depth in each season. */
export function soilBySeason(ensemble: Ensemble, depth: number, around: SoilSurroundings): Float64Array[] {
  const { soil } = derivedOf(ensemble)
  const key = `${depth},${surroundingsKey(around)}`
  let found = soil.get(key)
  if (!found)
    soil.set(key, (found = ensemble.seasons.map((season) => soilTemperatures(season, depth, around))))
  return found
}

/** Day of each season's first autumn frost; null: none. */
export function firstFrostBySeason(ensemble: Ensemble): (number | null)[] {
  const found = derivedOf(ensemble)
  found.firstFrost ??= ensemble.seasons.map((season) => frostDays(season, ensemble.warmest).firstAutumn)
  return found.firstFrost
}
