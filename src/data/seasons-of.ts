import QuickLRU from 'quick-lru'
import {
  recordedSeasons,
  simulateSeasons,
  type Ensemble,
  type Normals,
  type RecordedDay,
} from '../core/climate'
import { houseOf } from '../core/garden-day'
import type { GardenRow } from './records/garden'

/** Under so many days, no ten seasons can be whole. */
const LEAST_RECORD = 3500

/** Seasons by what they were made of: the same normals and record always give the same seasons. */
const ensembles = new QuickLRU<string, Ensemble>({ maxSize: 4 })

/**
 * The seasons that dates are spread over: the recorded ones where there are enough, else simulated ones.
 *
 * @param record what the record says in short, and how its days are had: they are read only when they are needed
 */
export async function seasonsOf(
  normals: Normals,
  garden: GardenRow,
  record: { days: number; short: unknown; read: () => Promise<readonly RecordedDay[]> },
): Promise<Ensemble> {
  const { frostRisk } = houseOf(garden)
  const key = JSON.stringify([normals, garden.latitude, record.short, frostRisk])
  let found = ensembles.get(key)
  if (!found) {
    const recorded = record.days < LEAST_RECORD ? null : recordedSeasons(normals, await record.read())
    found = { ...(recorded ?? simulateSeasons({ normals, latitude: garden.latitude })), frostRisk }
    ensembles.set(key, found)
  }
  return found
}
