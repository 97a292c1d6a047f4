import { requireInRange } from '../guard'
import { RAISED_INTERNODE, trussNode, type PlantTraits } from './plant-traits'

/** What a plant carries, from the least to the furthest on. */
export const CARRIES = ['nothing', 'flowers', 'green', 'ripe'] as const
export type Carries = (typeof CARRIES)[number]

/** What is seen of a plant that nobody here raised: m; leaves on its main stem; null: not looked at. */
export interface PlantSize {
  height: number | null
  leaves: number | null
  carries: Carries
}

/** Of the way from flower to ripe fruit that its oldest truss has come. */
export const RIPENED: Record<Carries, number> = { nothing: 0, flowers: 0, green: 0.4, ripe: 1 }

/** °C d over the crop's base from emergence to the first open flower. */
export const growthToFlower = (traits: PlantTraits): number =>
  traits.toFirstLeaf +
  trussNode(traits.leavesToFirst, traits.leavesBetween, 0) * traits.leafEvery +
  traits.toFlower

/**
 * °C d over the crop's base since its emergence that a plant's size tells of: by its leaves, or without a count by its height;
 * and at least by what it carries. The larger and the further on, the older.
 *
 * @param outside leaves that it had when it went into the ground and grew longer joints; null: it is in its pot still
 * @returns null where nothing was looked at
 * @throws RangeError when height is not from 0.005 to 10 m, or leaves not from 0 to 200
 * @example growthFromSize(plantTraits(slicer), { height: null, leaves: 8, carries: 'nothing' }, null) // 324 °C d
 */
export function growthFromSize(
  traits: PlantTraits,
  { height, leaves, carries }: PlantSize,
  outside: number | null,
): number | null {
  if (height !== null) requireInRange('height', height, 0.005, 10)
  if (leaves !== null) requireInRange('leaves', leaves, 0, 200)
  const counted = leaves ?? (height === null ? null : leavesAt(traits, height, outside))
  const least = carries === 'nothing' ? 0 : growthToFlower(traits) + RIPENED[carries] * traits.ripening
  if (counted === null) return carries === 'nothing' ? null : least
  return Math.max(least, growthOfLeaves(traits, counted))
}

/** °C d since emergence by which so many leaves are out: midway, as likely just unfolded as nearly followed. */
export const growthOfLeaves = ({ toFirstLeaf, leafEvery }: PlantTraits, leaves: number): number =>
  toFirstLeaf + (leaves - 0.5) * leafEvery

/** Leaves that are out by so many °C d since emergence. */
export const leavesOfGrowth = ({ toFirstLeaf, leafEvery }: PlantTraits, growth: number): number =>
  Math.max(0, Math.floor((growth - toFirstLeaf) / leafEvery) + 1)

/** Leaves on a main stem of a height: grown close in its pot, and longer outside. */
function leavesAt({ internode }: PlantTraits, height: number, outside: number | null): number {
  const inPot = internode * RAISED_INTERNODE
  if (outside === null || height <= outside * inPot) return height / inPot
  return outside + (height - outside * inPot) / internode
}
