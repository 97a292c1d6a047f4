import { isBush, type Cultivar, type Training } from '../crop'
import { requireInRange } from '../guard'

/** † °C d a node, and m an internode. */
const NODE = { tomato: 28, pepper: 45 } as const
const INTERNODE = { vine: 0.07, bush: 0.05, dwarf: 0.025, pepper: 0.05 } as const
/** † A young plant on the day it is set out, above the ground, m; and °C d lost to setting out when hardened. */
const SET_OUT_HEIGHT = 0.2
const CHECK = 70
/** † Where growth in height ends by itself, m: a bush, a dwarf, a pepper. */
const ENDS = { bush: 1.1, dwarf: 0.7, pepper: 0.8 } as const

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
  const grown = SET_OUT_HEIGHT + (Math.max(0, degreeDays - CHECK) / NODE[cultivar.crop]) * INTERNODE[kind]
  const end = kind === 'vine' ? (training === 'sprawling' ? 0.7 : Infinity) : ENDS[kind]
  return Math.min(grown, end)
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
