export { firstYield, FRESH_A_WEEK, FRESH_IN, freshWanted, plantsFor, SUITED, USES } from './first-yield'
export type { Use } from './first-yield'
