/** What a shed holds for growing: pieces of a length, things by the piece, and things by the metre or litre. */
export const SUPPLY_KINDS = [
  'stake',
  'post',
  'rod',
  'cage',
  'panel',
  'mesh',
  'twine',
  'string',
  'wire',
  'tie',
  'clip',
  'pin',
  'label',
  'mix',
  'mulch',
  'compost',
  'meal',
  'feed',
  'seed',
] as const
export type SupplyKind = (typeof SUPPLY_KINDS)[number]

/** What a kind is counted in. */
export const SUPPLY_UNIT: Record<SupplyKind, 'pieces' | 'metres' | 'litres'> = {
  stake: 'pieces',
  post: 'pieces',
  rod: 'pieces',
  cage: 'pieces',
  panel: 'pieces',
  mesh: 'metres',
  twine: 'metres',
  string: 'metres',
  wire: 'metres',
  tie: 'pieces',
  clip: 'pieces',
  pin: 'pieces',
  label: 'pieces',
  mix: 'litres',
  mulch: 'litres',
  compost: 'litres',
  meal: 'litres',
  feed: 'litres',
  seed: 'pieces',
}

/** Kinds whose pieces have a length that must suffice. */
export const HAS_LENGTH: readonly SupplyKind[] = ['stake', 'post', 'rod']

/** What is driven into the ground, and must be thick and strong enough to stand there. */
export const IS_DRIVEN: readonly SupplyKind[] = ['stake', 'post', 'rod']

/** What something that is driven is made of. */
export const POST_MATERIALS = [
  'bamboo',
  'softwood',
  'hardwood',
  'steel-tube',
  'conduit',
  'steel-rod',
  'steel-t',
] as const
export type PostMaterial = (typeof POST_MATERIALS)[number]

/** One line of what the shed holds, and how it is bought. */
export interface Supply {
  id: string
  kind: SupplyKind
  /** The gardener's own word for it; may be empty. */
  name: string
  /** Pieces, m or L, as its kind is counted. */
  quantity: number
  /** Of each piece, m; of a cage its height; null where the kind has none, or it is not known. */
  length: number | null
  /** Of each piece, m: how thick it is, a cage how far across; null where the kind has none, or it is not known. */
  across: number | null
  /** What is driven is made of; null: not known. */
  material: PostMaterial | null
  /** Pieces, m or L in a pack as it is sold. */
  pack: number
  /** Of a pack, in the gardener's own money; null: not known. */
  price: number | null
}

/** In the gardener's own money; `open`: something has no price. */
export interface Cost {
  cost: number
  open: boolean
}
