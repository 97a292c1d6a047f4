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
function wetAlong(
  { spacing, first, lines, reach }: NonNullable<Bounds['emitters']>,
  y: number,
  west: number,
  east: number,
): Interval[] {
  const wet: Interval[] = []
  let near = 0
  for (const line of lines) {
    const across = Math.abs(line - y)
    if (across > reach + TOLERANCE) continue
    near++
    const half = Math.sqrt(Math.max(0, reach * reach - across * across))
    const from = Math.max(0, Math.ceil((west - half - first) / spacing - TOLERANCE))
    for (let x = first + from * spacing; x <= east + half + TOLERANCE; x += spacing)
      wet.push([Math.max(west, x - half), Math.min(east, x + half)])
    if (2 * half >= spacing) near++
  }
  return near > 1 ? merged(wet) : wet
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

/** The most points at least `apart` from each other that these intervals hold: the leftmost choice, which no other beats. */
export function countAlong(free: readonly Interval[], apart: number): number {
  let [count, next] = [0, -Infinity]
  for (const [from, to] of free) {
    const start = Math.max(from, next)
    if (start > to + TOLERANCE) continue
    const here = Math.floor((to - start) / apart + TOLERANCE) + 1
    count += here
    next = start + here * apart
  }
  return count
}

/**
 * So many points as `countAlong` finds, each as near as the others allow to where it would stand by itself:
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
  first.forEach((least, index) => {
    const from = Math.max(least, (points[index - 1] ?? -Infinity) + apart)
    points.push(nearest(free, wish(index, first.length, from), from, Math.max(from, last[index]!)))
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
function nearest(free: readonly Interval[], wished: number, from: number, to: number): number {
  let best = to
  for (const [start, end] of free) {
    if (end < from - TOLERANCE) continue
    if (start > to + TOLERANCE) break
    const [low, high] = [Math.max(start, from), Math.min(end, to)]
    const x = Math.min(Math.max(wished, low), Math.max(low, high))
    if (Math.abs(x - wished) < Math.abs(best - wished)) best = x
  }
  return best
}
