export type { Call, CallAnswer, CallKind, CallRule, Urgency } from './call'
export { callsOf } from './calls-of'
export { pruningContextOf } from './planting-cuts'
export { SCOUT_EVERY } from './upkeep'
