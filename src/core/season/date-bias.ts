import type { Crop } from '../crop'
import type { Stage } from './stages'

/** What dates can be moved. */
export const BIASED = ['seedlings', 'first-flower', 'first-ripe'] as const
/** Days by which one is moved at the most. */
export const MOST_MOVED = 21

/** By how much a garden's dates came later than they were foretold, as its own record says. */
export interface DateBias {
  of: (typeof BIASED)[number]
  crop: Crop
  /** Whole days that they are moved, later above 0; and how late they came on the average, before counts drew it back. */
  days: number
  late: number
  /** Forecasts that say so, and how many days ahead they were made. */
  count: number
  lead: number
}

const MOVED_BY: Partial<Record<Stage, DateBias['of']>> = {
  emerge: 'seedlings',
  'first-light': 'seedlings',
  'first-flower': 'first-flower',
  'first-green': 'first-ripe',
  'first-ripe': 'first-ripe',
  peak: 'first-ripe',
}

/** What moves a stage of a crop; null: nothing was learnt of it. */
export const biasOn = (biases: readonly DateBias[], stage: Stage, crop: Crop): DateBias | null =>
  biases.find((one) => one.of === MOVED_BY[stage] && one.crop === crop) ?? null

/**
 * Whole days that a date is moved: all of them so long before as the forecasts were made that say so, fewer as it comes
 * near, and none once it is there.
 */
export const daysMoved = ({ days, lead }: DateBias, ahead: number): number =>
  Math.round(days * Math.max(0, Math.min(1, ahead / lead)))
