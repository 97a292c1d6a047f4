export { BLIGHT_ACT, blightCourse } from './blight'
export type { BlightDay } from './blight'
export { healthContext } from './health-context'
export type { HealthGround } from './health-context'
