import type { Picking } from './split-picking'

/** kg of one picking that no plant bears at once, and of the largest and smallest fruit. */
const MOST_A_PLANT = 15
const FRUIT = { heaviest: 2, lightest: 0.0005 }

/** What cannot be true of a weighing; null: it can. */
export type Implausible = 'a-plant' | 'heavy-fruit' | 'light-fruit'

/**
 * A weight that was mistyped or in another unit: more than the plants can bear at once, or fruit that are too heavy or
 * too light.
 *
 * @param plants that it was picked from
 * @example implausiblePicking({ mass: 450, count: null }, 6) // 'a-plant': grams, surely
 */
export function implausiblePicking(
  { mass, count }: Pick<Picking, 'mass' | 'count'>,
  plants: number,
): Implausible | null {
  if (mass > MOST_A_PLANT * Math.max(1, plants)) return 'a-plant'
  if (count === null || count === 0 || mass === 0) return null
  if (mass / count > FRUIT.heaviest) return 'heavy-fruit'
  return mass / count < FRUIT.lightest ? 'light-fruit' : null
}
