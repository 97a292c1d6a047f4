export { recommendSpacing } from './recommend'
export type { SpacingAnswer, SpacingRule, Wetness } from './recommend'
export { EDGE, rowPositions } from './row-positions'
