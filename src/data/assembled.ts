import type { IsoDate } from '../core/calendar'
import type { Ensemble } from '../core/climate'
import type { GardenState } from './garden-state'
import type { Photo } from './photo-content'

/** A garden's rows as they are kept, before anything is made of them. */
export type GardenRows = Pick<
  GardenState,
  | 'garden'
  | 'changes'
  | 'normalRows'
  | 'obstacles'
  | 'supplies'
  | 'products'
  | 'wanted'
  | 'devices'
  | 'readings'
  | 'archive'
  | 'shares'
> &
  Pick<GardenState['record'], 'places' | 'cultivars' | 'plantings' | 'entries' | 'weather'> & {
    plants: GardenState['plants'][number][]
    photos: readonly Photo[]
    /** Years in which Solanaceae stood in a place, as they were told. */
    history: readonly { placeId: string; year: number }[]
  }

const byLabel = new Intl.Collator('en', { numeric: true })

/** The garden of these rows, on a day of its clock. */
export function assembled(rows: GardenRows, ensemble: Ensemble, now: IsoDate): GardenState {
  const { places, cultivars, plantings, entries, weather, plants, photos, history, ...kept } = rows
  const { garden } = kept
  return {
    ...kept,
    record: {
      ...{ ensemble, places, cultivars, plantings, entries, weather },
      biases: garden.ownRecord?.biases ?? [],
    },
    // Plant 2 comes before plant 10.
    plants: [...plants].sort((a, b) => byLabel.compare(a.label, b.label)),
    photos: photosByEntry(photos),
    history: yearsByPlace(history),
    now,
    // The ensemble's own normals: what was worked out from them once is known by that very object.
    station:
      garden.station === 'simulated'
        ? { normals: ensemble.normals, latitude: garden.latitude, seed: garden.seed }
        : null,
  }
}

function photosByEntry(photos: readonly Photo[]): Map<string, Photo[]> {
  const found = new Map<string, Photo[]>()
  for (const photo of photos) found.set(photo.entryId, [...(found.get(photo.entryId) ?? []), photo])
  return found
}

function yearsByPlace(rows: GardenRows['history']): Map<string, number[]> {
  const years = new Map<string, number[]>()
  for (const { placeId, year } of rows) years.set(placeId, [...(years.get(placeId) ?? []), year])
  return years
}
