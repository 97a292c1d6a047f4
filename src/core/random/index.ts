export { mean, quantile } from './quantiles'
export { seededRandom, hashSeed } from './random'
export type { Random } from './random'
