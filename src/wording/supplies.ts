import { SUPPLY_UNIT, type Manner, type SupplyKind } from '../core/facts'
import { sayLength, sayMeasure } from './say'

const NAMES: Record<SupplyKind, string> = {
  stake: 'Stakes',
  post: 'Posts',
  rod: 'Anchor rods',
  cage: 'Cages',
  panel: 'Panels',
  mesh: 'Mesh',
  twine: 'Twine',
  string: 'String',
  wire: 'Wire',
  tie: 'Ties',
  clip: 'Clips',
  pin: 'Ground pins',
  label: 'Labels',
  mix: 'Potting mix',
  mulch: 'Mulch',
  compost: 'Compost',
  meal: 'Organic meal',
  feed: 'Granular feed',
}

export const supplyKindName = (kind: SupplyKind): string => NAMES[kind]

/** `Stakes of at least 2.4 m`. */
export const supplyName = (
  { kind, length }: { kind: SupplyKind; length: number | null },
  manner: Manner,
): string => (length === null ? NAMES[kind] : `${NAMES[kind]} of at least ${sayLength(length, manner)}`)

/** Pieces as a number, the rest as a length or volume. */
export function sayAmount(kind: SupplyKind, quantity: number, manner: Manner): string {
  switch (SUPPLY_UNIT[kind]) {
    case 'pieces':
      return String(Math.ceil(quantity - 1e-9))
    case 'metres':
      return sayLength(quantity, manner)
    case 'litres':
      return sayMeasure({ kind: 'volume', value: quantity }, manner)
  }
}
