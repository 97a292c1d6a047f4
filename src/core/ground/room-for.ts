import { boundsOf, tidy, type Lying } from './geometry'

/** m of ground that a plan shows at the least: within it, what is new widens nothing. */
const SHOWN = { length: 8, width: 6 }

/**
 * Where a new rectangle comes to lie: free of what is there, and where it widens the ground least, in the south-west
 * first.
 *
 * @param size m, west to east and south to north
 * @param gap m kept from everything else
 * @returns its south-west corner
 */
export function roomFor(
  { length, width }: Pick<Lying, 'length' | 'width'>,
  there: readonly Lying[],
  gap: number,
): { x: number; y: number } {
  if (there.length === 0) return { x: 0, y: 0 }
  const boxes = there.map((one) => boundsOf([one]))
  const whole = boundsOf(there)
  const [east, north] = [
    Math.max(whole.east, whole.west + SHOWN.length),
    Math.max(whole.north, whole.south + SHOWN.width),
  ]
  const sorted = (values: number[]) => [...new Set(values.map(tidy))].sort((a, b) => a - b)
  const xs = sorted([whole.west, ...boxes.map((box) => box.east + gap)])
  const ys = sorted([whole.south, ...boxes.map((box) => box.north + gap)])
  const isFree = (x: number, y: number) =>
    boxes.every(
      (box) =>
        x >= box.east + gap - CLOSE ||
        x + length <= box.west - gap + CLOSE ||
        y >= box.north + gap - CLOSE ||
        y + width <= box.south - gap + CLOSE,
    )
  const widened = (x: number, y: number) =>
    (Math.max(east, x + length) - whole.west) * (Math.max(north, y + width) - whole.south)
  return (
    ys
      .flatMap((y) => xs.map((x) => ({ x, y, widened: widened(x, y) })))
      .sort((a, b) => a.widened - b.widened || a.y - b.y || a.x - b.x)
      .find(({ x, y }) => isFree(x, y)) ?? { x: whole.west, y: tidy(whole.north + gap) }
  )
}
const CLOSE = 1e-6
