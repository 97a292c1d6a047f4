import type { Cost, Supply } from '../facts'
import type { Need } from '../support'
import { PIECE_LIFE } from './years'

/**
 * What needs cost in one season at the shed's prices: what lasts is spread over the seasons that it lasts, and counts
 * by the piece, not by the pack.
 *
 * @example seasonCost([{ kind: 'cage', quantity: 4, length: null }], [{ ...cage, pack: 2, price: 30 }]) // 6 a season
 */
export function seasonCost(needs: readonly Need[], sold: readonly Supply[]): Cost {
  return needs.reduce<Cost>(
    ({ cost, open }, { kind, length, quantity }) => {
      const line = sold.find(
        (supply) =>
          supply.kind === kind &&
          supply.price !== null &&
          (length === null || supply.length === null || supply.length >= length - 1e-6),
      )
      if (!line) return { cost, open: open || quantity > 0 }
      const each = line.price! / line.pack
      return { cost: cost + (quantity * each) / (PIECE_LIFE[kind] ?? 1), open }
    },
    { cost: 0, open: false },
  )
}
