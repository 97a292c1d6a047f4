import polygonClipping, { type Polygon } from 'polygon-clipping'
import { outlineOf, type Lying } from '../../../core/ground'

/** m² that two rectangles share. */
export function sharedArea(one: Lying, other: Lying): number {
  // To a tenth of a millimetre: sides that all but coincide make no slivers.
  const rounded = (metres: number) => Math.round(metres * 1e4) / 1e4
  const ring = (lying: Lying): Polygon => {
    const points = outlineOf(lying).map(([x, y]): [number, number] => [rounded(x), rounded(y)])
    return [[...points, points[0]!]]
  }
  return polygonClipping
    .intersection(ring(one), ring(other))
    .reduce((sum, polygon) => sum + areaOf(polygon[0]!), 0)
}

function areaOf(ring: readonly [number, number][]): number {
  let twice = 0
  for (let index = 0; index < ring.length - 1; index++) {
    const [[ax, ay], [bx, by]] = [ring[index]!, ring[index + 1]!]
    twice += ax * by - bx * ay
  }
  return Math.abs(twice) / 2
}
