import type { Manner } from '../core/facts'
import type { FeedingSchool, HoleAmendment } from '../core/transplant'
import { sayCount, sayLength } from './say'
import { sayAmount, supplyKindName } from './supplies'

/** What goes into each hole, and for all of them. */
export function sayHole({ needs }: HoleAmendment, plants: number, manner: Manner): string {
  if (needs.length === 0) return 'Nothing: they are fed by the solution.'
  return needs
    .map(({ kind, litres }) => {
      const each = `${supplyKindName(kind)}: ${sayAmount(kind, litres, manner)} a plant`
      return plants === 1
        ? `${each}.`
        : `${each}, ${sayAmount(kind, litres * plants, manner)} for ${sayCount(plants, 'plant')}.`
    })
    .join(' ')
}

const NOTES: Record<FeedingSchool, string> = {
  'soil-first': 'Worked into the top spade around the hole; more only where a soil test asks for it.',
  'slow-organic': 'Scratched in, not in the hole itself.',
  'steady-liquid': 'At the floor of the hole, under a little soil; then weak liquid feed every week.',
  'nutrient-solution': 'Start at an EC of 1.0 to 1.3 and raise it as they grow.',
}

/** How it goes in. */
export const sayFeedingNote = ({ school, awayFromStem }: HoleAmendment, manner: Manner): string =>
  awayFromStem === null
    ? NOTES[school]
    : `${NOTES[school]} From ${sayLength(awayFromStem, manner)} off the stem outwards.`
