export { firstYield, FRESH_A_WEEK, FRESH_IN, freshWanted, plantsFor, USES } from './first-yield'
export type { Use } from './first-yield'
