export { casesOf, COURSES, LOOK_AGAIN_EVERY, OUTCOMES } from './case'
export type { CaseCourse, CaseEntries, CaseOutcome, HealthCase } from './case'
export type { Cause, CauseKind } from './cause'
export {
  CAUSE_IDS,
  CAUSES,
  causesOf,
  hallmarkOf,
  lookAlikesOf,
  signsOf,
  tellingSign,
  textbookSigns,
} from './causes'
export type { CauseId } from './causes'
export { unknownPlant } from './conditions'
export type { ClimateFavours, ConditionId, HealthContext, PastWeather, PlantAge } from './conditions'
export { diagnose } from './diagnose'
export type { Diagnosis, HealthRule, RankedCause, Seen } from './diagnose'
export type { NextLook } from './next-look'
export { PLANT_PARTS_SEEN, SIGN_IDS, SIGNS } from './signs'
export type { PartSeen, SignId, SignOf } from './signs'
export { watchFor } from './watch-for'
export type { Watch } from './watch-for'
export { severityOf } from './severity'
export type { Severity } from './severity'
