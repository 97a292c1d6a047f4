import { requireInRange } from '../guard'

/** What a drip set does, and what speaks against it. */
export interface DripDesign {
  emitters: number
  /** L/h of all of them. */
  flow: number
  /** Litres in an hour on a m². */
  rate: number
  /** Plants with no emitter in reach. */
  dry: number
  /** Of a barrel's, kPa; null: from the main. */
  pressure: number | null
  warnings: ('no-emitter' | 'dry-plants' | 'low-pressure' | 'long-line')[]
}

/** † A plant takes from an emitter within this, m. Against: nothing measured yet. */
export const EMITTER_REACH = 0.08
const GRAVITY = 9.81
/** What water so high over a line presses with, kPa. @param head m */
export const headPressure = (head: number): number => head * GRAVITY
/** Emitters that hold their flow want so many kPa; beyond so many metres of line the last ones give less. */
const LEAST_PRESSURE = 50
export const LONGEST_LINE = 60

/**
 * Checks lines of emitters against the plants: flow, rate, plants that stand dry, and a barrel's pressure.
 *
 * @param set.lines the emitters of each line, m in the place's frame; `flow` L/h of each
 * @param plants stems, m; `area` m²; `head` m of a barrel's water over the lines, null: from the main
 * @throws RangeError when the flow or area is out of range
 */
export function dripDesign(
  set: { lines: readonly { x: number; y: number }[][]; flow: number },
  place: { plants: readonly { x: number; y: number }[]; area: number; head?: number | null },
): DripDesign {
  requireInRange('flow', set.flow, 0.01, 1000)
  requireInRange('area', place.area, 0.001, 1_000_000)
  const spots = set.lines.flat()
  const dry = place.plants.filter(
    (plant) => !spots.some(({ x, y }) => Math.hypot(x - plant.x, y - plant.y) <= EMITTER_REACH + 1e-9),
  ).length
  const flow = spots.length * set.flow
  const pressure = place.head === undefined || place.head === null ? null : headPressure(place.head)
  const longest = Math.max(
    0,
    ...set.lines.map((line) => Math.max(...line.map(({ x }) => x)) - Math.min(...line.map(({ x }) => x))),
  )
  const warnings: DripDesign['warnings'] = []
  if (spots.length === 0) warnings.push('no-emitter')
  else if (dry > 0) warnings.push('dry-plants')
  if (pressure !== null && pressure < LEAST_PRESSURE) warnings.push('low-pressure')
  if (longest > LONGEST_LINE) warnings.push('long-line')
  return { emitters: spots.length, flow, rate: flow / place.area, dry, pressure, warnings }
}
