import type { Crop } from '../crop'
import type { Place } from '../facts'

export const FEEDING_SCHOOLS = ['soil-first', 'slow-organic', 'steady-liquid', 'nutrient-solution'] as const
/** What a garden feeds by. */
export type FeedingSchool = (typeof FEEDING_SCHOOLS)[number]

/** What goes in at planting, L a plant. */
export interface HoleAmendment {
  school: FeedingSchool
  needs: { kind: 'compost' | 'meal' | 'feed'; litres: number }[]
  /** From the stem outwards before anything lies, m; null: in the hole or worked in. */
  awayFromStem: number | null
}

/** Compost worked in over what a plant roots in at first: 6 cm on a square of 0.45 m, 0.35 m for pepper. */
const COMPOST_LAYER = 0.06
const ROOTED = { tomato: 0.45, pepper: 0.35 } as const
/** Two tablespoons of meal or castings scratched in; granular feed in the hole, L. */
const MEAL = 0.03
const GRANULAR = 0.015
const MEAL_FROM_STEM = 0.025

/** What a feeding school puts in at planting. */
export function holeAmendment(school: FeedingSchool, crop: Crop): HoleAmendment {
  switch (school) {
    case 'soil-first':
      return {
        school,
        needs: [{ kind: 'compost', litres: COMPOST_LAYER * ROOTED[crop] ** 2 * 1000 }],
        awayFromStem: null,
      }
    case 'slow-organic':
      return { school, needs: [{ kind: 'meal', litres: MEAL }], awayFromStem: MEAL_FROM_STEM }
    case 'steady-liquid':
      return { school, needs: [{ kind: 'feed', litres: GRANULAR }], awayFromStem: null }
    case 'nutrient-solution':
      return { school, needs: [], awayFromStem: null }
  }
}

/** The school that suits a place where the garden has none of its own. */
export const usualFeeding = ({ pot, raised }: Pick<Place, 'pot' | 'raised'>): FeedingSchool =>
  pot ? 'steady-liquid' : raised ? 'slow-organic' : 'soil-first'
