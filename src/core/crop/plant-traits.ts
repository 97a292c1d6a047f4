import { fruitMass, heatShift, isBush, thermalTraits, type Cultivar } from './traits'

/** What the growth of a plant's parts follows from; °C d over base 10. */
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
  /** From emergence to the first true leaf; a leaf and the next; a node and its open truss; open and ripe. */
  toFirstLeaf: number
  leafEvery: number
  toFlower: number
  ripening: number
  /** Until a leaf is full-grown, and its area, m². */
  leafGrows: number
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

/** † Of its full length, an internode grown close under cover. */
export const RAISED_INTERNODE = 0.45

/** The node over which truss `rank` of a stem hangs, from 0. */
export const trussNode = (leavesToFirst: number, between: number, rank: number) =>
  Math.max(0, Math.floor(leavesToFirst + rank * between + 1e-9) - 1)

/** † Leaves to the first truss, between trusses, trusses a stem, flowers a truss. */
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
  dwarf: { toFirst: 8, between: 2, stops: null },
} as const
const BUSH_FLOWERS = { determinate: 5, 'semi-determinate': 6, dwarf: 5 } as const
const PASTE_FLOWERS = 6
/** † Best set under good weather. */
const BEST_SET = { cherry: 0.85, slicer: 0.7, paste: 0.7, saladette: 0.7, beefsteak: 0.6 } as const
const PEPPER_SET = 0.6
/** † Leaves that a plant holds at most. */
const MOST_LEAVES = { tomato: 54, pepper: 120 }
/** † Swelling peppers above which new flowers abort. */
const MOST_SWELLING = { bell: 5, 'sweet-long': 12, 'hot-large': 12, 'hot-small': 60 } as const
/** † °C d. */
const TOMATO = { toFirstLeaf: 60, leafEvery: 28 }
const PEPPER = { toFirstLeaf: 80, leafEvery: 47, toFork: 9 }
const TO_FLOWER = 200
const LEAF_GROWS = 250

/** What the parts of this cultivar follow from. */
export function plantTraits(cultivar: Cultivar): PlantTraits {
  const { crop, fruit } = cultivar
  const common = {
    crop,
    heatShift: heatShift(cultivar),
    toFlower: TO_FLOWER,
    ripening: thermalTraits(cultivar).ripening,
    leafGrows: LEAF_GROWS,
    fruitMass: fruitMass(cultivar),
    mostLeaves: MOST_LEAVES[crop],
  }
  if (crop === 'pepper')
    return {
      ...common,
      bush: false,
      leavesToFirst: PEPPER.toFork,
      leavesBetween: 1,
      stopsAfter: null,
      flowers: fruit === 'hot-small' ? 1.5 : 1,
      bestSet: PEPPER_SET,
      toFirstLeaf: PEPPER.toFirstLeaf,
      leafEvery: PEPPER.leafEvery,
      leafArea: 0.008,
      internode: 0.05,
      mostSwelling: MOST_SWELLING[fruit as keyof typeof MOST_SWELLING],
    }
  const type = fruit as keyof typeof TRUSSES.vine
  const habit = cultivar.habit ?? 'indeterminate'
  const tomato = {
    ...common,
    ...TOMATO,
    bush: isBush(cultivar),
    bestSet: BEST_SET[type],
    mostSwelling: null,
  }
  const isSmallLeaved = type === 'cherry' || habit === 'determinate'
  if (habit === 'indeterminate') {
    const [leavesToFirst, leavesBetween, flowers] = TRUSSES.vine[type]
    return {
      ...tomato,
      leavesToFirst,
      leavesBetween,
      flowers,
      stopsAfter: null,
      leafArea: isSmallLeaved ? 0.035 : 0.05,
      internode: 0.07,
    }
  }
  const { toFirst, between, stops } = TRUSSES[habit]
  return {
    ...tomato,
    leavesToFirst: toFirst,
    leavesBetween: between,
    stopsAfter: stops,
    flowers: type === 'paste' ? PASTE_FLOWERS : BUSH_FLOWERS[habit],
    leafArea: habit === 'dwarf' ? 0.02 : isSmallLeaved ? 0.035 : 0.05,
    internode: habit === 'dwarf' ? 0.025 : 0.05,
  }
}
