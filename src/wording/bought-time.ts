import type { Manner } from '../core/facts'
import { COVERS, type BoughtTime, type TimeBuyer } from '../core/season'
import { formatDate } from './dates'
import { sayCount, sayMeasure } from './say'

const NAMES: Record<TimeBuyer, string> = {
  'as-planned': 'As it is',
  cloth: 'Row cloth at night',
  frame: 'A cold frame or water-filled rings',
  film: 'Dark film on the soil',
  'big-plant': 'A bigger plant',
  earlier: 'An earlier cultivar',
}

const HOW: Record<TimeBuyer, (bought: BoughtTime, manner: Manner) => string> = {
  'as-planned': () => '',
  cloth: (_, manner) =>
    `about ${warmer(COVERS.cloth.night, manner)} warmer at night; clear of the leaves, off by day`,
  frame: (_, manner) =>
    `about ${warmer(COVERS.frame.night, manner)} warmer at night and in the soil; open it by day`,
  film: () => 'laid two weeks before, the soil warms sooner',
  'big-plant': () => 'sown two weeks earlier, in a larger pot',
  earlier: ({ daysToMaturity = 0 }) => `one of ${sayCount(daysToMaturity, 'day')} to maturity`,
}

const warmer = (value: number, manner: Manner) =>
  sayMeasure({ kind: 'temperature-difference', value }, manner)

/** A way to buy time: its name, how it is done, and what it comes to. */
export interface TimeLine {
  by: TimeBuyer
  name: string
  how: string
  setOut: string
  ripe: string
  odds: string
}

export function sayBoughtTime(bought: BoughtTime, manner: Manner): TimeLine {
  const { by, setOut, ripe, earlier } = bought
  const date = (of: typeof setOut, none: string) => (of.date === null ? none : formatDate(of.date, manner))
  const share = ripe.spread?.share ?? (ripe.date === null ? 0 : 1)
  return {
    by,
    name: NAMES[by],
    how: HOW[by](bought, manner),
    setOut:
      date(setOut, 'no warm spell') +
      (earlier !== null && earlier > 0 ? `, ${sayCount(earlier, 'day')} earlier` : ''),
    ripe:
      ripe.date === null && ripe.spread?.p50
        ? formatDate(ripe.spread.p50, manner)
        : date(ripe, 'not in the middle season'),
    odds: `${Math.round(share * 100)} years in 100`,
  }
}
