import { HAS_LENGTH, type Supply, type Cost, type SupplyKind } from '../facts'
import { requireInRange } from '../guard'
import type { UnitSystem } from '../quantity'
import type { Need } from '../support'

/** What is needed of one kind, what the shed has for it, and what to buy. */
export interface ShortLine {
  kind: SupplyKind
  /** Of each piece as it is sold, m; null where the kind has none. */
  length: number | null
  /** What is needed of it, m long at least. */
  lengths: readonly (number | null)[]
  needed: number
  owned: number
  short: number
  /** As it is sold: pieces, m or L a pack, and packs to buy. */
  pack: number
  packs: number
  /** In the gardener's own money; null: no price is known. */
  cost: number | null
  /** The line of the shed that says how it is sold; null: none does. */
  like: string | null
}

/** Packs as they are usually sold, where the shed does not say. */
const USUAL_PACK: Partial<Record<SupplyKind, number>> = {
  mesh: 15,
  twine: 100,
  string: 100,
  wire: 25,
  tie: 50,
  clip: 100,
  pin: 50,
  label: 50,
  mix: 40,
  mulch: 60,
  compost: 40,
  meal: 5,
}

/** Stakes, posts and rods are on sale every so far, m: 30 cm, or half a foot. */
const ON_SALE_EVERY: Record<UnitSystem, number> = { metric: 0.3, us: 0.1524 }

/** The shortest piece on sale that is long enough, m. */
export const soldLength = (length: number, units: UnitSystem): number =>
  Math.round(Math.ceil(length / ON_SALE_EVERY[units] - 1e-6) * ON_SALE_EVERY[units] * 1e4) / 1e4

/** Needs of the same kind and length in one. */
export function added(needs: readonly Need[]): Need[] {
  const sums = new Map<string, Need>()
  for (const need of needs) {
    requireInRange('quantity', need.quantity, 0, 1e9)
    const key = `${need.kind} ${need.length?.toFixed(3) ?? ''}`
    const sum = sums.get(key)
    if (sum) sum.quantity += need.quantity
    else sums.set(key, { ...need })
  }
  return [...sums.values()]
}

/**
 * What is short: needs against what is owned, in lengths as they are sold, rounded up to whole packs. A piece serves
 * where it is long enough; the longest needs choose first, each the shortest piece that will do.
 *
 * @param units that pieces are sold in
 * @throws RangeError when a quantity is out of range
 */
export function shortOf(needs: readonly Need[], owned: readonly Supply[], units: UnitSystem): ShortLine[] {
  const left = new Map(owned.map(({ id, quantity }) => [id, requireInRange('quantity', quantity, 0, 1e9)]))
  const lines = added(needs)
    .sort((a, b) => (b.length ?? 0) - (a.length ?? 0))
    .map(({ kind, length, quantity }) => {
      const serving = owned
        .filter((supply) => supply.kind === kind && serves(supply, length))
        .sort((a, b) => (a.length ?? 0) - (b.length ?? 0))
      let open = quantity
      for (const { id } of serving) {
        const taken = Math.min(open, left.get(id)!)
        left.set(id, left.get(id)! - taken)
        open -= taken
      }
      // What is there says how it is sold: the shortest that will do.
      return { kind, length, needed: quantity, owned: quantity - open, short: open, sold: serving[0] }
    })
  const onSale = new Map<string, typeof lines>()
  for (const line of lines) {
    const as = `${line.kind} ${line.length && soldLength(line.length, units).toFixed(3)}`
    onSale.set(as, [...(onSale.get(as) ?? []), line])
  }
  return [...onSale.values()]
    .map((own) => {
      // The longest of them says what will do for all.
      const [{ kind, length, sold }] = own as [(typeof own)[0]]
      const sum = (of: 'needed' | 'owned' | 'short') => own.reduce((total, line) => total + line[of], 0)
      const pack = sold?.pack ?? USUAL_PACK[kind] ?? 1
      const packs = Math.max(0, Math.ceil(sum('short') / pack - 1e-9))
      const price = sold?.price ?? null
      return {
        kind,
        length: length && soldLength(length, units),
        lengths: own.map((line) => line.length),
        needed: sum('needed'),
        owned: sum('owned'),
        short: sum('short'),
        pack,
        packs,
        cost: packs === 0 ? 0 : price === null ? null : packs * price,
        like: sold?.id ?? null,
      }
    })
    .sort((a, b) => a.kind.localeCompare(b.kind) || (a.length ?? 0) - (b.length ?? 0))
}

const serves = (supply: Supply, length: number | null) =>
  length === null || !HAS_LENGTH.includes(supply.kind) || (supply.length ?? 0) >= length - 1e-6

/**
 * What needs cost bought new, in the packs and at the prices that the shed knows.
 *
 * @returns cost of what has a price; `open` where something has none
 */
export function costOf(needs: readonly Need[], sold: readonly Supply[], units: UnitSystem): Cost {
  const lines = shortOf(
    needs,
    sold.map((supply) => ({ ...supply, quantity: 0 })),
    units,
  )
  return {
    cost: lines.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
    open: lines.some(({ cost }) => cost === null),
  }
}
