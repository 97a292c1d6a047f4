import {
  grownWidth,
  plantTraits,
  rotProneness,
  SHOWS_AFTER,
  SIDE_LEAVES,
  thermalTraits,
  transplantCheck,
} from '../crop'
import { yieldInSalt } from '../feeding'
import { requireInRange } from '../guard'
import { remembered } from '../memo'
import { availableWater, MIX_AVAILABLE, MIX_WILTING, ROOTS, wiltingPoint } from '../watering'
import type { SeasonPlan } from './plan'
import { DISEASE, LIGHT_USE, NITROGEN, REACHED, SHOOTS } from './working-values'

/** A plan in the numbers that its days take: looked at once, and the same for all seasons. */
export interface Form {
  /** °C d since it came up at which each stem's leaves and its trusses begin, and how many each bears at the most. */
  stems: number
  leavesFrom: Float64Array
  trussesFrom: Float64Array
  leafEvery: number
  trussEvery: number
  mostLeaves: number
  mostTrusses: number
  leafGrows: number
  leafAges: number
  leafArea: number
  flowers: number
  bestSet: number
  /** Swelling fruit above which new flowers abort. */
  mostSwelling: number
  fruitMass: number
  ripening: number
  /** Share of the way to ripe at which it is picked. */
  pickedAt: number
  dryShare: number
  check: number
  proneness: number
  /** m² whose light and water it takes. */
  room: number
  /** m² from which rain reaches its roots. */
  catches: number
  /** L between field capacity and wilting, at planting and grown; °C d over which roots grow; L that drain before all soluble N is gone. */
  waterFirst: number
  waterGrown: number
  rootsOver: number
  holds: number
  /** g N in the soil at the start, and that come free from it a day at 20 °C. */
  inSpring: number
  mineral: number
  /** What its habit, its soil's salt and its origin make of growth and disease. */
  reached: number
  resistant: number
  splash: number
  density: number
}

/** † °C d from one shoot to the next. Against: suckers of successive nodes. */
const SHOOT_EVERY = 48
/** A lone plant does not drink the whole bed. */
const WIDEST = { times: 1.2, beyond: 0.3 }
/** † A pot stands free: light and wind reach its sides. Against: potNeed. */
const FREE = 1.3
/** m: how deep a pot is, about, for the rain that it catches. */
const POT_DEPTH = 0.3
/** † Share of a percent of organic matter's N, 1.5 g/m², that comes free a day at 20 °C, over 150 days. Against: 10–20 kg/ha. */
const MINERAL = 1.5 / 150

/** @throws RangeError naming what of the plan cannot be */
export const formOf = (plan: SeasonPlan): Form =>
  remembered(plan, 'form', () => {
    requirePlan(plan)
    return { ...plantForm(plan), ...rootForm(plan) }
  })

function requirePlan(plan: SeasonPlan): void {
  requireInRange('growth', plan.growth, 0, 5000)
  requireInRange('buried', plan.buried, 0, 2)
  requireInRange('ground', plan.ground, 0.01, 100)
  requireInRange('sun', plan.sun, 0, 1)
  requireInRange('organicMatter', plan.organicMatter, 0, 60)
  requireInRange('clearStem', plan.clearStem, 0, 3)
  requireInRange('shade', plan.shade, 0, 1)
  if (plan.roots.kind === 'pot') requireInRange('litres', plan.roots.litres, 0.2, 2000)
  else requireInRange('depth', plan.roots.depth, 0.02, 5)
  if (plan.watering.by !== 'rain') requireInRange('every', plan.watering.every, 1, 60)
  for (const { nitrogen, day } of plan.feeds) {
    requireInRange('nitrogen', nitrogen, 0, 500)
    requireInRange('day', day, -365, 500)
  }
}

