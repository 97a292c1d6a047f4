export { supportFor, trainingFor } from './follows'
export { adviseSupport } from './advise-support'
export type { SupportRule } from './advise-support'
export { daysToHeights, stemHeightAfter } from './growth'
export {
  cageMesh,
  cagesFromRoll,
  LOWERED_BY,
  PIN_WIRE,
  pinsFrom,
  stakeDistance,
  stringLength,
  tiesUpTo,
} from './lengths'
export { planOf, usualHeight } from './plans'
export { bendingStress, DEEPEST, embedmentFor, lateralCapacity, LEAST_EMBEDMENT, POSTS } from './post'
export type { Ground, Post } from './post'
export { tyingPlans, TYING_WORKS } from './tying'
export type { TyingWork } from './tying'
export type { Need, SupportCase, SupportPlan } from './support-case'
export { breakDrops, weaveMaterials, weaveTiers } from './weave'
export { designGust, gustAt, LEAST_GUST, SHELTER_FACTOR, windForce } from './wind'
export { degreeDaysFrom, rowsOf, supportCasesOf } from './planting-case'
export type { Row, SupportSite } from './planting-case'
export { willCagesDo, willItDo } from './will-it-do'
export type { OwnPieces, OwnRule, OwnVerdict } from './will-it-do'
