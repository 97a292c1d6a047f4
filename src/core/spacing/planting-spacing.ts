import type { WetnessPressure } from '../climate'
import { grownWidth, type Cultivar, type Training } from '../crop'
import type { Place, Planting, SpacingSchool, Support } from '../facts'
import { CAGE } from './place-bed'
import { recommendSpacing, type SpacingAnswer } from './recommend'

/** What a planting's distances follow from; its own ones, m, go before what is advised. */
export interface SpacedPlanting {
  training: Training
  support: Support
  spacingSchool: SpacingSchool
  ownInRow?: Planting['ownInRow']
  ownLines?: Planting['ownLines']
  ownCage?: Planting['ownCage']
}

/** The distances that a planting keeps, m: those that its gardener chose, else what is advised for it. */
export function plantingSpacing(
  { training, support, spacingSchool, ownInRow, ownLines, ownCage }: SpacedPlanting,
  cultivar: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>,
  wetness: WetnessPressure,
): SpacingAnswer {
  const { answer } = recommendSpacing({
    plant: cultivar,
    training,
    school: spacingSchool,
    wetness,
    cage: support === 'cage' ? (ownCage ?? CAGE[cultivar.crop]) : undefined,
  })
  return {
    inRow: ownInRow ?? answer.inRow,
    lines: ownLines ?? answer.lines,
    betweenRows: ownLines ?? answer.betweenRows,
  }
}

/** Ground that a plant has to itself, m²: in a pot its canopy's circle. */
export function plantGround(
  planting: SpacedPlanting,
  cultivar: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>,
  { kind, pot }: Pick<Place, 'kind' | 'pot'>,
  wetness: WetnessPressure,
): number {
  if (pot) return Math.PI * (grownWidth(cultivar, planting.training) / 2) ** 2
  const { inRow, betweenRows, lines } = plantingSpacing(planting, cultivar, wetness)
  return inRow * (kind === 'rows' ? betweenRows : lines)
}
