export { advisePruning } from './advise-pruning'
export type { PruningContext } from './advise-pruning'
export { applyCuts } from './apply-cuts'
export type { Cut, PruningRule } from './cut'
