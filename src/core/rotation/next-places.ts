import { rotation, type Rotation } from './rotation'

/** A place that something can stand in next season; the years in which Solanaceae stood there; m². */
export interface RestingPlace {
  id: string
  kind: string
  area: number
  years: readonly number[]
}

/** Where a planting is to stand next, and how long that place will have rested. */
export interface NextPlace {
  placeId: string
  rotation: Rotation
}

const NEVER = 99

/**
 * The best rested place for what stood together in a place: of the same kind and at least as large, each taken once;
 * the longest rested first, the largest place choosing first. Where none has rested longer, it stays.
 *
 * @param season the year that the next season begins in
 * @throws RangeError when a year is out of range
 */
export function nextPlaces(
  plantings: readonly { id: string; placeId: string }[],
  places: readonly RestingPlace[],
  season: number,
): Map<string, NextPlace> {
  const restOf = ({ years, kind }: RestingPlace) =>
    rotation({ years, container: kind === 'container' }, season).answer
  const left = new Set(places)
  const found = new Map<string, NextPlace>()
  const used = places
    .filter(({ id }) => plantings.some(({ placeId }) => placeId === id))
    .sort((a, b) => b.area - a.area || (a.id < b.id ? -1 : 1))
  for (const own of used) {
    const [place = own] = [...left]
      .filter(({ kind, area }) => kind === own.kind && area >= own.area - 1e-6)
      .sort(
        (a, b) =>
          (restOf(b).rested ?? NEVER) - (restOf(a).rested ?? NEVER) ||
          Number(b === own) - Number(a === own) ||
          a.area - b.area ||
          (a.id < b.id ? -1 : 1),
      )
    left.delete(place)
    for (const { id, placeId } of plantings)
      if (placeId === own.id) found.set(id, { placeId: place.id, rotation: restOf(place) })
  }
  return found
}
