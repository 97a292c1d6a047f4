export { REST, rotation, SOLANACEAE } from './rotation'
export type { Rotation, RotationRule } from './rotation'
export { nextPlaces } from './next-places'
export type { NextPlace, RestingPlace } from './next-places'
