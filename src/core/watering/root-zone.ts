import type { Crop } from '../crop'
import type { SoilTexture } from '../facts'
import { requireInRange } from '../guard'
import type { Zone } from './water-balance-day'

/** Water between field capacity and wilting, m³/m³ [FAO-56 table 19, the middles of its ranges]. */
const AVAILABLE: Record<SoilTexture, number> = {
  sand: 0.08,
  'loamy-sand': 0.09,
  'sandy-loam': 0.13,
  loam: 0.16,
  'silt-loam': 0.17,
  'clay-loam': 0.16,
  clay: 0.15,
}
/** What a texture still holds at wilting, m³/m³ [FAO-56 table 19, the middles of its ranges]. */
const WILTING: Record<SoilTexture, number> = {
  sand: 0.045,
  'loamy-sand': 0.065,
  'sandy-loam': 0.11,
  loam: 0.12,
  'silt-loam': 0.15,
  'clay-loam': 0.19,
  clay: 0.22,
}
/**
 * † Of potting mix, by volume: what plants can take, and what it still holds at wilting. Against: wet and dry
 * mass of peat and bark mixes.
 */
export const MIX_AVAILABLE = 0.25
export const MIX_WILTING = 0.12
/** Share of it that is taken without stress at an ETc of 5 mm/d [FAO-56 table 22]. */
export const READILY: Record<Crop, number> = { tomato: 0.4, pepper: 0.3 }
export const READILY_BOUNDS = [0.1, 0.8] as const
/**
 * Roots go from one depth to another, m, over so many °C d from setting out [FAO-56 table 22, the least of its
 * depths, reached as the cover closes].
 */
export const ROOTS = { from: 0.2, to: 0.7, over: { tomato: 940, pepper: 700 } }

export const availableWater = (soil: SoilTexture): number => AVAILABLE[soil]
export const wiltingPoint = (soil: SoilTexture): number => WILTING[soil]

/**
 * Depth of the root zone so many °C d after setting out, m: at least the planting depth, at most the soil's.
 *
 * @throws RangeError when a number is out of range
 */
export function rootDepth(crop: Crop, degreeDays: number, planted: number, soilDepth: number): number {
  requireInRange('degreeDays', degreeDays, 0, 20_000)
  requireInRange('soilDepth', soilDepth, 0.02, 5)
  requireInRange('planted', planted, 0, 3)
  const grown = ROOTS.from + (ROOTS.to - ROOTS.from) * Math.min(1, degreeDays / ROOTS.over[crop])
  // What was buried roots at once: the zone starts that much deeper.
  return Math.min(soilDepth, Math.max(planted, Math.min(ROOTS.to, grown + Math.max(0, planted - ROOTS.from))))
}

/**
 * TAW and RAW of a root zone [FAO-56 eq. 82, 83], p by the day's ETc.
 *
 * @param available m³/m³
 * @param depth m
 * @param etc mm d⁻¹
 * @throws RangeError when a number is out of range
 * @example rootZone('tomato', 0.16, 0.7, 5) // TAW 112 mm, RAW 44.8 mm
 */
export function rootZone(crop: Crop, available: number, depth: number, etc: number): Zone {
  requireInRange('available', available, 0.01, 0.6)
  requireInRange('depth', depth, 0.02, 5)
  requireInRange('etc', etc, 0, 100)
  const taw = 1000 * available * depth
  const [least, most] = READILY_BOUNDS
  const p = Math.min(most, Math.max(least, READILY[crop] + 0.04 * (5 - etc)))
  return { taw, raw: p * taw }
}
