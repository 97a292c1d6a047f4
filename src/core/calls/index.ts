export type { Call, CallAnswer, CallKind, CallRule, Urgency } from './call'
export { callsOf } from './calls-of'
