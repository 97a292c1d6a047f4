import type { WetnessPressure } from '../climate'
import type { Cultivar, Training } from '../crop'
import type { Place, SpacingSchool, Support } from '../facts'
import type { Layout, Position } from './capacity-input'
import { bedOf, takenBy } from './place-bed'
import { placeInBed, type Laying } from './place-in-bed'
import { plantingSpacing } from './planting-spacing'
import type { SpacingAnswer } from './recommend'

/** A plant that has its place already, and the room that it keeps, m. */
export type StandingPlant = Position & Pick<SpacingAnswer, 'inRow' | 'lines'>

/** A pot is filled from its middle, a field row by row, a bed from one end, so that others fit beside it. */
export const usualLaying = ({ kind }: Pick<Place, 'kind'>): Laying =>
  kind === 'container' ? 'whole' : kind === 'rows' ? 'line' : 'block'

/**
 * Lays the plants of a planting in its place, beside what stands there: the only place where plants are laid.
 *
 * @returns the positions of as many as fit, how many would fit in all, the room that each keeps, and the plants as they
 *   then stand
 * @throws RangeError when a measure is out of range
 */
export function layPlanting(
  place: Place,
  planting: {
    cultivar: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>
    count: number
    training: Training
    support: Support
    spacingSchool: SpacingSchool
    ownInRow?: number | null
    ownLines?: number | null
    ownCage?: number | null
    layout?: Layout
  },
  standing: readonly StandingPlant[],
  wetness: WetnessPressure,
  laying: Laying = usualLaying(place),
): { positions: Position[]; fits: number; spacing: SpacingAnswer; laid: StandingPlant[] } {
  const { cultivar, count, support, layout, ownCage = null } = planting
  const spacing = plantingSpacing(planting, cultivar, wetness)
  const { positions, fits } = placeInBed(
    { ...bedOf(place, spacing, support, cultivar, layout, ownCage), taken: takenBy(standing, spacing) },
    count,
    laying,
  )
  const { inRow, lines } = spacing
  return { positions, fits, spacing, laid: positions.map((position) => ({ ...position, inRow, lines })) }
}
