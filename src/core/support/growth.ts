import { grownHeight, isBush, transplantCheck, type Cultivar, type Training } from '../crop'
import { requireInRange } from '../guard'

/** °C d a node, and m an internode [tomato De Koning 1994: 32 °C d a leaf; internodes of the plant model]. */
const NODE = { tomato: 32, pepper: 45 } as const
const INTERNODE = { vine: 0.07, bush: 0.05, dwarf: 0.025, pepper: 0.05 } as const
/** A young plant on the day it is set out, above the ground, m. */
const SET_OUT_HEIGHT = 0.2

type Kind = keyof typeof INTERNODE
const kindOf = (cultivar: Pick<Cultivar, 'crop' | 'habit'>): Kind =>
  cultivar.crop === 'pepper'
    ? 'pepper'
    : cultivar.habit === 'dwarf'
      ? 'dwarf'
      : isBush(cultivar)
        ? 'bush'
        : 'vine'

/**
 * Height of the stem so many °C d after setting out, m; a vine grows on, the others end by themselves.
 *
 * @throws RangeError when degree-days are not from 0 to 10,000
 */
export function stemHeightAfter(
  cultivar: Pick<Cultivar, 'crop' | 'habit'>,
  training: Training,
  degreeDays: number,
): number {
  requireInRange('degreeDays', degreeDays, 0, 10_000)
  const kind = kindOf(cultivar)
  const grownOn = Math.max(0, degreeDays - transplantCheck(cultivar.crop))
  const grown = SET_OUT_HEIGHT + (grownOn / NODE[cultivar.crop]) * INTERNODE[kind]
  const growsOn = kind === 'vine' && training !== 'sprawling'
  return growsOn ? grown : Math.min(grown, grownHeight(cultivar, training))
}

/**
 * When the stem reaches each height, as an index into the days; null: not in these days.
 *
 * @param degreeDays of each day from setting out on, °C d
 */
export function daysToHeights(
  cultivar: Pick<Cultivar, 'crop' | 'habit'>,
  training: Training,
  degreeDays: readonly number[],
  heights: readonly number[],
): (number | null)[] {
  const reached: (number | null)[] = heights.map(() => null)
  let sum = 0
  degreeDays.forEach((day, index) => {
    sum += day
    const stem = stemHeightAfter(cultivar, training, Math.min(sum, 10_000))
    heights.forEach((height, tier) => {
      if (reached[tier] === null && stem >= height) reached[tier] = index
    })
  })
  return reached
}
