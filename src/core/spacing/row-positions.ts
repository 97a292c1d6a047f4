import { requireInRange, requireInteger } from '../guard'

/** † From the stem to the side of a bed, m. */
export const EDGE = 0.15

/**
 * Places `count` plants in lines along a bed, in as few lines as hold them, spread evenly and centred.
 *
 * @param bed length and width, inRow and lines (distances of stems and of lines), edge: all m
 * @returns positions from the south-west corner, at most as many as fit, and how many would fit in all
 * @throws RangeError when a measure is out of range
 */
export function rowPositions(bed: {
  length: number
  width: number
  inRow: number
  lines: number
  edge?: number
  count: number
}): { positions: { x: number; y: number }[]; fits: number } {
  const { length, width, inRow, lines, edge = EDGE, count } = bed
  requireInRange('length', length, 0.05, 1000)
  requireInRange('width', width, 0.05, 1000)
  requireInRange('inRow', inRow, 0.05, 10)
  requireInRange('lines', lines, 0.05, 10)
  requireInRange('edge', edge, 0, 5)
  requireInteger('count', count, 0, 100_000)
  // A pot or bed too narrow for its edges still holds a line down its middle.
  const along = Math.max(0, length - 2 * edge)
  const across = Math.max(0, width - 2 * edge)
  const perLine = Math.floor(along / inRow + 1e-9) + 1
  const mostLines = Math.floor(across / lines + 1e-9) + 1
  const fits = perLine * mostLines
  const placed = Math.min(count, fits)
  const used = Math.max(1, Math.ceil(placed / perLine))
  const positions: { x: number; y: number }[] = []
  for (let line = 0; line < used && positions.length < placed; line++) {
    const inLine = Math.ceil((placed - positions.length) / (used - line))
    const step = inLine > 1 ? Math.min(along / (inLine - 1), inRow * 1.5) : 0
    const gap = used > 1 ? Math.min(across / (used - 1), lines * 1.5) : 0
    for (let at = 0; at < inLine; at++)
      positions.push({
        x: length / 2 + (at - (inLine - 1) / 2) * step,
        y: width / 2 - (line - (used - 1) / 2) * gap,
      })
  }
  return { positions, fits }
}
