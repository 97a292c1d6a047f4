import { TOLERANCE, type Bounds, type Rectangle } from './capacity-input'

/** From and to, m, both included. */
export type Interval = readonly [number, number]

/** Where stems may stand on the line at `y`, west to east. */
export function freeAlong(bounds: Bounds, y: number): Interval[] {
  const { length, width, edge, endEdge, emitters, blocked } = bounds
  if (y < edge - TOLERANCE || y > width - edge + TOLERANCE) return []
  const [west, east] = [endEdge, length - endEdge]
  let free: Interval[] = emitters ? wetAlong(emitters, y, west, east) : [[west, east]]
  for (const ground of blocked)
    if (y > ground.y + TOLERANCE && y < ground.y + ground.width - TOLERANCE) free = without(free, ground)
  return free.filter(([from, to]) => to >= from - TOLERANCE)
}

/** Within reach of an emitter of some line, between these two. */
function wetAlong(emitters: Drips, y: number, west: number, east: number): Interval[] {
  const near = linesNear(emitters, y)
  const wet: Interval[] = []
  for (const line of near) eachWet(emitters, line - y, west, east, (from, to) => wet.push([from, to]))
  return near.length > 1 || near.some((line) => isUnbroken(emitters, line - y)) ? merged(wet) : wet
}
type Drips = NonNullable<Bounds['emitters']>

const linesNear = ({ lines, reach }: Drips, y: number) =>
  lines.filter((line) => Math.abs(line - y) <= reach + TOLERANCE)
const halfWet = (reach: number, across: number) => Math.sqrt(Math.max(0, reach * reach - across * across))
/** Wet from each emitter to the next. */
const isUnbroken = ({ spacing, reach }: Drips, across: number) => 2 * halfWet(reach, across) >= spacing

/** What each emitter of a line wets of another line so far `across`, west to east. */
function eachWet(
  { spacing, first, reach }: Drips,
  across: number,
  west: number,
  east: number,
  visit: (from: number, to: number) => void,
): void {
  const half = halfWet(reach, across)
  const start = Math.max(0, Math.ceil((west - half - first) / spacing - TOLERANCE))
  for (let x = first + start * spacing; x <= east + half + TOLERANCE; x += spacing)
    visit(Math.max(west, x - half), Math.min(east, x + half))
}

function merged(intervals: Interval[]): Interval[] {
  const sorted = [...intervals].sort((a, b) => a[0] - b[0])
  const out: [number, number][] = []
  for (const [from, to] of sorted) {
    const last = out.at(-1)
    if (last && from <= last[1] + TOLERANCE) last[1] = Math.max(last[1], to)
    else out.push([from, to])
  }
  return out
}

/** The rim of the ground stays free: only its inside is taken. */
const without = (free: readonly Interval[], { x, length }: Rectangle): Interval[] =>
  free.flatMap(([from, to]): Interval[] => {
    if (to <= x + TOLERANCE || from >= x + length - TOLERANCE) return [[from, to]]
    const left: Interval[] = from <= x + TOLERANCE ? [[from, Math.min(to, x)]] : []
    const right: Interval[] = to >= x + length - TOLERANCE ? [[Math.max(from, x + length), to]] : []
    return [...left, ...right]
  })

/** The most plants, `inRow` apart, that the line at `y` holds. */
export function countAt(bounds: Bounds, y: number): number {
  const { length, endEdge, emitters, inRow } = bounds
  const held = leftmostChoice(inRow)
  const across = acrossToOnlyLine(bounds, y)
  // Asked hundreds of times for one bed: counted straight off the emitters where nothing else matters.
  if (across !== null) eachWet(emitters!, across, endEdge, length - endEdge, held.take)
  else for (const [from, to] of freeAlong(bounds, y)) held.take(from, to)
  return held.count()
}

/** How far off the one drip line is that alone decides what may stand at `y`; null where anything else matters. */
export function acrossToOnlyLine({ width, edge, emitters, blocked }: Bounds, y: number): number | null {
  if (!emitters || y < edge || y > width - edge) return null
  const near = linesNear(emitters, y)
  if (near.length !== 1) return null
  const across = Math.abs(near[0]! - y)
  return isUnbroken(emitters, across) || blocked.some((ground) => y > ground.y && y < ground.y + ground.width)
    ? null
    : across
}

/** Counts the points at least `apart` that intervals hold, given west to east: the leftmost, which no other choice beats. */
function leftmostChoice(apart: number) {
  let [count, next] = [0, -Infinity]
  return {
    take: (from: number, to: number) => {
      const start = Math.max(from, next)
      if (start > to + TOLERANCE) return
      const here = Math.floor((to - start) / apart + TOLERANCE) + 1
      count += here
      next = start + here * apart
    },
    count: () => count,
  }
}

/**
 * So many points as `countAt` finds, each as near as the others allow to where it would stand by itself:
 * on the emitter, or evenly spread.
 *
 * @param wish where a point would rather stand, by its number and by where it may
 */
export function spreadAlong(
  free: readonly Interval[],
  apart: number,
  wish: (index: number, count: number, at: number) => number,
): number[] {
  const first = leftmost(free, apart)
  const last = leftmost(free.map(([from, to]): Interval => [-to, -from]).reverse(), apart)
    .map((x) => -x)
    .reverse()
  const points: number[] = []
  let passed = 0
  first.forEach((least, index) => {
    const from = Math.max(least, (points[index - 1] ?? -Infinity) + apart)
    while (passed < free.length && free[passed]![1] < from - TOLERANCE) passed++
    const wished = wish(index, first.length, from)
    points.push(nearest(free, passed, wished, from, Math.max(from, last[index]!)))
  })
  return points
}

function leftmost(free: readonly Interval[], apart: number): number[] {
  const points: number[] = []
  for (const [from, to] of free)
    for (let x = Math.max(from, (points.at(-1) ?? -Infinity) + apart); x <= to + TOLERANCE; x += apart)
      points.push(x)
  return points
}

/** The free point nearest to the one wished for, between these two, of which the first may not be free. */
function nearest(
  free: readonly Interval[],
  passed: number,
  wished: number,
  from: number,
  to: number,
): number {
  let best = to
  for (let index = passed; index < free.length; index++) {
    const [start, end] = free[index]!
    if (start > to + TOLERANCE) break
    const [low, high] = [Math.max(start, from), Math.min(end, to)]
    const x = Math.min(Math.max(wished, low), Math.max(low, high))
    if (Math.abs(x - wished) < Math.abs(best - wished)) best = x
  }
  return best
}
