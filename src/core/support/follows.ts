import type { Training } from '../crop'
import type { Support } from '../facts'

const SUPPORT_FOR: Record<Training, Support> = {
  'single-stem': 'stake',
  'two-stems': 'stake',
  'three-stems': 'stake',
  cage: 'cage',
  weave: 'weave',
  sprawling: 'none',
  bush: 'none',
  pepper: 'stake',
  'pepper-open': 'stake',
}

const TRAINING_FOR: Record<Support, readonly Training[]> = {
  stake: ['two-stems', 'pepper'],
  cage: ['cage'],
  weave: ['weave', 'two-stems'],
  string: ['single-stem'],
  panel: ['three-stems'],
  none: ['sprawling', 'bush', 'pepper-open'],
}

/** What usually holds plants of a pruning style. */
export const supportFor = (training: Training): Support => SUPPORT_FOR[training]

/** The pruning style that usually goes with a support, of those that suit the plant; null: any does. */
export const trainingFor = (support: Support, suits: readonly Training[]): Training | null =>
  TRAINING_FOR[support].find((training) => suits.includes(training)) ?? null
