import type { DepthAnswer } from './depth-answer'
import { temperatureAt, type DepthInput } from './depth-input'
import { LEAST_GROWTH, strippingDelay } from './leaves'

/** Nothing is planted into soil colder than this, °C, nor within this of the workable soil's floor, m. */
export const WARM_SOIL = 16
const FLOOR_CLEARANCE = 0.05
/** Soil stays this far under the lowest leaf kept, m. */
const LEAF_CLEARANCE = 0.01
const LEAST_TRENCH = 0.08
const TRENCH_OVER_ROOT_BALL = 0.03

/** The deepest hole in so much workable soil, m. */
export const deepestHole = (soilDepth: number) => soilDepth - FLOOR_CLEARANCE

/** A trench holds the root ball on its side, m. */
export const trenchDepth = ({ rootBallWidth }: Pick<DepthInput, 'rootBallWidth'>) =>
  Math.max(LEAST_TRENCH, rootBallWidth + TRENCH_OVER_ROOT_BALL)

/** Whether a hole stays within the workable soil and its floor is warm. */
export const fits = (input: DepthInput, hole: number) =>
  hole <= deepestHole(input.soilDepth) + 1e-9 && temperatureAt(hole, input.soilTemperatures) >= WARM_SOIL

/** How much stem stands under a leaf at this height, m. */
export const underLeaf = (height: number) => Math.max(0, height - LEAF_CLEARANCE)

/** What follows from burying so much stem upright. */
export function geometry(input: DepthInput, buried: number): DepthAnswer {
  const leavesToStrip = input.leafHeights.flatMap((height, index) =>
    buried > 0 && underLeaf(height) < buried - 1e-9 ? [index] : [],
  )
  const leaves = input.leafHeights.length
  return {
    method: 'upright',
    stemBuried: buried,
    holeDepth: input.rootBallDepth + buried,
    trenchLength: null,
    leavesToStrip,
    leavesKept: leaves - leavesToStrip.length,
    delayDays:
      input.dailyDegreeDays >= LEAST_GROWTH
        ? strippingDelay(leaves, leavesToStrip.length, input.dailyDegreeDays)
        : 0,
  }
}
