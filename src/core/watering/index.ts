export type { WaterEntries } from './entries'
export { dueWatering, waysToWater } from './due-watering'
export type { DueWatering, WayOfPlace } from './due-watering'
export { climateOfKc, CROP_KC, cropCoefficient } from './crop-coefficient'
export { dripDesign, EMITTER_REACH, headPressure, LONGEST_LINE } from './drip-design'
export type { DripDesign } from './drip-design'
export { evenness } from './evenness'
export type { Evenness } from './evenness'
export { fruitDays, trussRisks } from './fruit-days'
export type { TrussRisk } from './fruit-days'
export { gardenWater, standingIn } from './garden-water'
export type { SensorReading, WateredPlace } from './garden-water'
export { holidayPlan } from './holiday'
export type { HolidayAct, HolidayLine } from './holiday'
export { dripOf, irrigationMinutes, USUAL_FLOW, USUAL_HOSE } from './irrigation-minutes'
export { MULCH_DEPTH, MULCH_SAVES, mulchNeeded } from './mulch'
export { nextWatering } from './next-watering'
export type { NextWatering } from './next-watering'
export { plainWater, USUAL_AGES, USUAL_DAYS } from './plain-water'
export type { PlainWater, UsualAge, UsualDay } from './plain-water'
export { WATERING_SCHOOLS, WATERS_AT } from './by-school'
export type { WateringSchool, WayToWater } from './by-school'
export { cycleAndSoak, infiltration, soakingOf } from './infiltration'
export type { Soaking } from './infiltration'
export { timerProgramme } from './programme'
export type { TimerRun } from './programme'
export {
  depletionOfContent,
  depletionOfFeel,
  FINGER_DEPTH,
  MOISTURE_FEELS,
  MOISTURE_METHODS,
} from './readings'
export type { MoistureFeel, MoistureMethod } from './readings'
export { potLasts, potNeed } from './pot-water'
export { placeCourse, placeWater } from './place-course'
export type { PlaceCourse, PlaceWater } from './place-course'
export {
  availableWater,
  MIX_AVAILABLE,
  MIX_WILTING,
  READILY,
  READILY_BOUNDS,
  rootDepth,
  ROOTS,
  rootZone,
  wiltingPoint,
} from './root-zone'
export { waterLevel } from './water-level'
export type { WaterLevel } from './water-level'
export { waterBalanceDay } from './water-balance-day'
export type { BalanceDay, Zone } from './water-balance-day'
export { waterButt } from './water-butt'
export { waterCourse } from './water-course'
export type { WaterDay, WaterState } from './water-course'
