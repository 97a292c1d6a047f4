import { canopyWidth, grownHeight, grownWidth, type Crop } from '../crop'
import type { PlantPosition } from '../facts'
import { onPlan } from './in-view'
import { allPlantings, type PlantingOutlook, type SeasonOutlook } from './outlook'

/** A plant from above: where it stands in its place, and its canopy's width on the day and grown, m. */
export interface Canopy {
  id: string
  label: string
  crop: Crop
  x: number
  y: number
  width: number
  grown: number
  /** Of the planting asked about, not a neighbour. */
  own: boolean
  /** Set out, not only planned. */
  stands: boolean
  /** On the day and grown, m. */
  height: number
  grownHeight: number
}

/** A canopy and whose it is. */
export interface StandingCanopy extends Canopy {
  plantingId: string
  placeId: string
}

/** Every plant that a plan shows, in its place's frame; what is cleared is gone. */
export function allCanopies(outlook: SeasonOutlook, plants: readonly PlantPosition[]): StandingCanopy[] {
  return onPlan(outlook).flatMap((own) => canopiesOf(own, plants))
}

/** The plants of a planting, and those of others that stand in its place on the day. */
export function canopiesIn(
  own: PlantingOutlook,
  outlook: SeasonOutlook,
  plants: readonly PlantPosition[],
): Canopy[] {
  return allPlantings(outlook)
    .filter(
      ({ place, planting, phase, start }) =>
        place.id === own.place.id &&
        (planting.id === own.planting.id || (phase === 'standing' && start === own.start)),
    )
    .flatMap((other) => canopiesOf(other, plants))
    .map(({ plantingId, placeId: _, ...canopy }) => ({ ...canopy, own: plantingId === own.planting.id }))
}

function canopiesOf(
  { planting, cultivar, stands, grownFor }: PlantingOutlook,
  plants: readonly PlantPosition[],
): StandingCanopy[] {
  const grown = grownWidth(cultivar, planting.training)
  const tall = grownHeight(cultivar, planting.training)
  const width = canopyWidth(cultivar.crop, grown, grownFor ?? 0)
  return plants
    .filter(({ plantingId }) => plantingId === planting.id)
    .map(({ id, label, x, y }) => ({
      id,
      label,
      crop: cultivar.crop,
      x,
      y,
      grown,
      width,
      own: true,
      stands: stands !== null,
      height: (tall * width) / grown,
      grownHeight: tall,
      plantingId: planting.id,
      placeId: planting.placeId,
    }))
}
