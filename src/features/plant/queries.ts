import type { Day } from '../../data/garden-state'
import { dayOf } from '../../core/garden-day'
import type { IsoDate } from '../../core/calendar'
import { pruningContextOf, tiedHeights } from '../../core/calls'
import { usualHeight } from '../../core/support'
import { plantTraits, type Plant, type PlantMisfit, type Training } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { advisePruning, type Cut, type PruningContext } from '../../core/pruning'
import { allPlantings, entriesOfPlant, grownAlong, plantCourse } from '../../core/season'
import { sayCautions } from '../../wording/cautions'
import { formatDate } from '../../wording/dates'
import { MISFITS, sayTold } from '../../wording/pruning'
import { sayReasons, type SaidReason } from '../../wording/say-reason'
import { growthOf, type GrowthPoint } from './growth'
import { systemsOf, type ComparedSystem } from './systems'

/** One plant as of a date: its model, and what to cut. */
export interface PlantView {
  id: string
  manner: Manner
  on: IsoDate
  now: IsoDate
  query: string
  plantingId: string
  title: string
  /** The plants of its planting, this one among them. */
  alike: { id: string; label: string }[]
  plant: Plant
  training: Training
  context: PruningContext
  /** How high its support stands, m; null: it has none. */
  supportHeight: number | null
  /** Where it is tied to it, m. */
  ties: number[]
  cuts: Cut[]
  reasons: SaidReason[]
  cautions: string[]
  /** What each system would make of it by the season's end; none while it has not come up. */
  systems: ComparedSystem[]
  growth: GrowthPoint[]
  /** What was entered of it, and why it could not be followed. */
  history: { id: string; text: string; misfit: string | null }[]
}

export function plantViewOf(day: Day, id: string): PlantView | null {
  const { state, on, manner, outlook } = day
  const position = state.plants.find((plant) => plant.id === id)
  const own = allPlantings(outlook).find(({ planting }) => planting.id === position?.plantingId)
  if (!position || !own) return null
  const { planting, cultivar, place } = own
  const told = entriesOfPlant(outlook, id, planting.id)
  const course = plantCourse(own, told, on, day.vigour(own))
  const plant = grownAlong(course, plantTraits(cultivar))
  const context = pruningContextOf(outlook, own, dayOf(state, state.now).wetness, day.house.flowers)
  const system = planting.training
  const advice = advisePruning({ plant, system, context })
  return {
    id,
    manner,
    on,
    now: state.now,
    query: day.query,
    plantingId: planting.id,
    title: `${cultivar.name} ${position.label}, ${place.name}`,
    alike: state.plants
      .filter(({ plantingId }) => plantingId === planting.id)
      .map((sibling) => ({ id: sibling.id, label: sibling.label })),
    plant,
    training: system,
    context,
    supportHeight: planting.support === 'none' ? null : usualHeight(planting.support, { cultivar }),
    ties: tiedHeights(own, (date) => grownAlong(plantCourse(own, told, date), plantTraits(cultivar)).height),
    cuts: advice.answer,
    reasons: sayReasons(advice.reasons, manner),
    cautions: sayCautions(advice.cautions, manner),
    systems: systemsOf(day, own, told, context),
    growth: course === null ? [] : growthOf(course, told, manner),
    history: told
      .map((entry) => ({
        id: entry.id,
        text: `${formatDate(entry.on, manner)}: ${sayTold(entry, cultivar.crop, manner)}`,
        misfit: misfitOf(plant.misfits, entry.id),
      }))
      .reverse(),
  }
}

const misfitOf = (misfits: readonly PlantMisfit[], entry: string) => {
  const found = misfits.find(({ id }) => id === entry)
  return found ? MISFITS[found.why] : null
}
