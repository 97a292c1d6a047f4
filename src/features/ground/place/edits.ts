import { v7 } from 'uuid'
import type { Alternative } from '../../../core/advice'
import type { Training } from '../../../core/crop'
import {
  USUAL_SEED,
  type GroundEdit,
  type Place,
  type Planting,
  type PlantPosition,
  type Side,
  type SpacingSchool,
  type Support,
} from '../../../core/facts'
import type { Capacity, CapacityRule, Layout, Position } from '../../../core/spacing'
import { tidy } from '../../../core/ground'

/** What is asked when one asks how many fit. */
export interface Wish {
  cultivarId: string
  training: Training
  support: Support
  school: SpacingSchool
  layout: Layout
}

/** A planting that is meant, with the usual where nothing is said. */
export const plannedPlanting = (
  known: Pick<
    Planting,
    'cultivarId' | 'placeId' | 'season' | 'count' | 'training' | 'support' | 'spacingSchool'
  >,
): Planting => ({
  id: v7(),
  ...USUAL_SEED,
  raising: 'plant',
  plannedSow: null,
  plannedSetOut: null,
  ownInRow: null,
  ownLines: null,
  ownCage: null,
  unionHeight: null,
  ...known,
})

/** A plant of a planting at a spot of its place. */
export function plantEdit(plantingId: string, label: number, { x, y }: Position): GroundEdit {
  const row: PlantPosition = {
    id: v7(),
    plantingId,
    label: String(label),
    x: tidy(x),
    y: tidy(y),
    from: null,
    to: null,
  }
  return { of: 'plant', id: row.id, row }
}

/** A planting as it was wished, with its plants at these positions, numbered on from those that are there. */
export function placedEdits(
  { cultivarId, training, support, school, placeId, season }: Wish & Pick<Planting, 'placeId' | 'season'>,
  positions: readonly Position[],
  there: readonly PlantPosition[],
): GroundEdit[] {
  const planting = plannedPlanting({
    cultivarId,
    placeId,
    season,
    count: positions.length,
    training,
    support,
    spacingSchool: school,
  })
  const highest = Math.max(0, ...there.map(({ label }) => Number(label) || 0))
  return [
    { of: 'planting', id: planting.id, row: planting },
    ...positions.map((position, index) => plantEdit(planting.id, highest + index + 1, position)),
  ]
}

/** A place with a limit loosened as a choice says, where that can be done to the place itself. */
export function loosenedPlace(
  place: Place,
  choice: Alternative<Capacity, CapacityRule>,
): { row: Place; words: string } | null {
  const step = choice.costs[0]?.values.step
  if (choice.school === 'emitters' && step?.kind === 'length')
    return {
      row: { ...place, dripLines: [...place.dripLines, tidy(step.value)].sort((a, b) => a - b) },
      words: `Another drip line is in ${place.name}.`,
    }
  if (choice.school === 'reach' && step?.kind === 'name')
    return {
      row: { ...place, openSides: [...place.openSides, step.value as Side] },
      words: `${place.name} can be reached from the ${step.value} too.`,
    }
  return null
}
