import { SUPPLY_UNIT, type Manner, type Supply, type SupplyKind } from '../core/facts'
import { convertFromSi } from '../core/quantity'
import { nameOf } from './names'
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
  seed: 'Seeds',
}

export const supplyKindName = (kind: SupplyKind): string => NAMES[kind]

/** `Stakes of at least 2.4 m`. */
export const supplyName = (
  { kind, length }: { kind: SupplyKind; length: number | null },
  manner: Manner,
): string => (length === null ? NAMES[kind] : `${NAMES[kind]} of at least ${sayLength(length, manner)}`)

/** Feet and half feet, as pieces are sold: `7½ ft`. */
function soldFeet(length: number): string {
  const halves = Math.round(2 * convertFromSi(length, 'length', 'ft'))
  return `${Math.floor(halves / 2) || ''}${halves % 2 === 1 ? '½' : ''}\u00a0ft`
}

/** What is bought, in a length that is sold: `Stakes, 2.4 m`. */
export const soldName = (
  { kind, length }: { kind: SupplyKind; length: number | null },
  manner: Manner,
): string =>
  length === null
    ? NAMES[kind]
    : `${NAMES[kind]}, ${manner.units === 'us' ? soldFeet(length) : sayLength(length, manner)}`

/** How thick a piece is, told finer than how long. */
export const sayThickness = (value: number, manner: Manner): string =>
  sayMeasure({ kind: 'thickness', value }, manner)

/** `2.4 m long, 32 mm thick, hardwood`; empty: nothing was measured. */
export function measuresOf({ kind, length, across, material }: Supply, manner: Manner): string {
  const isCage = kind === 'cage'
  return [
    length !== null && `${sayLength(length, manner)} ${isCage ? 'high' : 'long'}`,
    across !== null &&
      (isCage ? `${sayLength(across, manner)} across` : `${sayThickness(across, manner)} thick`),
    material !== null && nameOf(material),
  ]
    .filter(Boolean)
    .join(', ')
}

/** Packs to buy: `3`, `2 × 100 m`. */
export const sayPacks = (
  { kind, pack, packs }: { kind: SupplyKind; pack: number; packs: number },
  manner: Manner,
): string =>
  pack === 1 && SUPPLY_UNIT[kind] === 'pieces' ? String(packs) : `${packs} × ${sayAmount(kind, pack, manner)}`

/** One of what is bought by the piece. */
const ONE: Partial<Record<SupplyKind, string>> = {
  stake: 'stake',
  post: 'post',
  rod: 'anchor rod',
  cage: 'cage',
  panel: 'panel',
}

/** What a season buys of one thing: `3 posts, 2.4 m`, `1 post, 2.4 m`, `2 × 50 clips`. */
export function sayBought(
  line: { kind: SupplyKind; length: number | null; pack: number; packs: number },
  manner: Manner,
): string {
  const name = soldName(line, manner).toLowerCase()
  const one = line.pack === 1 && line.packs === 1 ? ONE[line.kind] : undefined
  return `${sayPacks(line, manner)} ${one ? name.replace(NAMES[line.kind].toLowerCase(), one) : name}`
}

/** Pieces as a number, the rest as a length or volume. */
export function sayAmount(kind: SupplyKind, quantity: number, manner: Manner): string {
  switch (SUPPLY_UNIT[kind]) {
    case 'pieces':
      return String(Math.ceil(quantity - 1e-9))
    case 'metres':
      return sayLength(quantity > 10 ? Math.ceil(quantity - 1e-9) : quantity, manner)
    case 'litres':
      return sayMeasure({ kind: 'volume', value: quantity }, manner)
  }
}

const MONEY = { useGrouping: false, minimumFractionDigits: 2, maximumFractionDigits: 2 } as const

/** An amount of the garden's money, with its sign: `$12.50`. */
export function sayMoney(
  amount: number,
  { decimals, currency }: Pick<Manner, 'decimals' | 'currency'>,
): string {
  const style = currency
    ? ({ style: 'currency', currency, currencyDisplay: 'narrowSymbol', useGrouping: false } as const)
    : MONEY
  return new Intl.NumberFormat('en', style)
    .formatToParts(amount)
    .map(({ type, value }) => (type === 'decimal' && decimals === 'comma' ? ',' : value))
    .join('')
}

/** What a mass costs: `$2.20 per kg`. @param price of a kg */
export const sayPerMass = (price: number, manner: Manner): string =>
  manner.units === 'us'
    ? `${sayMoney(price / convertFromSi(1, 'mass', 'lb'), manner)} per lb`
    : `${sayMoney(price, manner)} per kg`

/** What it costs, as far as prices are known. */
export const sayCost = ({ cost, open }: { cost: number; open: boolean }, manner: Manner): string =>
  open
    ? cost > 0
      ? `${sayMoney(cost, manner)} plus items without a price`
      : 'no price yet'
    : sayMoney(cost, manner)
