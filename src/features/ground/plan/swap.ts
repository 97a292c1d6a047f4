import type { GroundEdit, Place, Planting, PlantPosition } from '../../../core/facts'

/**
 * Two plantings change places: in one place the lines they stand on, in two places of one size the places.
 * `not-rows`: they share a line, or have not as many.
 */
export function swapEdits(
  one: Planting,
  other: Planting,
  plants: readonly PlantPosition[],
  place: Place,
): GroundEdit[] | 'not-rows' {
  const of = (planting: Planting) => plants.filter(({ plantingId }) => plantingId === planting.id)
  if (one.placeId !== other.placeId)
    return [
      { of: 'planting', id: one.id, row: { ...one, placeId: other.placeId } },
      { of: 'planting', id: other.id, row: { ...other, placeId: one.placeId } },
    ]
  const lines = (planting: Planting) => [...new Set(of(planting).map(({ y }) => y))].sort((a, b) => a - b)
  const [first, second] = [lines(one), lines(other)]
  if (one.placeId !== place.id || first.length !== second.length || first.some((y) => second.includes(y)))
    return 'not-rows'
  const moved = (planting: Planting, from: number[], to: number[]) =>
    of(planting).map((plant): GroundEdit => ({
      of: 'plant',
      id: plant.id,
      row: { ...plant, y: to[from.indexOf(plant.y)]! },
    }))
  return [...moved(one, first, second), ...moved(other, second, first)]
}
