import { canopyWidth, grownWidth } from '../crop'
import type { PlantPosition } from '../facts'
import type { PlantingOutlook, SeasonOutlook } from './outlook'

/** A plant from above: where it stands in its place, and its canopy's width on the day and grown, m. */
export interface Canopy {
  id: string
  label: string
  x: number
  y: number
  width: number
  grown: number
  /** Of the planting asked about, not a neighbour. */
  own: boolean
  /** Set out, not only planned. */
  stands: boolean
}

/** The plants of a planting, and those of others that stand in its place on the day. */
export function canopiesIn(
  own: PlantingOutlook,
  outlook: SeasonOutlook,
  plants: readonly PlantPosition[],
): Canopy[] {
  return outlook.plantings
    .filter(
      ({ place, planting, grownFor }) =>
        place.id === own.place.id && (planting.id === own.planting.id || grownFor !== null),
    )
    .flatMap(({ planting, cultivar, grownFor }) => {
      const grown = grownWidth(cultivar, planting.training)
      return plants
        .filter(({ plantingId }) => plantingId === planting.id)
        .map(({ id, label, x, y }) => ({
          id,
          label,
          x,
          y,
          grown,
          width: canopyWidth(grown, grownFor ?? 0),
          own: planting.id === own.planting.id,
          stands: grownFor !== null,
        }))
    })
}
