export { REST, rotation, SOLANACEAE } from './rotation'
export type { Rotation, RotationRule } from './rotation'
