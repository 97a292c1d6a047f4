import { MOST_AREA, PLACE_BOUNDS, POT_BOUNDS, type Bounds } from '../bounds'
import type { Place } from './place'

/** A measure of a place that does not go with its kind, m. */
export interface PlaceFault {
  field: 'length' | 'width' | 'height' | 'soilDepth'
  bounds: Bounds
}

/** The first measure of a place that is out of what its kind can have: a pot a pot's, ground a bed's; null: none is. */
export function placeFault({
  kind,
  length,
  width,
  height,
  soilDepth,
}: Pick<Place, 'kind' | 'length' | 'width' | 'height' | 'soilDepth'>): PlaceFault | null {
  const isPot = kind === 'container'
  const sides = isPot ? POT_BOUNDS.across : PLACE_BOUNDS.side
  const checked: [PlaceFault['field'], number | null, Bounds][] = [
    ['length', length, sides],
    ['width', width, sides],
    ['width', width, [sides[0], MOST_AREA / Math.max(length, sides[0])]],
    ['height', height, isPot ? POT_BOUNDS.height : PLACE_BOUNDS.height],
    // Of a pot whose height is not known it is taken for it.
    ['soilDepth', soilDepth, isPot && height === null ? POT_BOUNDS.height : PLACE_BOUNDS.soilDepth],
  ]
  const found = checked.find(([, value, [low, high]]) => value !== null && !(value >= low && value <= high))
  return found ? { field: found[0], bounds: found[2] } : null
}
