import { requireInRange, requireInteger } from '../guard'

/** Slack and tension in a string that runs along both sides of a row. */
const BOTH_SIDES = 2 * 1.05
/** To tie a bay off, m. */
const TAIL = 0.3

/** Heights of a weave's strings from the ground up, m. */
export function weaveTiers(height: number, firstTier = 0.22, tierSpacing = 0.22): number[] {
  requireInRange('height', height, 0.1, 5)
  requireInRange('firstTier', firstTier, 0.05, 2)
  requireInRange('tierSpacing', tierSpacing, 0.05, 2)
  const tiers = Math.max(1, Math.floor((height - firstTier) / tierSpacing + 1e-9) + 1)
  return Array.from({ length: tiers }, (_, tier) => firstTier + tier * tierSpacing)
}

/**
 * What a row needs that is held between strings. Each tier runs along both sides of the row, from an end post half
 * a spacing before the first plant to one half a spacing after the last. Sectional: each bay is tied off by itself,
 * with two wraps at both its posts and a tail; continuous: one wrap at each line post.
 *
 * @param row plants; spacing, height of the highest string, firstTier and tierSpacing (0.22) and postDiameter
 *   (0.03) in m; plantsPerBay
 * @returns posts, bays, tiers; twine in m
 * @throws RangeError when a number is out of range
 */
export function weaveMaterials(row: {
  plants: number
  spacing: number
  plantsPerBay: number
  height: number
  firstTier?: number
  tierSpacing?: number
  postDiameter?: number
  sectional: boolean
}): { posts: number; bays: number; tiers: number; twine: number } {
  const {
    plants,
    spacing,
    plantsPerBay,
    height,
    firstTier,
    tierSpacing,
    postDiameter = 0.03,
    sectional,
  } = row
  requireInteger('plants', plants, 1, 100_000)
  requireInRange('spacing', spacing, 0.05, 10)
  requireInteger('plantsPerBay', plantsPerBay, 1, 100)
  requireInRange('postDiameter', postDiameter, 0.002, 1)
  const bays = Math.ceil(plants / plantsPerBay)
  const tiers = weaveTiers(height, firstTier, tierSpacing).length
  const wrap = Math.PI * postDiameter
  const ties = sectional ? bays * (4 * wrap + TAIL) : (bays - 1) * wrap
  return { posts: bays + 1, bays, tiers, twine: tiers * (BOTH_SIDES * plants * spacing + ties) }
}

/** Plants that lie down when one string breaks: those of its bay, or the whole row. */
export function breakDrops(row: { plants: number; plantsPerBay: number; sectional: boolean }): number {
  return row.sectional ? Math.min(row.plants, row.plantsPerBay) : row.plants
}
