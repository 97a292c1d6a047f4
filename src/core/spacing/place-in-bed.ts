import { requireInteger } from '../guard'
import { boundsOf, type CapacityInput, type Filling, type Position } from './capacity-input'
import { fill } from './filling'
import { freeAlong } from './free-ground'

/** Fewer plants than fit stand wider, but no wider than this many times their spacing. */
const WIDEST = 1.5

/** How plants are laid in what is free: a block from one end, line after line, or over the whole place. */
export const LAYINGS = ['block', 'line', 'whole'] as const
export type Laying = (typeof LAYINGS)[number]

/**
 * Places so many plants in a bed. A block takes the west end over its whole width, lines are filled one after the
 * other from the south: either leaves the rest of the bed to others, which then holds as many as it would have. Over
 * the whole bed they stand in as few lines as hold them, evenly spread where nothing is in the way, else on
 * neighbouring spots, as wide apart as still hold them.
 *
 * @returns at most as many as fit, and how many would fit in all
 * @throws RangeError when a measure is out of range
 */
export function placeInBed(
  input: CapacityInput,
  count: number,
  laying: Laying = 'whole',
): { positions: Position[]; fits: number } {
  requireInteger('count', count, 0, 200_000)
  const full = fill(input)
  const wanted = Math.min(count, full.count)
  if (laying !== 'whole' && wanted < full.count)
    return { positions: full.positions(true).sort(FIRST[laying]).slice(0, wanted), fits: full.count }
  const span = Math.max(0, input.width - 2 * input.edge)
  for (let lines = 1; wanted > 0; lines++) {
    const betweenRows = lines === 1 ? 10 : Math.min(10, span / (lines - 1))
    if (betweenRows < input.betweenRows) break
    const bed: CapacityInput = { ...input, betweenRows, layout: 'rows' }
    if (fill(bed).count >= wanted)
      return { positions: chosenFrom(bed, widest(bed, wanted).positions(), wanted), fits: full.count }
  }
  return { positions: chosenFrom(input, full.positions(), wanted), fits: full.count }
}

/** Which of two spots is taken first; spots of one column may differ by a rounding. */
const FIRST: Record<Exclude<Laying, 'whole'>, (a: Position, b: Position) => number> = {
  block: (a, b) => (Math.abs(a.x - b.x) > 1e-6 ? a.x - b.x : a.y - b.y),
  line: (a, b) => (Math.abs(a.y - b.y) > 1e-6 ? a.y - b.y : a.x - b.x),
}

/** The widest spacing at which so many still fit, in steps of a twentieth. */
function widest(input: CapacityInput, count: number): Filling {
  for (let share = WIDEST; share > 1; share -= 0.05) {
    const wider = fill({ ...input, inRow: input.inRow * share })
    if (wider.count >= count) return wider
  }
  return fill(input)
}

/** So many of some positions, as even over their lines and along them as can be. */
function chosenFrom(input: CapacityInput, positions: readonly Position[], count: number): Position[] {
  const lines = [...new Set(positions.map(({ y }) => y))].map((y) =>
    positions.filter((other) => other.y === y),
  )
  const bounds = boundsOf(input)
  let left = count
  return lines.flatMap((line, index) => {
    const room = lines.slice(index + 1).reduce((sum, other) => sum + other.length, 0)
    const here = Math.min(line.length, Math.max(left - room, Math.ceil(left / (lines.length - index))))
    left -= here
    const free = freeAlong(bounds, line[0]!.y)
    if (here === line.length || bounds.emitters || free.length !== 1) return middleOf(line, here)
    const [from, to] = free[0]!
    const step = here > 1 ? Math.min((to - from) / (here - 1), bounds.inRow * WIDEST) : 0
    return Array.from({ length: here }, (_, at) => ({
      x: (from + to) / 2 + (at - (here - 1) / 2) * step,
      y: line[0]!.y,
    }))
  })
}

/** So many neighbours from the middle of a line: their distances stay as even as the line's. */
function middleOf(line: readonly Position[], count: number): Position[] {
  const from = Math.floor((line.length - count) / 2)
  return line.slice(from, from + count)
}
