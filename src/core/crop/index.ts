export { isOfPlant, plantEntries } from './entries'
export type { PlantEntries, PlantEntry } from './entries'
export { canopyWidth, grownHeight, grownWidth, TRAININGS, trainingsFor } from './canopy'
export type { Training } from './canopy'
export { dayReached, lastDayToReach, runningDegreeDays } from './thermal-calendar'
export {
  CROPS,
  fruitMass,
  heatShift,
  HABITS,
  isBush,
  ORIGINS,
  PEPPER_FRUITS,
  rotProneness,
  STANDARD_GROWTH,
  THERMAL_LIMITS,
  thermalTraits,
  TOMATO_FRUITS,
  transplantCheck,
  usualMaturity,
} from './traits'
export type { Crop, Cultivar, FruitType, Habit, Origin, ThermalTraits } from './traits'
export { growPlant, SHOWS_AFTER, SIDE_LEAVES } from './grow-plant'
export { PEPPER_SWELLS } from './pepper-load'
export type { GrowOptions } from './grow-plant'
export {
  CARRIES,
  growthFromSize,
  growthOfLeaves,
  growthToFlower,
  leavesOfGrowth,
  RIPENED,
} from './growth-from-size'
export type { Carries, PlantSize } from './growth-from-size'
export { growthDay, raisedDay, raisedGrowth } from './growth-days'
export type { GrowthDay, SetOut, Vigour } from './growth-days'
export { SHOOT_LENGTH } from './organs'
export { hangingTrusses, measured, nodeHeight } from './plant'
export { ORGANS } from './plant-part'
export type { Organ, PlantPart } from './plant-part'
export type { HangingTruss, Leaf, Plant, PlantNode, Stem, Sucker, Truss } from './plant'
export { PART_STATES, STATES_OF } from './plant-event'
export type { PartMark, PartState, PlantEvent, PlantMisfit } from './plant-event'
export { plantTraits, toShoot, trussNode } from './plant-traits'
export type { PlantTraits } from './plant-traits'
export { SET_OUT_LIMITS, SET_OUT_NIGHTS } from './warmth'
export type { SetOutLevel } from './warmth'
export { USUAL_VINE } from './usual-vine'
