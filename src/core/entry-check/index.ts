export { areaOf, doubtOf, litresHeld, type CheckedAgainst, type Doubt } from './doubt-of'
export { firstDoubt } from './first-doubt'
