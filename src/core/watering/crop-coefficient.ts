import type { Crop } from '../crop'
import { requireInRange } from '../guard'

/** Kc at the start, grown and staked, and at the end [FAO-56 table 12]. */
const KC: Record<Crop, { start: number; grown: number; staked: number; end: number }> = {
  tomato: { start: 0.6, grown: 1.15, staked: 1.2, end: 0.8 },
  pepper: { start: 0.6, grown: 1.05, staked: 1.15, end: 0.9 },
}

/**
 * Kc of a crop by how far its canopy has closed and how far its last month has gone; single, for a plant's whole share
 * of the ground.
 *
 * @param canopy share of the grown canopy, 0–1
 * @param late share of the last month that is over, 0–1
 * @throws RangeError when a share is not from 0 to 1
 * @example cropCoefficient('tomato', { canopy: 1, late: 0, staked: true }) // 1.2
 */
export function cropCoefficient(
  crop: Crop,
  { canopy, late, staked }: { canopy: number; late: number; staked: boolean },
): number {
  requireInRange('canopy', canopy, 0, 1)
  requireInRange('late', late, 0, 1)
  const { start, grown, staked: high, end } = KC[crop]
  const mid = start + ((staked ? high : grown) - start) * canopy
  return mid + (Math.min(mid, end) - mid) * late
}
