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
    layout?: Layout
  },
  standing: readonly StandingPlant[],
  wetness: WetnessPressure,
  laying: Laying = usualLaying(place),
): { positions: Position[]; fits: number; spacing: SpacingAnswer; laid: StandingPlant[] } {
  const { cultivar, count, support, layout } = planting
  const spacing = plantingSpacing(planting, cultivar, wetness)
  const { positions, fits } = placeInBed(
    { ...bedOf(place, spacing, support, cultivar, layout), taken: takenBy(standing, spacing) },
    count,
    laying,
  )
  const { inRow, lines } = spacing
  return { positions, fits, spacing, laid: positions.map((position) => ({ ...position, inRow, lines })) }
}

/** Shares of the advised distances that a crowded place is tried at, down to stem beside stem. */
const SQUEEZED = Array.from({ length: 19 }, (_, step) => 1 - (step + 1) * 0.05)

/**
 * Lays a planting that does not fit, all the same: every plant, as far apart as the place still allows, those that stand
 * there keeping less room in the same measure. Nothing that a gardener plants is refused.
 *
 * @returns the positions of all of them, and the distances that they then have, m
 */
export function layAnyway(
  place: Place,
  planting: Parameters<typeof layPlanting>[1],
  standing: readonly StandingPlant[],
  wetness: WetnessPressure,
  laying: Laying = usualLaying(place),
): { positions: Position[]; inRow: number; lines: number } {
  const advised = plantingSpacing(planting, planting.cultivar, wetness)
  for (const share of SQUEEZED) {
    const [inRow, lines] = [roundDown(advised.inRow * share), roundDown(advised.lines * share)]
    const pressed = standing.map((plant) => ({
      ...plant,
      inRow: plant.inRow * share,
      lines: plant.lines * share,
    }))
    // A cage that is wider than what is left stands over its neighbour's edge.
    const support = planting.support === 'cage' ? 'none' : planting.support
    const tried = { ...planting, support, ownInRow: inRow, ownLines: lines, layout: 'best' as const }
    const { positions, fits } = layPlanting(place, tried, pressed, wetness, laying)
    if (fits >= planting.count) return { positions, inRow, lines }
  }
  return scattered(place, planting.count)
}

/** To a whole centimetre, and no closer than stems can stand. */
const roundDown = (value: number) => Math.max(LEAST, Math.floor(value * 100) / 100)
const LEAST = 0.05

/** So many plants on an even grid over a place, whatever stands there. */
function scattered({ length, width }: Place, count: number) {
  const columns = Math.max(1, Math.ceil(Math.sqrt((count * length) / width)))
  const rows = Math.ceil(count / columns)
  const positions = Array.from({ length: count }, (_, at) => ({
    x: ((at % columns) + 0.5) * (length / columns),
    y: (Math.floor(at / columns) + 0.5) * (width / rows),
  }))
  return { positions, inRow: Math.max(LEAST, length / columns), lines: Math.max(LEAST, width / rows) }
}
