import { MOST_PLANTS } from '../bounds'
import { requireInRange } from '../guard'
import type { RaisedHere } from './raising'
import { seedsToSow } from './seeds'

/** A cell: so much mix, L, and room in the tray, m²; so many to a tray. */
const CELL = { mix: 0.04, area: 0.0021, perTray: 72 }
/** A young plant's pot, and a bigger plant's: mix, L; room on the shelf so that leaves do not touch, m². */
const POTS = { plant: { mix: 0.5, area: 0.0144 }, 'big-plant': { mix: 1, area: 0.0324 } } as const
/** Mix settles when it is filled and watered: this share more is bought. */
const SETTLING = 0.15

/** What a stage of raising takes: m² of shelf under light, L of mix as it is bought. */
export interface RaisingStage {
  stage: 'cells' | 'pots'
  plants: number
  area: number
  mix: number
}

/** What raising a planting takes. */
export interface RaisingNeeds {
  seeds: number
  /** Cells, one seed to each, and the trays that they fill. */
  cells: number
  trays: number
  stages: RaisingStage[]
}

/**
 * Seeds, cells, trays, mix and room under light for so many plants.
 *
 * @throws RangeError see {@link seedsToSow}; nothing is raised in trays when seed is sown in place, or plants are bought
 */
export function raisingNeeds(
  planting: { count: number; germination: number; survival: number },
  way: RaisedHere,
): RaisingNeeds {
  const { count, germination, survival } = planting
  const seeds = seedsToSow({ plantsWanted: count, germination, survival })
  const mix = (litres: number) => litres * (1 + SETTLING)
  const cells: RaisingStage = {
    stage: 'cells',
    plants: seeds,
    area: seeds * CELL.area,
    mix: mix(seeds * CELL.mix),
  }
  if (way === 'plug') return { seeds, cells: seeds, trays: Math.ceil(seeds / CELL.perTray), stages: [cells] }
  const pot = POTS[way]
  // What comes up is potted up; what is left over after the wanted ones stands as the spare.
  const potted = Math.max(count, Math.round(seeds * germination))
  return {
    seeds,
    cells: seeds,
    trays: Math.ceil(seeds / CELL.perTray),
    stages: [cells, { stage: 'pots', plants: potted, area: potted * pot.area, mix: mix(potted * pot.mix) }],
  }
}

/** Seeds for a place where they are sown and stay: a spot a plant, each with enough for one to live; the rest is thinned. */
export function seedsInPlace(planting: { count: number; germination: number; survival: number }): number {
  requireInRange('count', planting.count, 1, MOST_PLANTS)
  const { germination, survival } = planting
  return planting.count * seedsToSow({ plantsWanted: 1, germination, survival })
}
