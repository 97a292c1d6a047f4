import { TOLERANCE, type Bounds, type Filling, type Position } from './capacity-input'
import { acrossToOnlyLine, countAt, freeAlong, spreadAlong } from './free-ground'

/**
 * The most plants in straight lines along a bed: `inRow` apart on each line, lines at least `betweenRows` apart.
 * No other choice of lines holds more: a line can always be moved south until it meets a rim or the line before it,
 * so those are the only places that have to be tried.
 */
export function inRows(bounds: Bounds): Filling {
  const counted = new Map<number, number>()
  const heldAt = (y: number) => {
    // Lines that lie alike to their drip line hold as many; negative, so that no y is taken for one.
    const across = acrossToOnlyLine(bounds, y)
    const key = across === null ? y : -1 - Math.round(across * 1e9)
    let count = counted.get(key)
    if (count === undefined) counted.set(key, (count = countAt(bounds, y)))
    return count
  }
  const lines = chosenLines(candidates(bounds, heldAt), bounds.betweenRows, heldAt)
  return {
    layout: 'rows',
    count: lines.reduce((sum, y) => sum + heldAt(y), 0),
    positions: (packed = false) => evened(lines, bounds, heldAt).flatMap((y) => lineOf(bounds, y, packed)),
  }
}

/** The plants of one line: on emitters where there are, else evenly spread over the free ground, or packed. */
function lineOf(bounds: Bounds, y: number, packed: boolean): Position[] {
  const { emitters, inRow } = bounds
  const free = freeAlong(bounds, y)
  const only = free.length === 1 ? free[0]! : null
  const wish = emitters
    ? (_: number, __: number, at: number) =>
        emitters.first + Math.ceil((at - emitters.first) / emitters.spacing - TOLERANCE) * emitters.spacing
    : only && !packed
      ? (index: number, count: number) =>
          count === 1 ? (only[0] + only[1]) / 2 : only[0] + (index * (only[1] - only[0])) / (count - 1)
      : (_: number, __: number, at: number) => at
  return spreadAlong(free, inRow, wish).map((x) => ({ x, y }))
}

/** Every y at which a line of a best layout may lie. */
function candidates(bounds: Bounds, heldAt: (y: number) => number): number[] {
  const { width, edge, betweenRows } = bounds
  const [low, high] = [edge, width - edge]
  if (high < low - TOLERANCE) return []
  const starts = startsOf(bounds, low, high, heldAt)
  const found = new Set<number>()
  for (const start of starts)
    for (let y = start; y <= high + TOLERANCE; y += betweenRows) found.add(Math.min(y, high))
  return [...found].sort((a, b) => a - b)
}

/** Where ground becomes free, northward. */
function startsOf(bounds: Bounds, low: number, high: number, heldAt: (y: number) => number): number[] {
  const { emitters, blocked } = bounds
  const within = (y: number) => y >= low - TOLERANCE && y <= high + TOLERANCE
  const rims = blocked.map(({ y, width }) => y + width)
  if (!emitters) return [low, ...rims.filter(within)]
  const { lines, reach } = emitters
  const wet = lines.flatMap((line) => [line, Math.min(high, Math.max(low, line))])
  const starts = [low, ...wet, ...rims].filter(within)
  // Between its rim and its emitters a wet strip widens bit by bit: each width at which one more plant finds room.
  const stops = [
    low,
    ...lines.flatMap((line) => [line - reach, line, line + reach]),
    ...rims,
    ...blocked.map(({ y }) => y),
  ]
    .filter(within)
    .sort((a, b) => a - b)
  if (!isCrowded(bounds)) return starts
  for (const [index, from] of stops.entries()) {
    const to = stops[index + 1]
    if (to !== undefined && to - from > TOLERANCE) starts.push(from, ...jumps(heldAt, from, to))
  }
  return starts
}

/** Lines so close that plants on one may have to give way to those on another. */
const isCrowded = ({ emitters, betweenRows }: Bounds) =>
  emitters !== null &&
  (betweenRows <= 2 * emitters.reach ||
    emitters.lines.some((line, index) => line - (emitters.lines[index - 1] ?? -Infinity) < betweenRows))

/** Where a count that grows from `from` to `to` grows, each to within a micrometre. */
function jumps(heldAt: (y: number) => number, from: number, to: number): number[] {
  if (heldAt(to) <= heldAt(from)) return []
  if (to - from < 1e-6) return [to]
  const middle = (from + to) / 2
  return [...jumps(heldAt, from, middle), ...jumps(heldAt, middle, to)]
}

/** The lines that hold most together, south to north. */
function chosenLines(ys: readonly number[], apart: number, heldAt: (y: number) => number): number[] {
  // Best sum of the lines up to and with each candidate, and of all up to it.
  const upTo: { sum: number; lines: { y: number; before: Link } | null }[] = [{ sum: 0, lines: null }]
  let behind = 0
  ys.forEach((y, index) => {
    while (behind < index && ys[behind]! <= y - apart + TOLERANCE) behind++
    const before = upTo[behind]!
    const sum = before.sum + heldAt(y)
    const last = upTo[index]!
    upTo.push(sum > last.sum ? { sum, lines: { y, before: before.lines } } : last)
  })
  const lines: number[] = []
  for (let link: Link = upTo.at(-1)!.lines; link; link = link.before) lines.push(link.y)
  return lines.reverse()
}
type Link = { y: number; before: Link } | null

/** The same lines evenly over the width, where that costs no plant. */
function evened(lines: readonly number[], { width, edge, emitters }: Bounds, heldAt: (y: number) => number) {
  if (emitters || lines.length === 0) return lines
  const [low, high] = [edge, Math.max(edge, width - edge)]
  const even =
    lines.length === 1
      ? [(low + high) / 2]
      : lines.map((_, index) => low + (index * (high - low)) / (lines.length - 1))
  return even.every((y, index) => heldAt(y) === heldAt(lines[index]!)) ? even : lines
}
