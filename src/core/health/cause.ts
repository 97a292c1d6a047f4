import type { CautionId } from '../advice'
import type { Crop } from '../crop'
import type { ConditionId } from './conditions'
import type { SignId } from './signs'

/** What kind of thing is wrong. */
export type CauseKind =
  'fungus' | 'bacterium' | 'virus' | 'worm' | 'disorder' | 'shortage' | 'animal' | 'harmless'

/** One cause as the field knows it. */
export interface Cause {
  kind: CauseKind
  crops: readonly Crop[]
  /** How often it is met against the others, before anything is known. */
  common: number
  /** Whether it passes from plant to plant. */
  contagious: boolean
  /** Law or a plant clinic wants to know of it, or only they can be sure. */
  report?: boolean
  /** How often each sign is seen where this is the cause, 0–1; those of 0.5 and more are its textbook signs. */
  signs: Partial<Record<SignId, number>>
  /** How much likelier each condition makes it, and how much less likely where it is known not to hold. */
  favoured: Partial<Record<ConditionId, number>>
  /** What it is taken for. */
  lookAlikes: readonly string[]
  cautions: readonly CautionId[]
}

export const BOTH: readonly Crop[] = ['tomato', 'pepper']
export const TOMATO: readonly Crop[] = ['tomato']
export const PEPPER: readonly Crop[] = ['pepper']
