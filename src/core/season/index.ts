export { allCanopies, canopiesIn } from './canopies'
export type { Canopy, StandingCanopy } from './canopies'
export { dateReason } from './date-reasons'
export type { DateRule } from './date-reasons'
export { depthConditions } from './depth-conditions'
export type { DepthConditions } from './depth-conditions'
export { ROOT_DEPTH } from './depths'
export { stageEntries } from './entries'
export type { StageEntries } from './entries'
export { daysToEmergence } from './emergence'
export { firstDates } from './first-dates'
export type { FirstDates } from './first-dates'
export { hardeningDay, hardeningFrom, hardeningPlan, HARDENING_LIMITS } from './hardening'
export type { HardeningDay } from './hardening'
export { isDone, notCleared, onPlan, openWindow, seasonInView, seasonToPlant, TYPICAL } from './in-view'
export type { SeasonInView } from './in-view'
export { lastUsefulFlower } from './last-useful-flower'
export {
  allPlantings,
  datesAlong,
  outlookAlong,
  readingsIn,
  seasonLine,
  seasonOutlook,
  weatherOf,
} from './outlook'
export type {
  GardenFacts,
  GardenRecord,
  PlaceWeather,
  PlantingEnd,
  PlantingOutlook,
  SeasonOutlook,
} from './outlook'
export { entriesOfPlant, grownAlong, plantCourse } from './plant-course'
export type { PlantCourse } from './plant-course'
export { plantingDates } from './planting-dates'
export { HARDENING_DAYS, raisingDays, TRAY_TEMPERATURE } from './raising'
export { seedsToSow } from './seeds'
export { growthFrom, growthOf, phaseOf, standsFrom, standsOf } from './stands'
export type { Phase, Stands } from './stands'
export { datingEntries, stageDays, stagePlan } from './stage-days'
export type { StagePlan, TurningDays } from './stage-days'
export { STAGES } from './stages'
export type { DateSpread, PlantingDates, Stage, StageDate, StageDays } from './stages'
export { judgeSetOut, SET_OUT_LIMITS, transplantWindow } from './transplant-window'
export type { SetOutRule, SetOutVerdict, TransplantWindow } from './transplant-window'
export { yearsIn } from './years'
export type { Year } from './year'
export { raisingNeeds, seedsInPlace } from './raising-needs'
export type { RaisingNeeds, RaisingStage } from './raising-needs'
export { riskiestDates } from './risks'
export type { Risk, RiskRule } from './risks'
export { shortSeasons } from './short-seasons'
export type { ShortSeasons } from './short-seasons'
export { setOn, warningsAhead } from './warnings'
export type { SeasonWarning, WarningRule } from './warnings'
export { succession, waysToRaise } from './ways'
export type { Succession, Way } from './ways'
