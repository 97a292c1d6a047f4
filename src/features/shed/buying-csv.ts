import { dayOf } from '../../core/garden-day'
import { unparse } from 'papaparse'
import { SUPPLY_UNIT } from '../../core/facts'
import type { GardenState } from '../../data/garden-state'
import { supplyKindName } from '../../wording/supplies'
import { shedView } from './queries'

/** What is short as a table: pieces, m or L. */
export function buyingCsv(state: GardenState): string {
  const rows = shedView(dayOf(state, state.now))
    .lines.filter(({ packs }) => packs > 0)
    .map(({ kind, length, needed, owned, short, pack, packs, cost }) => ({
      what: supplyKindName(kind),
      'at least m long': length ?? '',
      unit: SUPPLY_UNIT[kind],
      needed: rounded(needed),
      'in the shed': rounded(owned),
      short: rounded(short),
      'in a pack': rounded(pack),
      packs,
      cost: cost === null ? '' : rounded(cost),
    }))
  return unparse(
    {
      fields: [
        'what',
        'at least m long',
        'unit',
        'needed',
        'in the shed',
        'short',
        'in a pack',
        'packs',
        'cost',
      ],
      data: rows,
    },
    { escapeFormulae: true },
  )
}

const rounded = (value: number) => Math.round(value * 100) / 100
