import type { Carries } from '../core/crop'
import type { WateredLately } from '../core/season'

/** How a planting can begin, and what that means. */
export const BEGINNING_WORDS = {
  seed: { name: 'From seed, indoors', means: 'Raised in pots, planted out later' },
  'seed-in-place': { name: 'Seed sown in place', means: 'Sown where it grows' },
  bought: { name: 'Bought or given', means: 'Young plants in pots' },
  growing: { name: 'Already growing here', means: 'In the ground or their pots now' },
}

/** What a gardener has on the first day, and what Prairie then begins with. */
export const HAVE_WORDS = {
  nothing: { name: 'Nothing yet', means: 'See when to sow, and how many seeds.' },
  seed: { name: 'Seeds or seedlings indoors', means: 'See how to care for them, and when to plant out.' },
  bought: { name: 'Plants I just bought', means: 'See how deep, how far apart and on what support.' },
  growing: { name: 'Plants that are already growing', means: 'See what to do with them today.' },
}

/** What a plant carries. */
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
