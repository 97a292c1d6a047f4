import { fruitMass, heatShift, isBush, thermalTraits, type Cultivar, type FruitType } from './traits'

/** What the growth of a plant's parts follows from; °C d over the crop's base. */
export interface PlantTraits {
  crop: Cultivar['crop']
  bush: boolean
  /** Leaves under the first truss or fork; between trusses. */
  leavesToFirst: number
  leavesBetween: number
  /** Trusses on a stem after which it ends; null: it grows on. */
  stopsAfter: number | null
  flowers: number
  /** Best share of flowers that set. */
  bestSet: number
  heatShift: number
  /** From emergence to the first true leaf; a leaf and the next; the same over a pepper's fork; a node and its open truss; open and ripe. */
  toFirstLeaf: number
  leafEvery: number
  forkEvery: number
  toFlower: number
  ripening: number
  /** A truss is open for. */
  openFor: number
  /** Until a sucker that shows grows as a stem. */
  toShoot: number
  /** Until a node's stem is as long as it gets. */
  stretches: number
  /** Until a leaf is full-grown, and old; and its area, m². */
  leafGrows: number
  leafAges: number
  leafArea: number
  /** m. */
  internode: number
  /** kg. */
  fruitMass: number
  /** Full-grown leaves that the light on one plant feeds. */
  mostLeaves: number
  /** Swelling fruit above which new flowers abort; null: it bears what sets. */
  mostSwelling: number | null
}

/**
 * † Of its full length, an internode grown close under cover. Against: height of a usual transplant, 0.30 m.
 */
export const RAISED_INTERNODE = 0.45

/** The node over which truss `rank` of a stem hangs, from 0. */
export const trussNode = (leavesToFirst: number, between: number, rank: number) =>
  Math.max(0, Math.floor(leavesToFirst + rank * between + 1e-9) - 1)

/**
 * † Leaves to the first truss, between trusses, trusses a stem, flowers a truss. Against: the type table,
 * leaves of the first truss.
 */
const TRUSSES = {
  vine: {
    cherry: [8, 3, 14],
    saladette: [8, 3, 8],
    slicer: [9, 3, 6],
    beefsteak: [10, 3, 4],
    paste: [8, 3, 6],
  },
  determinate: { toFirst: 7, between: 1.5, stops: 4 },
  'semi-determinate': { toFirst: 8, between: 2, stops: 6 },
  dwarf: { toFirst: 8, between: 2, stops: 5 },
} as const
const BUSH_FLOWERS: Partial<Record<FruitType, number>> = { cherry: 14, saladette: 8, paste: 6, beefsteak: 4 }
const USUAL_BUSH_FLOWERS = { determinate: 5, 'semi-determinate': 6, dwarf: 5 } as const
/** † Best set under good weather. Against: nothing measured yet. */
const BEST_SET = { cherry: 0.85, slicer: 0.7, paste: 0.7, saladette: 0.7, beefsteak: 0.6 } as const
const PEPPER_SET = 0.6
/** † Leaves that a plant holds at most. Against: nothing measured yet. */
const MOST_LEAVES = { tomato: 54, pepper: 120 }
/** † Swelling peppers above which new flowers abort. Against: nothing measured yet. */
const MOST_SWELLING = { bell: 5, 'sweet-long': 12, 'hot-large': 12, 'hot-small': 60 } as const
/** Leaves to a pepper's first fork. */
const TO_FORK = 9
/** °C d [leaf interval: De Koning 1994; the rest against the calendar]. */
const SUMS = {
  tomato: {
    toFirstLeaf: 84,
    leafEvery: 32,
    forkEvery: 32,
    openFor: 80,
    toShoot: 84,
    stretches: 160,
    leafGrows: 350,
    leafAges: 1000,
  },
  pepper: {
    toFirstLeaf: 80,
    leafEvery: 50,
    forkEvery: 45,
    openFor: 60,
    toShoot: 60,
    stretches: 120,
    leafGrows: 250,
    leafAges: 1100,
  },
} as const
/** °C d until a sucker that shows grows as a stem. */
export const toShoot = (crop: Cultivar['crop']): number => SUMS[crop].toShoot
/** Where a packet leaves less from the first truss's node to its flower, °C d, the truss hangs lower. */
const LEAST_TO_FLOWER = 150
const LEAST_LEAVES = 6

