import type { Crop } from '../crop'
import { SIDES, type Place, type Support } from '../facts'
import { ARM_REACH, outOfReach, type CapacityInput, type Layout, type Rectangle } from './capacity-input'
import type { SpacingAnswer } from './recommend'

/** From the stem to the side of a bed, m. */
const EDGE = 0.15

/** † Ø of a cage, m. Against: cages as they are sold, 0.45–0.75 m. */
export const CAGE: Record<Crop, number> = { tomato: 0.6, pepper: 0.4 }

/** A pot takes the cage that stands in it; a bed must be wide enough for its own. */
const cageFor = ({ kind, length, width }: Place, cage: number) =>
  kind === 'container' ? Math.min(cage, length, width) : cage

/** A place as a bed to be filled at this spacing: field rows keep half a row distance from their sides, pots nothing. @param ownCage m across the gardener's own cages */
export function bedOf(
  place: Place,
  spacing: SpacingAnswer,
  support: Support,
  cultivar: { crop: Crop },
  layout: Layout = 'rows',
  ownCage: number | null = null,
): CapacityInput {
  const narrow = (edge: number) => Math.min(edge, place.length / 2, place.width / 2)
  const isField = place.kind === 'rows'
  const { emitterSpacing, emitterFirst } = place
  return {
    length: place.length,
    width: place.width,
    inRow: spacing.inRow,
    betweenRows: isField ? spacing.betweenRows : spacing.lines,
    edge: isField ? Math.min(spacing.betweenRows / 2, place.width / 2) : narrow(EDGE),
    endEdge: narrow(isField ? spacing.inRow / 2 : EDGE),
    supportDiameter: support === 'cage' ? cageFor(place, ownCage ?? CAGE[cultivar.crop]) : undefined,
    emitters:
      emitterSpacing === null || place.dripLines.length === 0
        ? undefined
        : { spacing: emitterSpacing, first: emitterFirst ?? emitterSpacing / 2, lines: place.dripLines },
    // Between field rows there are paths: every one of them is reached.
    openSides: isField ? SIDES : place.openSides,
    armReach: isField ? Math.min(1000, place.length + place.width) : undefined,
    layout,
  }
}

/** The part of a place that no arm reaches from its open sides, where nothing is laid; null: all of it is reached. */
export function beyondReach(place: Pick<Place, 'kind' | 'length' | 'width' | 'openSides'>): Rectangle | null {
  if (place.kind === 'rows' || place.kind === 'container') return null
  const [found] = outOfReach(place, ARM_REACH)
  if (!found) return null
  const [west, south] = [Math.max(0, found.x), Math.max(0, found.y)]
  const east = Math.min(place.length, found.x + found.length)
  const north = Math.min(place.width, found.y + found.width)
  return { x: west, y: south, length: east - west, width: north - south }
}

/** The ground that plants standing in a place keep from others at this spacing: halfway to what each wants. */
export function takenBy(
  plants: readonly { x: number; y: number; inRow: number; lines: number }[],
  spacing: Pick<SpacingAnswer, 'inRow' | 'lines'>,
): Rectangle[] {
  return plants.map(({ x, y, inRow, lines }) => {
    const [along, across] = [(inRow + spacing.inRow) / 2, (lines + spacing.lines) / 2]
    return { x: x - along, y: y - across, length: 2 * along, width: 2 * across }
  })
}
