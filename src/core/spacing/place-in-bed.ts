import { requireInteger } from '../guard'
import { boundsOf, type CapacityInput, type Filling, type Position } from './capacity-input'
import { fill } from './filling'
import { freeAlong } from './free-ground'

/** Fewer plants than fit stand wider, but no wider than this many times their spacing. */
const WIDEST = 1.5

/**
 * Places so many plants in a bed, in as few lines as hold them: evenly spread where nothing is in the way, else on
 * neighbouring spots, as wide apart as still hold them.
 *
 * @returns at most as many as fit, and how many would fit in all
 * @throws RangeError when a measure is out of range
 */
export function placeInBed(input: CapacityInput, count: number): { positions: Position[]; fits: number } {
  requireInteger('count', count, 0, 200_000)
  const full = fill(input)
  const wanted = Math.min(count, full.count)
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
