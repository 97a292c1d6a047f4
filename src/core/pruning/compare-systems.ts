import { addDays } from '../calendar'
import {
  growPlant,
  nodeHeight,
  type GrowthDay,
  type Plant,
  type PlantEvent,
  type PlantTraits,
  type SetOut,
  type Training,
} from '../crop'
import { requireInRange } from '../guard'
import { advisePruning } from './advise-pruning'
import type { PruningContext } from './context'

/** What a system makes of a plant by the season's end. */
export interface SystemOutcome {
  system: Training
  /** At the season's end. */
  stems: number
  leaves: number
  trusses: number
  /** m² of leaf over each m² of ground at its most, and m² within the splash of the soil. */
  leafIndex: number
  splashLeaf: number
  /** Parts cut until then. */
  cuts: number
}

/** Of the way to ripe, from which a fruit ripens indoors. */
const MATURE = 0.72
const BETWEEN_VISITS = 10
/** m over the soil that its splash reaches. */
const SPLASH = 0.4

/** What systems are compared on: a plant that grew as it did until today. */
interface Compared {
  traits: PlantTraits
  /** From emergence to the season's end. */
  days: readonly GrowthDay[]
  events: readonly PlantEvent[]
  setOut: SetOut | null
  /** Index of the day from which on the system is followed, with a visit every ten days. */
  today: number
  /** m² that the plant has to itself. */
  ground: number
  context: PruningContext
}

/**
 * What each system would leave on this plant by the last of the days: stems, leaves, trusses and cuts.
 *
 * @throws RangeError when ground is not over 0
 */
export function compareSystems({
  systems,
  ...input
}: Compared & { systems: readonly Training[] }): SystemOutcome[] {
  requireInRange('ground', input.ground, 0.01, 100)
  return systems.map((system) => outcomeOf(input, system))
}

function outcomeOf(
  { traits, days, events, setOut, today, ground, context }: Compared,
  system: Training,
): SystemOutcome {
  const followed: PlantEvent[] = events.filter(({ day }) => day <= today)
  const grownOn = (day: number) => growPlant(traits, days.slice(0, day + 1), followed, { setOut })
  const last = days.length - 1
  // Asked to be led like a vine, a bush loses its suckers: that is what the comparison shows.
  const asAsked = (plant: Plant) =>
    system === 'weave' || system === 'cage' || system === 'bush' ? plant : { ...plant, bush: false }
  let [leafIndex, splashLeaf, cuts] = [0, 0, 0]
  for (let day = setOut?.day ?? 0; day < last; day += BETWEEN_VISITS) {
    let plant = grownOn(day)
    if (day >= today) {
      const due = advisePruning({
        plant: asAsked(plant),
        system,
        context: {
          ...context,
          date: addDays(context.date, day - today),
          daysSinceTransplant: context.daysSinceTransplant + day - today,
          forecast: [],
        },
      }).answer.filter((cut) => cut.due === undefined)
      if (due.length > 0) {
        followed.push({ day, cuts: due })
        cuts += due.length
        plant = grownOn(day)
      }
    }
    const index = plant.leafArea / ground
    leafIndex = Math.max(leafIndex, index)
    splashLeaf = Math.max(splashLeaf, day >= today ? leafUnder(plant, SPLASH) : 0)
  }
  const end = grownOn(last)
  const trusses = end.stems.flatMap(({ nodes }) =>
    nodes.flatMap(({ truss }) => (truss === null ? [] : [truss])),
  )
  const mature = trusses.filter(
    ({ state, ripeness, set }) => state !== 'removed' && set > 0 && ripeness >= MATURE,
  )
  return {
    system,
    stems: end.stems.filter(({ ended, nodes }) => ended !== 'removed' && nodes.length > 2).length,
    leaves: end.stems.reduce((sum, { nodes }) => sum + nodes.filter(({ leaf }) => leaf.area > 0).length, 0),
    trusses: mature.length,
    leafIndex,
    splashLeaf,
    cuts,
  }
}

/** m² of leaf that starts under a height. */
function leafUnder(plant: Plant, height: number): number {
  return plant.stems.reduce(
    (sum, { nodes }, stem) =>
      sum +
      nodes.reduce(
        (area, { leaf }, node) =>
          area + (leaf.area > 0 && nodeHeight(plant, stem, node) < height ? leaf.area : 0),
        0,
      ),
    0,
  )
}
