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
  /** Mature fruit of the season, each of them in kg, and all. */
  fruit: number
  fruitMass: number
  yield: number
  /** m² of leaf over each m² of ground at its most, and m² within the splash of the soil. */
  leafIndex: number
  splashLeaf: number
  /** Parts cut until then. */
  cuts: number
}

/**
 * What light comes to: g of dry matter a MJ of PAR that is taken, PAR of solar, extinction, share of it in fruit, dry share
 * of fruit [share in fruit De Koning 1994, extinction Heuvelink 1996, PAR half of solar; the rest scaled to the first
 * estimate].
 */
export const LIGHT_USE = {
  dryMatter: 2.2,
  par: 0.5,
  extinction: 0.7,
  toFruit: 0.6,
  dryShare: { tomato: 0.055, pepper: 0.07 },
} as const
/**
 * † Fruit grow up to this share of their usual mass where few share the light. Against: nothing measured yet.
 */
export const LARGEST = 1.4
/** Of the way to ripe, from which a fruit ripens indoors. */
const MATURE = 0.72
const BETWEEN_VISITS = 10
/**
 * † Of the fruit, those that are sound: on the ground rot and slugs have their share. Against: the first
 * estimate of sprawling plants.
 */
const SOUND: Partial<Record<Training, number>> = { sprawling: 0.6 }
/** m over the soil that its splash reaches. */
const SPLASH = 0.4

/**
 * What each system would leave on this plant by the last of the days: stems, leaves, trusses, and its crop as the lesser
 * of what its trusses can hold and what its light can fill.
 *
 * @param input.days from emergence to the season's end; `solar` of each, MJ m⁻² d⁻¹
 * @param input.today index of the day from which on the system is followed, with a visit every ten days
 * @param input.ground m² that the plant has to itself
 * @param input.usual kg that one of the systems is expected to bear here: what light and trusses could fill is more than
 *   disease, weather and work leave, and all outcomes are drawn to it
 * @throws RangeError when ground is not over 0
 */
export function compareSystems(input: {
  traits: PlantTraits
  days: readonly GrowthDay[]
  solar: readonly number[]
  events: readonly PlantEvent[]
  setOut: SetOut | null
  today: number
  ground: number
  systems: readonly Training[]
  context: PruningContext
  usual?: { system: Training; kg: number }
}): SystemOutcome[] {
  requireInRange('ground', input.ground, 0.01, 100)
  const outcomes = input.systems.map((system) => outcomeOf(input, system))
  const { usual } = input
  const asUsual = outcomes.find(({ system }) => system === usual?.system)
  if (usual === undefined || asUsual === undefined || asUsual.yield === 0) return outcomes
  const scale = usual.kg / asUsual.yield
  return outcomes.map((one) => {
    const fruit = Math.round(one.fruit * scale)
    return {
      ...one,
      fruit,
      yield: one.yield * scale,
      fruitMass: fruit === 0 ? 0 : (one.yield * scale) / fruit,
    }
  })
}

function outcomeOf(
  { traits, days, solar, events, setOut, today, ground, context }: Parameters<typeof compareSystems>[0],
  system: Training,
): SystemOutcome {
  const followed: PlantEvent[] = events.filter(({ day }) => day <= today)
  const grownOn = (day: number) => growPlant(traits, days.slice(0, day + 1), followed, { setOut })
  const last = days.length - 1
  // Asked to be led like a vine, a bush loses its suckers: that is what the comparison shows.
  const asAsked = (plant: Plant) =>
    system === 'weave' || system === 'cage' || system === 'bush' ? plant : { ...plant, bush: false }
  let [dryMatter, leafIndex, splashLeaf, cuts] = [0, 0, 0, 0]
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
    if (!hasFlowered(plant)) continue
    const taken = 1 - Math.exp(-LIGHT_USE.extinction * index)
    for (let ahead = day; ahead < Math.min(last, day + BETWEEN_VISITS); ahead++)
      dryMatter += LIGHT_USE.dryMatter * LIGHT_USE.par * (solar[ahead] ?? 0) * taken * ground
  }
  const end = grownOn(last)
  const trusses = end.stems.flatMap(({ nodes }) =>
    nodes.flatMap(({ truss }) => (truss === null ? [] : [truss])),
  )
  const mature = trusses.filter(
    ({ state, ripeness, set }) => state !== 'removed' && set > 0 && ripeness >= MATURE,
  )
  const held = mature.reduce((sum, { set }) => sum + set, 0)
  const fills = (dryMatter * LIGHT_USE.toFruit) / 1000 / LIGHT_USE.dryShare[traits.crop]
  const fruitMass = held === 0 ? 0 : Math.min(LARGEST * traits.fruitMass, fills / held)
  const fruit = Math.round(held * (SOUND[system] ?? 1))
  return {
    system,
    stems: end.stems.filter(({ ended, nodes }) => ended !== 'removed' && nodes.length > 2).length,
    leaves: end.stems.reduce((sum, { nodes }) => sum + nodes.filter(({ leaf }) => leaf.area > 0).length, 0),
    trusses: mature.length,
    fruit,
    fruitMass,
    yield: fruit * fruitMass,
    leafIndex,
    splashLeaf,
    cuts,
  }
}

const hasFlowered = ({ stems }: Plant) =>
  stems.some(({ nodes }) => nodes.some(({ truss }) => truss !== null && truss.state !== 'buds'))

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