/** How low its first truss hangs, so that the plant's own calendar leaves it the time to open. */
function leavesBelow(usual: number, { toFirstLeaf, leafEvery }: Sums, fromEmergence: number): number {
  let leaves = usual
  while (leaves > LEAST_LEAVES && toFirstFlowerOf(leaves) < LEAST_TO_FLOWER) leaves--
  return leaves

  function toFirstFlowerOf(leaves: number) {
    return fromEmergence - toFirstLeaf - trussNode(leaves, 1, 0) * leafEvery
  }
}
type Sums = Pick<PlantTraits, 'toFirstLeaf' | 'leafEvery'>

/**
 * What the parts of this cultivar follow from. Its first truss opens on the day of its calendar, see
 * {@link thermalTraits}; the others follow at the rate of its leaves.
 */
export function plantTraits(cultivar: Cultivar): PlantTraits {
  const { crop } = cultivar
  const { fromEmergence, ripening } = thermalTraits(cultivar)
  const sums = SUMS[crop]
  const form = crop === 'pepper' ? pepperForm(cultivar) : tomatoForm(cultivar)
  const leavesToFirst = leavesBelow(form.leavesToFirst, sums, fromEmergence)
  return {
    crop,
    heatShift: heatShift(cultivar),
    fruitMass: fruitMass(cultivar),
    mostLeaves: MOST_LEAVES[crop],
    ...sums,
    ...form,
    leavesToFirst,
    ripening,
    toFlower: Math.max(
      LEAST_OF_ALL,
      fromEmergence - sums.toFirstLeaf - trussNode(leavesToFirst, form.leavesBetween, 0) * sums.leafEvery,
    ),
  }
}
/** °C d from a node to its open truss, however early the packet. */
const LEAST_OF_ALL = 60

type Form = Pick<
  PlantTraits,
  | 'bush'
  | 'leavesToFirst'
  | 'leavesBetween'
  | 'stopsAfter'
  | 'flowers'
  | 'bestSet'
  | 'leafArea'
  | 'internode'
  | 'mostSwelling'
>

const pepperForm = ({ fruit }: Cultivar): Form => ({
  bush: false,
  leavesToFirst: TO_FORK,
  leavesBetween: 1,
  stopsAfter: null,
  flowers: fruit === 'hot-small' ? 1.5 : 1,
  bestSet: PEPPER_SET,
  leafArea: 0.008,
  internode: 0.05,
  mostSwelling: MOST_SWELLING[fruit as keyof typeof MOST_SWELLING],
})

function tomatoForm(cultivar: Cultivar): Form {
  const type = cultivar.fruit as keyof typeof TRUSSES.vine
  const habit = cultivar.habit ?? 'indeterminate'
  const [vineLeaves, vineBetween, vineFlowers] = TRUSSES.vine[type]
  const common = { bush: isBush(cultivar), bestSet: BEST_SET[type], mostSwelling: null }
  const isSmallLeaved = type === 'cherry' || habit === 'determinate'
  if (habit === 'indeterminate')
    return {
      ...common,
      leavesToFirst: vineLeaves,
      leavesBetween: vineBetween,
      flowers: vineFlowers,
      stopsAfter: null,
      leafArea: isSmallLeaved ? 0.035 : 0.05,
      internode: 0.07,
    }
  const { toFirst, between, stops } = TRUSSES[habit]
  return {
    ...common,
    leavesToFirst: toFirst,
    leavesBetween: between,
    stopsAfter: stops,
    // A bush cherry has a cherry's trusses; of large fruit it bears fewer than a vine.
    flowers: BUSH_FLOWERS[type] ?? USUAL_BUSH_FLOWERS[habit],
    leafArea: habit === 'dwarf' ? 0.02 : isSmallLeaved ? 0.035 : 0.05,
    internode: habit === 'dwarf' ? 0.025 : 0.05,
  }
}
