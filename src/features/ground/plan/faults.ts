import type { IsoDate } from '../../../core/calendar'
import { holdsOn, inGarden, inPlace, type GroundRows, type Place } from '../../../core/facts'
import { sharedArea } from './shared-area'

/** Under this, m², places only touch. */
const TOUCHING = 0.005

/** Pairs of places that lie on each other today. A tunnel over a bed covers it, which is meant. */
export function overlaps(places: readonly Place[]): { one: Place; other: Place; area: number }[] {
  return places.flatMap((one, index) =>
    places.slice(index + 1).flatMap((other) => {
      if ((one.kind === 'tunnel') !== (other.kind === 'tunnel')) return []
      const area = sharedArea(one, other)
      return area > TOUCHING ? [{ one, other, area }] : []
    }),
  )
}

const list = (names: string[]) =>
  names.length > 3 ? `${names.slice(0, 3).join(', ')} and ${names.length - 3} more` : names.join(', ')

/**
 * Why the ground cannot be as it would be, against what it is: a place would leave its own plants outside, or come to
 * lie over another's, or is put away under them; null: it can. Faults that were there before stand in nobody's way.
 */
export function groundFault(after: GroundRows, before: GroundRows, today: IsoDate): string | null {
  const now = after.place.filter((place) => holdsOn(place, today))
  const placeOf = new Map(after.planting.map(({ id, placeId }) => [id, placeId]))
  const standing = after.plant.filter((plant) => holdsOn(plant, today) || (plant.from ?? '') > today)
  const changed = (of: 'place' | 'plant', id: string) =>
    JSON.stringify((after[of] as { id: string }[]).find((row) => row.id === id)) !==
    JSON.stringify((before[of] as { id: string }[]).find((row) => row.id === id))
  const touched = new Set(after.plant.filter(({ id }) => changed('plant', id)).map(({ id }) => id))
  const isEnded = new Set(
    before.place.filter(({ id }) => !now.some((place) => place.id === id)).map(({ id }) => id),
  )
  for (const place of before.place.filter((other) => holdsOn(other, today))) {
    if (now.some(({ id }) => id === place.id)) continue
    const left = standing.filter(({ plantingId }) => placeOf.get(plantingId) === place.id)
    if (left.length > 0)
      return `${left.length === 1 ? 'A plant grows' : `${left.length} plants grow`} in ${place.name}: clear them, or take them off the plan, before it is removed.`
  }
  for (const place of now) {
    const moved = changed('place', place.id)
    const own = standing.filter(
      ({ plantingId, id }) => placeOf.get(plantingId) === place.id && (moved || touched.has(id)),
    )
    const outside = own.filter(
      ({ x, y }) => x < -1e-6 || y < -1e-6 || x > place.length + 1e-6 || y > place.width + 1e-6,
    )
    if (outside.length > 0)
      return `Plant ${list(outside.map(({ label }) => label))} would stand outside ${place.name}. Move or take out the plants first, or keep the place larger.`
    if (!moved || place.kind === 'tunnel') continue
    const covered = standing.filter(({ plantingId, x, y }) => {
      const theirs = now.find(({ id }) => id === placeOf.get(plantingId))
      if (!theirs || theirs.id === place.id || theirs.kind === 'tunnel') return false
      const spot = inPlace(place, inGarden(theirs, { x, y }))
      return spot.x > 0 && spot.y > 0 && spot.x < place.length && spot.y < place.width
    })
    if (covered.length > 0) {
      const names = now
        .filter(({ id }) => covered.some(({ plantingId }) => placeOf.get(plantingId) === id))
        .map(({ name }) => name)
      return `${place.name} would lie on ${covered.length === 1 ? 'a plant' : `${covered.length} plants`} of ${list(names)}. It stays where it was.`
    }
  }
  for (const plant of after.plant)
    if (touched.has(plant.id) && isEnded.has(placeOf.get(plant.plantingId) ?? ''))
      return 'That place was removed. Bring it back first.'
  return null
}
