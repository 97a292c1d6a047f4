import type { SupplyKind } from '../facts'
import { requireInteger } from '../guard'
import type { ShortLine } from './short'

/** Seasons that pieces last; what is not here is used up in one. */
export const PIECE_LIFE: Partial<Record<SupplyKind, number>> = {
  stake: 3,
  post: 8,
  rod: 15,
  cage: 10,
  panel: 10,
  mesh: 10,
  wire: 10,
  clip: 3,
  pin: 5,
}

/** What to buy in one of several years. */
export interface BuyingYear {
  /** 0: this year. */
  year: number
  lines: (Pick<ShortLine, 'kind' | 'length' | 'pack'> & { packs: number; cost: number | null })[]
  /** Of the lines whose price is known. */
  cost: number
  /** Some line has no price. */
  open: boolean
}

/**
 * Buying spread over years: what lasts in even shares, and again when it is worn; what is used up every year.
 *
 * @param years 1–10
 * @throws RangeError when `years` is out of range
 */
export function spreadOver(lines: readonly ShortLine[], years: number): BuyingYear[] {
  requireInteger('years', years, 1, 10)
  return Array.from({ length: years }, (_, year) => {
    const bought = lines.flatMap(({ kind, length, pack, packs, cost }) => {
      const life = PIECE_LIFE[kind]
      const here = life === undefined ? packs : shareOf(packs, years, year) + wornIn(packs, years, year, life)
      if (here === 0) return []
      return [{ kind, length, pack, packs: here, cost: cost === null ? null : (cost / packs) * here }]
    })
    return {
      year,
      lines: bought,
      cost: bought.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
      open: bought.some(({ cost }) => cost === null),
    }
  })
}

/** Whole packs of an even share, the first years take what does not divide. */
const shareOf = (packs: number, years: number, year: number) =>
  Math.floor(packs / years) + (year < packs % years ? 1 : 0)

/** Packs bought so long ago that they are worn. */
function wornIn(packs: number, years: number, year: number, life: number): number {
  let worn = 0
  for (let bought = year - life; bought >= 0; bought -= life) worn += shareOf(packs, years, bought)
  return worn
}
