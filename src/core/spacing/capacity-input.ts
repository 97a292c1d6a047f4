import type { Side } from '../facts'
import { requireInRange } from '../guard'

/** A rectangle in a bed's frame, m from its south-west corner: `length` along x, `width` along y. */
export interface Rectangle {
  x: number
  y: number
  length: number
  width: number
}

/** A stem's place in a bed's frame, m: x along its length, y across it, from the south-west corner. */
export interface Position {
  x: number
  y: number
}

/** Drip lines along a bed: emitters every `spacing` from `first`, lines at these y; m. */
export interface Emitters {
  spacing: number
  first: number
  lines: readonly number[]
  /** How far from an emitter a plant may stand; 0.08. */
  reach?: number
}

export const LAYOUTS = ['rows', 'staggered', 'best'] as const
export type Layout = (typeof LAYOUTS)[number]

/** A bed and all that decides how many plants it holds; m. Length runs west to east, y grows northward. */
export interface CapacityInput {
  length: number
  width: number
  inRow: number
  betweenRows: number
  /** From the stem to the long sides. */
  edge: number
  /** From the stem to the short sides; as `edge`. */
  endEdge?: number
  /** A cage: wholly inside the bed, and cages do not overlap. */
  supportDiameter?: number
  emitters?: Emitters
  openSides: readonly Side[]
  /** How far a gardener reaches in from an open side; 0.6. */
  armReach?: number
  /** Ground that something else has. */
  taken?: readonly Rectangle[]
  layout?: Layout
}

/**
 * † How far a gardener reaches, and how near an emitter a plant wants to stand, m. Against: reach of an arm
 * over a bed.
 */
export const ARM_REACH = 0.6
export const EMITTER_REACH = 0.08

/** Rounding of what people type must not cost a plant, m. */
export const TOLERANCE = 1e-9

/** More than this is no bed; it would only keep the machine busy. */
const MOST_PLANTS = 200_000

/** The input with every default filled in, and what a cage asks for taken into edges and distances. */
export interface Bounds {
  length: number
  width: number
  inRow: number
  betweenRows: number
  edge: number
  endEdge: number
  emitters: Required<Emitters> | null
  /** Rectangles whose inside no stem may stand in. */
  blocked: Rectangle[]
}

/** @throws RangeError when a measure is out of range, or when the sizes would hold more than 200,000 plants */
export function boundsOf(input: CapacityInput): Bounds {
  const { edge, endEdge = edge, supportDiameter = 0, armReach = ARM_REACH, taken = [], emitters } = input
  requireInRange('length', input.length, 0.05, 1000)
  requireInRange('width', input.width, 0.05, 1000)
  requireInRange('inRow', input.inRow, 0.05, 10)
  requireInRange('betweenRows', input.betweenRows, 0.05, 10)
  requireInRange('edge', edge, 0, 10)
  requireInRange('endEdge', endEdge, 0, 10)
  requireInRange('supportDiameter', supportDiameter, 0, 10)
  requireInRange('armReach', armReach, 0, 1000)
  if (emitters) {
    requireInRange('emitters.spacing', emitters.spacing, 0.01, 10)
    requireInRange('emitters.first', emitters.first, 0, 1000)
    requireInRange('emitters.reach', emitters.reach ?? EMITTER_REACH, 0, 5)
    for (const y of emitters.lines) requireInRange('emitters.lines', y, 0, 1000)
  }
  for (const { x, y, length, width } of taken) {
    requireInRange('taken.x', x, -1100, 2000)
    requireInRange('taken.y', y, -1100, 2000)
    requireInRange('taken.length', length, 0, 3000)
    requireInRange('taken.width', width, 0, 3000)
  }
  const { length, width } = input
  if ((length / input.inRow + 1) * (width / input.betweenRows + 1) > MOST_PLANTS)
    throw new RangeError(
      `length by width must hold at most ${MOST_PLANTS} plants, not ${length} m by ${width} m`,
    )
  const radius = supportDiameter / 2
  return {
    length,
    width,
    inRow: Math.max(input.inRow, supportDiameter),
    betweenRows: Math.max(input.betweenRows, supportDiameter),
    edge: Math.max(edge, radius),
    endEdge: Math.max(endEdge, radius),
    emitters: emitters
      ? {
          spacing: emitters.spacing,
          first: emitters.first,
          lines: [...emitters.lines].sort((a, b) => a - b),
          reach: emitters.reach ?? EMITTER_REACH,
        }
      : null,
    blocked: [...taken.map((ground) => grown(ground, radius)), ...outOfReach(input, armReach)],
  }
}

const grown = ({ x, y, length, width }: Rectangle, by: number): Rectangle => ({
  x: x - by,
  y: y - by,
  length: length + 2 * by,
  width: width + 2 * by,
})

/** The middle that no arm reaches from the open sides; nothing where every spot is reached. */
export function outOfReach(
  { length, width, openSides }: Pick<CapacityInput, 'length' | 'width' | 'openSides'>,
  armReach: number,
): Rectangle[] {
  const far = 10_000
  const west = openSides.includes('west') ? armReach : -far
  const east = openSides.includes('east') ? length - armReach : far
  const south = openSides.includes('south') ? armReach : -far
  const north = openSides.includes('north') ? width - armReach : far
  return west < east && south < north
    ? [{ x: west, y: south, length: east - west, width: north - south }]
    : []
}

/** How many plants a layout holds; where they stand is worked out when it is asked. */
export interface Filling {
  layout: 'rows' | 'staggered'
  count: number
  /** @param packed along each line as close as may be from its west end, instead of evenly over it */
  positions: (packed?: boolean) => Position[]
}
