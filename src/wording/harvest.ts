import type { FruitFault, TrussStage } from '../core/harvest'

/** What is wrong with a fruit. */
export const FAULT_NAMES: Record<FruitFault, string> = {
  cracked: 'cracked',
  rotten: 'rot at the end',
  scalded: 'scalded',
  misshapen: 'misshapen',
  eaten: 'damaged by animals',
}

/** How far the fruit of a truss are. */
export const TRUSS_STAGE_NAMES: Record<TrussStage, string> = {
  flower: 'in flower',
  growing: 'growing',
  'mature-green': 'full size, green',
  breaker: 'first color',
  ripe: 'ripened',
}

/** What was decided for a planting. */
export const DECISION_NAMES: Record<string, string> = {
  training: 'Training',
  support: 'Support',
  spacing: 'Spacing',
  depth: 'Depth at planting',
  method: 'How it was planted',
}
