import type { WetnessPressure } from '../climate'
import type { Cultivar, Training } from '../crop'
import type { Place, SpacingSchool, Support } from '../facts'
import type { Position } from './capacity-input'
import { bedOf, takenBy } from './place-bed'
import { placeInBed } from './place-in-bed'
import { recommendSpacing, type SpacingAnswer } from './recommend'

/** A plant that has its place already, and the room that it keeps, m. */
export type StandingPlant = Position & Pick<SpacingAnswer, 'inRow' | 'lines'>

/**
 * Lays the plants of a planting in its place, beside what stands there.
 *
 * @returns the positions of as many as fit, how many would fit in all, and the plants as they then stand
 * @throws RangeError when a measure is out of range
 */
export function layPlanting(
  place: Place,
  planting: {
    cultivar: Cultivar
    count: number
    training: Training
    support: Support
    spacingSchool: SpacingSchool
  },
  standing: readonly StandingPlant[],
  wetness: WetnessPressure,
): { positions: Position[]; fits: number; laid: StandingPlant[] } {
  const { cultivar, count, training, support, spacingSchool } = planting
  const { answer: spacing } = recommendSpacing({ plant: cultivar, training, school: spacingSchool, wetness })
  const { positions, fits } = placeInBed(
    { ...bedOf(place, spacing, support, cultivar), taken: takenBy(standing, spacing) },
    count,
  )
  const { inRow, lines } = spacing
  return { positions, fits, laid: positions.map((position) => ({ ...position, inRow, lines })) }
}
