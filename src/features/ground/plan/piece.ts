import type { Obstacle, Place } from '../../../core/facts'

/** A place or an obstacle on the plan. */
export type Piece = { of: 'place'; row: Place } | { of: 'obstacle'; row: Obstacle }
