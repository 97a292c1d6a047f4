import type { Place } from '../facts'
import { corners } from '../light'

/** A rectangle turned about its middle, as places and obstacles are; m, °. */
export type Lying = Pick<Place, 'x' | 'y' | 'length' | 'width' | 'turn'>

/** Its four corners in the garden's frame, m. */
export const outlineOf = ({ x, y, length, width, turn }: Lying): [number, number][] =>
  corners({ x: x + length / 2, y: y + width / 2, length, width, turn })

/** From where to where some rectangles reach, m. */
export function boundsOf(all: readonly Lying[]): {
  west: number
  south: number
  east: number
  north: number
} {
  const points = all.flatMap(outlineOf)
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  return points.length === 0
    ? { west: 0, south: 0, east: 10, north: 8 }
    : { west: Math.min(...xs), south: Math.min(...ys), east: Math.max(...xs), north: Math.max(...ys) }
}

/** Things snap to this grid, and to a neighbour's side within so much, m. */
const GRID = 0.1
const NEAR = 0.15

/** Where a rectangle that is moved by hand comes to lie: on a neighbour's line when near one, else on the grid. */
export function snapped(lying: Lying, others: readonly Lying[]): { x: number; y: number } {
  const mine = boundsOf([lying])
  const lines = others.map((other) => boundsOf([other]))
  const shift = (ends: number[], theirs: number[]) => {
    let best: number | null = null
    for (const end of ends)
      for (const line of theirs)
        if (Math.abs(line - end) <= NEAR && Math.abs(line - end) < Math.abs(best ?? Infinity))
          best = line - end
    return best ?? Math.round(ends[0]! / GRID) * GRID - ends[0]!
  }
  const x = shift(
    [mine.west, mine.east],
    lines.flatMap(({ west, east }) => [west, east]),
  )
  const y = shift(
    [mine.south, mine.north],
    lines.flatMap(({ south, north }) => [south, north]),
  )
  return { x: tidy(lying.x + x), y: tidy(lying.y + y) }
}

/** To the millimetre: what a hand cannot tell apart is not kept. */
export const tidy = (metres: number) => Math.round(metres * 1000) / 1000

/** The rectangle of least area around a polygon: one of its sides lies along a side of it. */
export function rectangleAround(ring: readonly (readonly [number, number])[]): Lying {
  // Of an outline drawn in thousands of corners some hundreds say as much: each side is held against all corners.
  const step = Math.ceil(ring.length / MOST_CORNERS)
  return step > 1 ? aroundEach(ring.filter((_, at) => at % step === 0)) : aroundEach(ring)
}

const MOST_CORNERS = 600

function aroundEach(ring: readonly (readonly [number, number])[]): Lying {
  let best: Lying | null = null
  ring.forEach(([ax, ay], index) => {
    const [bx, by] = ring[(index + 1) % ring.length]!
    if (Math.hypot(bx - ax, by - ay) < 1e-9) return
    const angle = Math.atan2(by - ay, bx - ax)
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
    const us = ring.map(([x, y]) => x * cos + y * sin)
    const vs = ring.map(([x, y]) => y * cos - x * sin)
    const [u, v] = [(Math.min(...us) + Math.max(...us)) / 2, (Math.min(...vs) + Math.max(...vs)) / 2]
    const [along, across] = [Math.max(...us) - Math.min(...us), Math.max(...vs) - Math.min(...vs)]
    if (best && along * across >= best.length * best.width - 1e-9) return
    const longways = along >= across
    const [length, width] = longways ? [along, across] : [across, along]
    const degrees = ((angle * 180) / Math.PI + (longways ? 0 : 90) + 360) % 180
    best = {
      x: tidy(u * cos - v * sin - length / 2),
      y: tidy(u * sin + v * cos - width / 2),
      length: tidy(length),
      width: tidy(width),
      turn: Math.round((degrees > 90 ? degrees - 180 : degrees) * 100) / 100,
    }
  })
  return best ?? { x: 0, y: 0, length: 0, width: 0, turn: 0 }
}
