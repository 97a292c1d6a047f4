import { requireInRange, requireInteger } from '../guard'

/** Mesh that overlaps where a cage closes, m. */
const OVERLAP = 0.15

/** Mesh for a round cage, m: its girth and an overlap. */
export function cageMesh(diameter: number): number {
  requireInRange('diameter', diameter, 0.1, 3)
  return Math.PI * diameter + OVERLAP
}

/** Cages that a roll of mesh makes. */
export function cagesFromRoll(roll: number, diameter: number): number {
  requireInRange('roll', roll, 0, 10_000)
  return Math.floor(roll / cageMesh(diameter) + 1e-9)
}

/** To tie on above and hold below, m. */
const KNOTS = 0.5

/** String for a plant under a beam or wire, m: down to it, what it will be lowered by, and the knots. */
export function stringLength(height: number, lowering: number): number {
  requireInRange('height', height, 0.3, 10)
  requireInRange('lowering', lowering, 0, 30)
  return height + lowering + KNOTS
}

/** A plant on a string is let down by so much each time its tip reaches the wire, m (0.3–0.45). */
export const LOWERED_BY = 0.35

/**
 * The lengths of stem at which a vine on a string is let down, m: as it reaches the wire, and each time the tip
 * is there again.
 *
 * @param wire how high it runs, m
 * @param stem how long the stem is by then, m
 */
export function loweringsOf(wire: number, stem: number): number[] {
  const times = Math.max(0, Math.floor((stem - wire) / LOWERED_BY + 1e-9) + 1)
  return Array.from({ length: times }, (_, time) => wire + time * LOWERED_BY)
}

/** Ties or clips every so far up a stem. */
export function tiesUpTo(height: number, every = 0.25): number {
  requireInRange('height', height, 0, 20)
  requireInRange('every', every, 0.05, 2)
  return Math.floor(height / every + 1e-9)
}

/** A pin of wire bent double, with its legs in the ground, m. */
export const PIN_WIRE = 0.3

/** Pins that a length of wire makes. */
export function pinsFrom(wire: number): number {
  requireInRange('wire', wire, 0, 10_000)
  return Math.floor(wire / PIN_WIRE + 1e-9)
}

/** From the stem to its stake, m: a fresh plug, a small plant, one that is staked late. */
const STAKE_DISTANCE = { plug: 0.08, small: 0.1, late: 0.15 } as const

/** How far from the stem a stake goes in, m, so that roots are not cut. @param days since it was set out */
export function stakeDistance(days: number): number {
  requireInteger('days', days, 0, 1000)
  return days <= 7 ? STAKE_DISTANCE.plug : days <= 21 ? STAKE_DISTANCE.small : STAKE_DISTANCE.late
}
