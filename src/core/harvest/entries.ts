import type { FruitFault } from './ripeness'

/** For the next season: grown again, left, or tried otherwise. */
export const VERDICTS = ['keep', 'try-again', 'drop'] as const
export type Verdict = (typeof VERDICTS)[number]

/** What is entered of the harvest. */
export interface HarvestEntries {
  /** kg; fruit where they were counted, and of them those with a fault; the one plant that they are of. */
  picked: {
    mass: number
    count: number | null
    faults?: Partial<Record<FruitFault, number>>
    plant?: string
  }
  /** What is meant to become of a planting's cultivar next season. */
  judged: { verdict: Verdict }
}
