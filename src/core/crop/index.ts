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
  THERMAL_LIMITS,
  thermalTraits,
  TOMATO_FRUITS,
} from './traits'
export type { Crop, Cultivar, FruitType, Habit, Origin, ThermalTraits } from './traits'
export { growPlant } from './grow-plant'
export { RAISED_DAY } from './growth-days'
export type { GrowthDay, PlantEvent, SetOut } from './growth-days'
export { SHOOT_LENGTH, TO_SHOOT } from './organs'
export { nodeHeight } from './plant'
export type { Leaf, Plant, PlantCut, PlantNode, Stem, Sucker, Truss } from './plant'
export { plantTraits } from './plant-traits'
export type { PlantTraits } from './plant-traits'