function plantForm(plan: SeasonPlan) {
  const { cultivar, training } = plan
  const { crop } = cultivar
  const traits = plantTraits(cultivar)
  const thermal = thermalTraits(cultivar)
  const isPepper = crop === 'pepper'
  const stems = 1 + SHOOTS[training]
  const leafEvery = isPepper ? traits.forkEvery : traits.leafEvery
  const trussEvery = isPepper ? traits.forkEvery : traits.leavesBetween * traits.leafEvery
  const mainLeaves = traits.toFirstLeaf
  // A vine's first sucker shows some nodes above it; a pepper's shoots come of its forks.
  const shoots = isPepper
    ? thermal.fromEmergence - traits.toFlower
    : mainLeaves + (traits.leavesToFirst - 1 + SHOWS_AFTER) * traits.leafEvery + traits.toShoot
  const toTruss = isPepper ? traits.toFlower : (SIDE_LEAVES - 1) * traits.leafEvery + traits.toFlower
  const every = isPepper ? traits.forkEvery : SHOOT_EVERY
  const leavesFrom = Float64Array.from({ length: stems }, (_, stem) =>
    stem === 0 ? mainLeaves : shoots + (stem - 1) * every,
  )
  const trussesFrom = Float64Array.from({ length: stems }, (_, stem) =>
    stem === 0 ? thermal.fromEmergence : shoots + (stem - 1) * every + toTruss,
  )
  const stops = traits.stopsAfter
  const reached =
    REACHED.fruit[cultivar.fruit] *
    (REACHED.training[training] ?? 1) *
    (isPepper ? 1 : REACHED.habit[cultivar.habit ?? 'indeterminate'])
  return {
    stems,
    leavesFrom,
    trussesFrom,
    leafEvery,
    trussEvery,
    mostLeaves: stops === null ? Infinity : traits.leavesToFirst + stops * traits.leavesBetween,
    mostTrusses: stops ?? Infinity,
    leafGrows: traits.leafGrows,
    leafAges: traits.leafAges,
    leafArea: traits.leafArea,
    flowers: traits.flowers,
    bestSet: traits.bestSet,
    mostSwelling: traits.mostSwelling ?? Infinity,
    // Salt keeps leaf and fruit smaller alike.
    fruitMass: traits.fruitMass * yieldInSalt(crop, plan.salinity),
    ripening: thermal.ripening,
    pickedAt: plan.green && thermal.toGreen !== null ? thermal.toGreen / thermal.ripening : 1,
    dryShare: LIGHT_USE.dryShare[crop],
    check: transplantCheck(crop, plan.hardened),
    proneness: rotProneness(cultivar),
    reached: reached * yieldInSalt(crop, plan.salinity),
    resistant: DISEASE.resistant[cultivar.origin],
  }
}

function rootForm(plan: SeasonPlan) {
  const { cultivar, training, roots, ground, mulch, clearStem, buried } = plan
  const width = grownWidth(cultivar, training)
  const circle = (Math.PI * width * width) / 4
  const isPot = roots.kind === 'pot'
  const room = isPot
    ? Math.min(ground, circle) * FREE
    : Math.min(ground, WIDEST.times * (width + WIDEST.beyond) ** 2)
  const waterAt = (depth: number) =>
    isPot
      ? roots.litres * MIX_AVAILABLE + roots.reservoir
      : 1000 * availableWater(roots.texture) * Math.min(roots.depth, depth) * room
  const waterGrown = waterAt(ROOTS.to)
  return {
    room,
    catches: isPot ? roots.litres / 1000 / POT_DEPTH : room,
    waterFirst: waterAt(Math.min(ROOTS.to, ROOTS.from + buried)),
    waterGrown,
    rootsOver: ROOTS.over[cultivar.crop],
    holds: isPot
      ? roots.litres * (MIX_AVAILABLE + MIX_WILTING)
      : waterGrown * (1 + wiltingPoint(roots.texture) / availableWater(roots.texture)),
    inSpring: isPot ? 0 : NITROGEN.inSpring * room,
    mineral: isPot ? 0 : MINERAL * plan.organicMatter * room,
    splash:
      (mulch === 'bare' ? 1 : DISEASE.mulched) *
      2 ** (-clearStem / DISEASE.clear) *
      (plan.overhead ? DISEASE.overhead : 1),
    density: (circle / Math.max(ground, 0.01)) ** DISEASE.dense,
  }
}
