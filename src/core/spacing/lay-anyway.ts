import type { WetnessPressure } from '../climate'
import type { Place } from '../facts'
import type { Position } from './capacity-input'
import { layPlanting, usualLaying, type StandingPlant } from './lay-planting'
import type { Laying } from './place-in-bed'
import { plantingSpacing } from './planting-spacing'

/** What standing closer than advised costs. */
export type CrowdedCost = 'less-from-each' | 'wet-longer' | 'one-stem'

/** Plants laid closer than advised: their distances, m, and the share of the advised ones that these are. */
export interface Squeezed {
  positions: Position[]
  inRow: number
  lines: number
  share: number
  costs: CrowdedCost[]
}

/** Under this share of the advised distance vines grow into a thicket unless they are kept to a stem. */
const THICKET = 0.6
/** Shares of the advised distances that a crowded place is tried at, down to stem beside stem. */
const SQUEEZED = Array.from({ length: 19 }, (_, step) => 1 - (step + 1) * 0.05)

/**
 * Lays a planting that does not fit, all the same: every plant, as far apart as the place still allows, those that stand
 * there keeping less room in the same measure. Nothing that a gardener plants is refused.
 *
 * @returns the positions of all of them, the distances that they then have, m, and what that costs
 */
export function layAnyway(
  place: Place,
  planting: Parameters<typeof layPlanting>[1],
  standing: readonly StandingPlant[],
  wetness: WetnessPressure,
  laying: Laying = usualLaying(place),
): Squeezed {
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
    if (fits >= planting.count) return squeezed({ positions, inRow, lines })
  }
  return squeezed(scattered(place, planting.count))

  function squeezed(laid: Pick<Squeezed, 'positions' | 'inRow' | 'lines'>): Squeezed {
    const share = laid.inRow / advised.inRow
    const { crop, habit } = planting.cultivar
    const isThicket = share < THICKET && crop === 'tomato' && habit === 'indeterminate'
    return {
      ...laid,
      share,
      costs: ['less-from-each', 'wet-longer', ...(isThicket ? (['one-stem'] as const) : [])],
    }
  }
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
