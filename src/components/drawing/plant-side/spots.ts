import type { Organ, Plant, PlantPart } from '../../../core/crop'
import { HANGS, type DrawnNode } from './shape'

interface Point {
  x: number
  y: number
}

/** Where a part is drawn, m. */
export interface PartSpot extends PlantPart {
  x: number
  y: number
}

/** On the part that is meant: a leaf out on its side, a sucker in the angle, a truss opposite, a tip on top. */
export function spotOf({ x, y, side, leaf }: DrawnNode, organ: Organ): Point {
  switch (organ) {
    case 'leaf':
      return {
        x: x + side * leaf.length * 0.5 * Math.cos(leaf.rise),
        y: y + leaf.length * (0.5 * Math.sin(leaf.rise) + 0.05),
      }
    case 'truss':
    case 'flower':
    case 'fruit':
      return { x: x - side * 0.08, y: Math.max(y, HANGS) - 0.05 }
    case 'tip':
      return { x, y: y + 0.03 }
    case 'sucker':
      return { x: x + side * 0.025, y: y + 0.03 }
  }
}

/** Where a blade is set to take a part off: m, and across what it cuts, a step from one side of it to the other. */
export function cutOf({ x, y, side, leaf }: DrawnNode, organ: Organ): Point & { across: Point } {
  const along = {
    leaf: { x: side * Math.cos(leaf.rise), y: Math.sin(leaf.rise) },
    sucker: { x: side * 0.5, y: 0.86 },
    truss: { x: -side, y: 0 },
    flower: { x: -side, y: 0 },
    fruit: { x: -side, y: 0 },
    tip: { x: 0, y: 1 },
  }[organ]
  const off = organ === 'sucker' ? 0.008 : 0.013
  const foot = along.y === 0 ? Math.max(y, HANGS) : y
  return {
    x: x + along.x * off,
    y: foot + along.y * off,
    across: { x: -along.y * CUT, y: along.x * CUT },
  }
}
/** Half the width of a cut as it is drawn, m. */
const CUT = 0.013

/** Every part that is to be seen above the soil, stem by stem from the base up. */
export function partSpots({ stems }: Plant, drawn: readonly DrawnNode[][]): PartSpot[] {
  return stems.flatMap(({ nodes, ended }, stem) => {
    const last = nodes.length - 1
    return nodes.flatMap(({ leaf, sucker, truss }, node) => {
      const at = drawn[stem]?.[node]
      if (!at || at.y < 0) return []
      const organs: Organ[] = []
      if (leaf.state !== 'removed') organs.push('leaf')
      if (sucker.state === 'bud' || sucker.state === 'shoot') organs.push('sucker')
      if (truss && truss.state !== 'removed') organs.push('truss')
      if (node === last && ended === null) organs.push('tip')
      return organs.map((organ) => ({ stem, node, organ, ...spotOf(at, organ) }))
    })
  })
}

export const samePart = (a: PlantPart, b: PlantPart) =>
  a.stem === b.stem && a.node === b.node && a.organ === b.organ

/** The spot nearest to a point, within reach, m. */
export function nearestSpot(
  spots: readonly PartSpot[],
  x: number,
  y: number,
  reach: number,
): PartSpot | null {
  const far = (spot: PartSpot) => Math.hypot(spot.x - x, spot.y - y)
  const best = spots.reduce<PartSpot | null>(
    (found, spot) => (found === null || far(spot) < far(found) ? spot : found),
    null,
  )
  return best && far(best) <= reach ? best : null
}

/** Where an arrow key leads: up and down the stem keeping to the organ, across the parts of a node, or to another stem. */
export function stepFrom(spots: readonly PartSpot[], from: PlantPart | null, key: string): PartSpot | null {
  const at = from === null ? -1 : spots.findIndex((spot) => samePart(spot, from))
  if (at < 0) return spots[0] ?? null
  const here = spots[at]!
  if (key === 'ArrowLeft') return spots[at - 1] ?? here
  if (key === 'ArrowRight') return spots[at + 1] ?? here
  if (key === 'PageUp' || key === 'PageDown') {
    const up = key === 'PageUp'
    const stems = [...new Set(spots.map(({ stem }) => stem))]
    const stem = stems[stems.indexOf(here.stem) + (up ? 1 : -1)]
    return spots.find((spot) => spot.stem === stem) ?? here
  }
  const isUp = key === 'ArrowUp'
  const beyond = spots.filter(
    ({ stem, node }) => stem === here.stem && (isUp ? node > here.node : node < here.node),
  )
  const node = isUp
    ? Math.min(...beyond.map((spot) => spot.node))
    : Math.max(...beyond.map((spot) => spot.node))
  const there = beyond.filter((spot) => spot.node === node)
  return there.find(({ organ }) => organ === here.organ) ?? there[0] ?? here
}
/** The keys that `stepFrom` knows. */
export const STEP_KEYS: readonly string[] = [
  'ArrowUp',
  'ArrowDown',
  'ArrowLeft',
  'ArrowRight',
  'PageUp',
  'PageDown',
]
