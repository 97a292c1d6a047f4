import type { Carries } from '../core/crop'
import type { WateredLately } from '../core/season'

/** How a planting can begin, and what that means. */
export const BEGINNING_WORDS = {
  seed: { name: 'From seed, indoors', means: 'Raised in pots, planted out later' },
  'seed-in-place': { name: 'Seed in place', means: 'Sown where it grows' },
  bought: { name: 'Bought or given', means: 'Young plants in pots' },
  growing: { name: 'Growing here already', means: 'In the ground or their pots now' },
}

/** What hangs on a plant. */
export const CARRIES_NAMES: Record<Carries, string> = {
  nothing: 'no flowers yet',
  flowers: 'open flowers',
  green: 'green fruit',
  ripe: 'ripe fruit',
}

export const WATERED_NAMES: Record<WateredLately, string> = {
  daily: 'every day',
  'every-few-days': 'every few days',
  rain: 'it rained',
  not: 'not lately',
}
