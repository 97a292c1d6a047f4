import type { Crop } from '../crop'
import type { SoilTexture } from '../facts'
import { requireInRange } from '../guard'
import { cropCoefficient } from './crop-coefficient'
import { potLasts } from './pot-water'
import { availableWater, MIX_AVAILABLE, rootZone } from './root-zone'

/** ET0 of a day by how it feels, mm [FAO-56 table 2, the middles of its ranges]. */
export const USUAL_DAYS = { mild: 3, warm: 5, hot: 7, scorching: 9 } as const
export type UsualDay = keyof typeof USUAL_DAYS

/** Plants by age: m across a canopy in a pot, and how far a bed's has closed, 0–1. */
export const USUAL_AGES = {
  young: { canopy: 0.25, closed: 0.2 },
  half: { canopy: 0.45, closed: 0.6 },
  grown: { canopy: 0.65, closed: 1 },
} as const
export type UsualAge = keyof typeof USUAL_AGES

/** What a pot or a bed of which only this is known takes and holds. */
export interface PlainWater {
  /** L a day. */
  need: number
  /** L in its root zone when full, and easily taken of them. */
  holds: number
  readily: number
  /** Days from full until growth slows, and until leaves are limp. */
  untilSlow: number
  untilLimp: number
}

/**
 * The water of a pot or bed without any record, by a day's ET0.
 *
 * @param ground a pot's litres, plants and their canopy in m; or a bed's m², soil, depth of roots in m and how far
 *   its canopy has closed, 0–1
 * @param et0 mm d⁻¹
 * @throws RangeError when a number is out of range
 * @example plainWater('tomato', { area: 4, soil: 'loam', depth: 0.5, canopy: 1 }, 5).need // 24
 */
export function plainWater(
  crop: Crop,
  ground:
    | { litres: number; plants: number; canopy: number }
    | { area: number; soil: SoilTexture; depth: number; canopy: number },
  et0: number,
): PlainWater {
  requireInRange('et0', et0, 0.1, 20)
  if ('litres' in ground) {
    const { litres, plants, canopy } = ground
    requireInRange('plants', plants, 1, 100)
    const lasts = potLasts({ litres, plants: Array.from({ length: plants }, () => ({ crop, canopy })) }, et0)
    return { ...lasts, holds: litres * MIX_AVAILABLE, readily: lasts.untilSlow * lasts.need }
  }
  const { area, soil, depth, canopy } = ground
  requireInRange('area', area, 0.01, 1_000_000)
  const et = et0 * cropCoefficient(crop, { canopy, late: 0, staked: true })
  const { taw, raw } = rootZone(crop, availableWater(soil), depth, et)
  return {
    need: et * area,
    holds: taw * area,
    readily: raw * area,
    untilSlow: raw / et,
    untilLimp: taw / et,
  }
}
