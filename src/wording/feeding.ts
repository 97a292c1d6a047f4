import type { Manner } from '../core/facts'
import type { FeedingSchool, HoleAmendment } from '../core/transplant'
import { sayCount, sayLength } from './say'
import { sayAmount, supplyKindName } from './supplies'
import { written } from './written'

/** What goes into each hole, and for all of them. */
export function sayHole({ needs }: HoleAmendment, plants: number, manner: Manner): string {
  if (needs.length === 0) return 'Nothing: the solution feeds them.'
  return needs
    .map(({ kind, litres }) => {
      const each = `${supplyKindName(kind)}: ${sayAmount(kind, litres, manner)} per plant`
      return plants === 1
        ? `${each}.`
        : `${each}, ${sayAmount(kind, litres * plants, manner)} for ${sayCount(plants, 'plant')}.`
    })
    .join(' ')
}

const NOTES: Record<FeedingSchool, string> = {
  'soil-first':
    'Work it into the top of the soil around the hole. Add more only where a soil test asks for it.',
  'slow-organic': 'Scratch it in, but not into the hole itself.',
  'steady-liquid':
    'Put it at the bottom of the hole, under a little soil. Then give weak liquid feed every week.',
  'nutrient-solution': 'Start at an EC of {number 1–1.3} and raise it as they grow.',
}

/** How it goes in. */
export const sayFeedingNote = ({ school, awayFromStem }: HoleAmendment, manner: Manner): string =>
  awayFromStem === null
    ? written(NOTES[school], manner)
    : `${written(NOTES[school], manner)} From ${sayLength(awayFromStem, manner)} from the stem outward.`
