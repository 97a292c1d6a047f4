import { requireInRange } from '../guard'

export const POT_SHAPES = ['round', 'tapered', 'square', 'bag', 'trough'] as const
export type PotShape = (typeof POT_SHAPES)[number]

/**
 * Inside measures of a pot, m. Round, square and bag: `top` is the diameter or side; tapered: `bottom` is the
 * smaller diameter; trough: `top` by `across`.
 */
export interface Pot {
  shape: PotShape
  top: number
  /** Tapered only. */
  bottom: number | null
  /** Trough only. */
  across: number | null
  height: number
}

/** Mix stands so far under the rim once it has settled, m. */
const RIM = 0.04
/** A filled bag bulges less than its seams: it holds this share of a cylinder. */
const BAG = 0.92

/**
 * How much mix a pot holds, L: up to the rim, and filled to where water still stands above it.
 *
 * @throws RangeError when a measure is out of range
 * @example potVolume({ shape: 'trough', top: 1, across: 0.3, bottom: null, height: 0.3 }).brim // 90
 */
export function potVolume(pot: Pot): { brim: number; filled: number } {
  requireInRange('height', pot.height, 0.03, 3)
  requireInRange('top', pot.top, 0.03, 20)
  if (pot.shape === 'tapered') requireInRange('bottom', pot.bottom ?? NaN, 0.02, 20)
  if (pot.shape === 'trough') requireInRange('across', pot.across ?? NaN, 0.03, 20)
  return { brim: upTo(pot, pot.height), filled: upTo(pot, filledHeight(pot)) }
}

/** How deep the mix in a pot is once it has settled, m. */
export const filledHeight = ({ height }: Pick<Pot, 'height'>): number => Math.max(height / 2, height - RIM)

function upTo({ shape, top, bottom, across, height }: Pot, level: number): number {
  const litres = 1000 * level
  switch (shape) {
    case 'round':
      return (litres * Math.PI * top * top) / 4
    case 'bag':
      return (BAG * litres * Math.PI * top * top) / 4
    case 'square':
      return litres * top * top
    case 'trough':
      return litres * top * across!
    case 'tapered': {
      // A cone cut off at the level.
      const wide = bottom! + (top - bottom!) * (level / height)
      return (litres * Math.PI * (wide * wide + wide * bottom! + bottom! * bottom!)) / 12
    }
  }
}

/** A round pot is nearly as high as wide. */
const HEIGHT_OF_WIDTH = 0.95

/**
 * The round pot that holds so much to its rim, as pots are sold.
 *
 * @param litres 1–1000
 * @param across m at the rim; null: as such pots usually are
 * @throws RangeError when litres, or the height that they would need, is out of range
 * @example potOfVolume(40).top // 0.377
 */
export function potOfVolume(litres: number, across: number | null = null): Pot {
  requireInRange('litres', litres, 1, 1000)
  const round = (metres: number) => Math.round(metres * 1000) / 1000
  const top = round(across ?? Math.cbrt((4 * litres) / 1000 / Math.PI / HEIGHT_OF_WIDTH))
  const height = round((4 * litres) / 1000 / Math.PI / (top * top))
  requireInRange('height', height, 0.1, 2)
  return { shape: 'round', top, bottom: null, across: null, height }
}
