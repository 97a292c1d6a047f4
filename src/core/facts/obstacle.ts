import type { IsoDate } from '../calendar'

export const OBSTACLE_KINDS = ['wall', 'fence', 'shed', 'hedge', 'tree'] as const
export type ObstacleKind = (typeof OBSTACLE_KINDS)[number]

/** Something in a garden that takes light or wind; m, in the garden's frame as a place is. */
export interface Obstacle {
  id: string
  name: string
  kind: ObstacleKind
  /** South-west corner, before turning. */
  x: number
  y: number
  /** A tree is as wide as long. */
  length: number
  width: number
  height: number
  /** °, counterclockwise about its middle. */
  turn: number
  /** Share of direct light that it takes, 0–1. */
  density: number
  /** First and last day on which it stands; null: without end. */
  from: IsoDate | null
  to: IsoDate | null
}

/** Share of direct light that each kind takes. */
export const OBSTACLE_DENSITY: Record<ObstacleKind, number> = {
  wall: 1,
  fence: 0.8,
  shed: 1,
  hedge: 0.9,
  tree: 0.85,
}
