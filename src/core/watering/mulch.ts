import { requireInRange } from '../guard'

/**
 * Of the soil's own loss, that a layer keeps back: ETc falls by a tenth to a fifth [FAO-56 ch. 10: evaporation
 * falls by about half of the share that is covered].
 */
export const MULCH_SAVES = {
  bare: 0,
  straw: 0.15,
  grass: 0.12,
  'dark-film': 0.2,
  'clear-film': 0.15,
} as const
/** m of a settled layer of straw, as it is advised. */
export const MULCH_DEPTH = 0.05
/** Loose mulch settles by so much. */
const SETTLES = 1.3

/**
 * Mulch to buy for a layer, L.
 *
 * @param area m²; @param depth of the settled layer, m, else 5 cm
 * @throws RangeError when a number is out of range
 * @example mulchNeeded(4, 0.05) // 260
 */
export function mulchNeeded(area: number, depth = MULCH_DEPTH): number {
  requireInRange('area', area, 0, 1_000_000)
  requireInRange('depth', depth, 0, 0.3)
  return area * depth * 1000 * SETTLES
}
