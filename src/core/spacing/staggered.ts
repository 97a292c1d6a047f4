import { TOLERANCE, type Bounds, type Filling, type Position, type Rectangle } from './capacity-input'

/** Beyond so many taken grounds or lines the choices are too many; rows are laid instead. */
const MOST_BLOCKED = 40
const MOST_LINES = 8

/**
 * The most plants in offset lines, every neighbour at least `inRow` away: in the best free rectangle of the bed,
 * or on the emitters themselves where water comes from drip lines.
 */
export function staggered(bounds: Bounds): Filling {
  if (bounds.blocked.length > MOST_BLOCKED) return NOTHING
  if (bounds.emitters) return onEmitters(bounds)
  return latticeIn(bestRectangle(bounds), bounds.inRow)
}
const NOTHING: Filling = { layout: 'staggered', count: 0, positions: () => [] }

/** Offset lines evenly over a rectangle: of every number of lines the one that holds most. */
function latticeIn(ground: Rectangle | null, apart: number): Filling {
  if (!ground) return NOTHING
  const { x, y, length, width } = ground
  let best: Filling = {
    ...NOTHING,
    count: 1,
    positions: () => [{ x: x + length / 2, y: y + width / 2 }],
  }
  for (let lines = 1; lines === 1 || (2 * width) / (lines - 1) >= apart - TOLERANCE; lines++) {
    const gap = lines === 1 ? 0 : width / (lines - 1)
    // The nearer the lines, the farther each must be shifted along, and the wider the step that leaves room for it.
    const shift = lines === 1 ? 0 : Math.sqrt(Math.max(0, apart * apart - gap * gap))
    const step = Math.max(apart, 2 * shift)
    const full = Math.floor(length / step + TOLERANCE) + 1
    const offset = length >= shift - TOLERANCE ? Math.floor((length - shift) / step + TOLERANCE) + 1 : 0
    const count = Math.ceil(lines / 2) * full + Math.floor(lines / 2) * offset
    if (count <= best.count) continue
    best = {
      layout: 'staggered',
      count,
      positions: () =>
        Array.from({ length: lines }, (_, line) =>
          Array.from({ length: line % 2 === 0 ? full : offset }, (_, at) => ({
            x: x + at * step + (line % 2) * shift,
            y: y + line * gap,
          })),
        ).flat(),
    }
  }
  return best
}

/** Of the rectangles that nothing blocks and that cannot be wider for their length, the one that holds most. */
function bestRectangle({ length, width, edge, endEdge, blocked, inRow }: Bounds): Rectangle | null {
  const [west, east, south, north] = [endEdge, length - endEdge, edge, width - edge]
  if (east < west - TOLERANCE || north < south - TOLERANCE) return null
  const rims = blocked.flatMap((ground) => [ground.x, ground.x + ground.length])
  const xs = [...new Set([west, east, ...rims])].filter((x) => x >= west && x <= east)
  const spans = xs
    .flatMap((from) => xs.filter((to) => to >= from).map((to) => ({ from, to })))
    .sort((a, b) => b.to - b.from - (a.to - a.from))
  const northward = [...blocked].sort((a, b) => a.y - b.y)
  let [best, most]: [Rectangle | null, number] = [null, 0]
  for (const { from, to } of spans) {
    // Not even over the whole width would a span this short hold more.
    if (latticeIn({ x: from, y: south, length: to - from, width: north - south }, inRow).count <= most) break
    for (const ground of openStrips(northward, from, to, south, north)) {
      const { count } = latticeIn(ground, inRow)
      if (count > most) [best, most] = [ground, count]
    }
  }
  return best
}

/** What lies open between two meridians, from the south line to the north line. */
function* openStrips(
  northward: readonly Rectangle[],
  from: number,
  to: number,
  south: number,
  north: number,
): Generator<Rectangle> {
  let y = south
  for (const ground of northward) {
    if (ground.x >= to - TOLERANCE || ground.x + ground.length <= from + TOLERANCE) continue
    if (ground.y > north) break
    if (ground.y >= y) yield { x: from, y, length: to - from, width: ground.y - y }
    y = Math.max(y, ground.y + ground.width)
  }
  if (y <= north) yield { x: from, y, length: to - from, width: north - y }
}

/** Every choice of lines, of emitters to skip and of offset between lines; the one that holds most. */
function onEmitters(bounds: Bounds): Filling {
  const { length, inRow, emitters } = bounds
  const { spacing, first, lines } = emitters!
  const along = Math.floor((length - first) / spacing + TOLERANCE) + 1
  if (lines.length > MOST_LINES || along < 1) return NOTHING
  const free = lines.map((y) =>
    Array.from({ length: along }, (_, index) => isFree(bounds, { x: first + index * spacing, y })),
  )
  const [least, most] = [inRow / spacing, (2 * inRow) / spacing].map((emitters) =>
    Math.ceil(emitters - TOLERANCE),
  )
  let best = NOTHING
  for (let skip = Math.max(1, least!); skip <= most!; skip++) {
    // Free emitters of each line, for each first one of every `skip`.
    const held = free.map((line) => {
      const counts = new Array<number>(skip).fill(0)
      line.forEach((isOpen, index) => isOpen && counts[index % skip]!++)
      return counts
    })
    for (let offset = 0; offset < skip; offset++) {
      const across = Math.min(offset, skip - offset) * spacing
      for (const chosen of apartLines(lines, inRow, across))
        for (let phase = 0; phase < skip; phase++) {
          const start = (at: number) => (phase + at * offset) % skip
          const count = chosen.reduce((sum, line, at) => sum + held[line]![start(at)]!, 0)
          if (count <= best.count) continue
          best = {
            layout: 'staggered',
            count,
            positions: () =>
              chosen.flatMap((line, at) =>
                free[line]!.flatMap((isOpen, index) =>
                  isOpen && index % skip === start(at)
                    ? [{ x: first + index * spacing, y: lines[line]! }]
                    : [],
                ),
              ),
          }
        }
    }
  }
  return best
}

/** Choices of lines, by number, of which each is far enough from every other when the next is offset by `across`. */
function apartLines(lines: readonly number[], apart: number, across: number): number[][] {
  const fits = (chosen: readonly number[], line: number) =>
    chosen.every((other, at) => {
      // Two lines on, offsets add up and may cancel: only the next line is known to be offset.
      const sideways = chosen.length - at === 1 ? across : 0
      return Math.hypot(lines[line]! - lines[other]!, sideways) >= apart - TOLERANCE
    })
  const grow = (chosen: number[], from: number): number[][] => [
    chosen,
    ...lines.flatMap((_, line) =>
      line >= from && fits(chosen, line) ? grow([...chosen, line], line + 1) : [],
    ),
  ]
  return grow([], 0)
}

function isFree({ length, width, edge, endEdge, blocked }: Bounds, { x, y }: Position): boolean {
  return (
    x >= endEdge - TOLERANCE &&
    x <= length - endEdge + TOLERANCE &&
    y >= edge - TOLERANCE &&
    y <= width - edge + TOLERANCE &&
    !blocked.some(
      (ground) =>
        x > ground.x + TOLERANCE &&
        x < ground.x + ground.length - TOLERANCE &&
        y > ground.y + TOLERANCE &&
        y < ground.y + ground.width - TOLERANCE,
    )
  )
}
