import type { Crop } from '../crop'
import { requireInRange, requireInteger } from '../guard'
import type { DepthInput } from './depth-input'

/** † A young plant as it usually goes in, m. Against: the usual transplant, 0.30 m with seven leaves. */
export const USUAL_PLANT: Record<Crop, { height: number; leaves: number; rootBall: number }> = {
  tomato: { height: 0.3, leaves: 8, rootBall: 0.09 },
  pepper: { height: 0.2, leaves: 9, rootBall: 0.08 },
}

/** To water a plant in, L. */
export const WATER_IN = 1

/** A leaf's share of the stem: the lowest a tenth up, the top one just under the tip. */
const LOWEST_LEAF = 0.1
const TOP_LEAF = 0.93

/**
 * Where the leaves of a plant stand when they are evenly spaced from its lowest to its tip, m, lowest first.
 *
 * @param plant height, m; leaves; the lowest leaf where it was measured, m
 * @throws RangeError when a number is out of range, or the lowest leaf is not under the tip
 */
export function evenLeafHeights(plant: { height: number; leaves: number; lowestLeaf?: number }): number[] {
  const { height, leaves, lowestLeaf = height * LOWEST_LEAF } = plant
  requireInRange('height', height, 0.005, 3)
  requireInteger('leaves', leaves, 0, 100)
  requireInRange('lowestLeaf', lowestLeaf, 0, height)
  const top = Math.max(lowestLeaf, height * TOP_LEAF)
  return Array.from(
    { length: leaves },
    (_, index) => lowestLeaf + ((top - lowestLeaf) * index) / Math.max(1, leaves - 1),
  )
}

/** Of its depth, a root ball's width. */
const BALL_WIDTH = 0.9

/**
 * A measured plant as its depth is asked about: its leaves evenly up the stem, its ball nearly as wide as deep.
 *
 * @param measures height, root ball and workable soil in m; leaves
 * @param conditions soil by depth, growth and slack of the season
 */
export const depthInputOf = (
  plant: Pick<DepthInput, 'crop' | 'grafted' | 'graftHeight'>,
  measures: { height: number; leaves: number; rootBall: number; soilDepth: number },
  conditions: Pick<DepthInput, 'soilTemperatures' | 'dailyDegreeDays' | 'seasonSlackDays'>,
): DepthInput => ({
  crop: plant.crop,
  grafted: plant.grafted,
  // A union that lies over the stem's top was measured on another plant.
  ...(plant.graftHeight !== undefined && { graftHeight: Math.min(plant.graftHeight, measures.height) }),
  stemHeight: measures.height,
  leafHeights: evenLeafHeights(measures),
  rootBallDepth: measures.rootBall,
  rootBallWidth: measures.rootBall * BALL_WIDTH,
  soilDepth: measures.soilDepth,
  ...conditions,
})
