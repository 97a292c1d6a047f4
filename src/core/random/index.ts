export { seededRandom, hashSeed } from './random'
export type { Random } from './random'
