import { requireInRange } from '../guard'

export const CROPS = ['tomato', 'pepper'] as const
export type Crop = (typeof CROPS)[number]

export const HABITS = ['indeterminate', 'determinate', 'semi-determinate', 'dwarf'] as const
/** How a tomato grows on; a pepper has none of these. */
export type Habit = (typeof HABITS)[number]

export const TOMATO_FRUITS = ['cherry', 'saladette', 'slicer', 'beefsteak', 'paste'] as const
export const PEPPER_FRUITS = ['bell', 'sweet-long', 'hot-small', 'hot-large'] as const
export type FruitType = (typeof TOMATO_FRUITS)[number] | (typeof PEPPER_FRUITS)[number]

export const ORIGINS = ['hybrid', 'open-pollinated', 'heirloom'] as const
export type Origin = (typeof ORIGINS)[number]

/** What a cultivar is, as a packet or a grower tells it. */
export interface Cultivar {
  crop: Crop
  /** Tomato only. */
  habit: Habit | null
  fruit: FruitType
  origin: Origin
  /** d; the type's usual where the packet says nothing. */
  daysToMaturity: number | null
  /** What the packet counts those days from. */
  maturityFrom: 'transplanting' | 'sowing'
  ripeColour: string
  grafted: boolean
}

/** Thermal-time limits, °C. */
export const THERMAL_LIMITS: Record<Crop, { base: number; upper: number }> = {
  tomato: { base: 10, upper: 30 },
  pepper: { base: 10, upper: 32 },
}

/** What follows from the type of a cultivar. */
interface TypeTraits {
  /** °C d over base 10 from anthesis to ripe. */
  ripening: number
  /** Usual days to maturity from transplanting, d †. */
  daysToMaturity: number
  /** g. */
  fruitMass: number
}

/** † Defaults by fruit type, per plant, well grown: °C d, d, g. */
const FRUIT: Record<FruitType, TypeTraits> = {
  cherry: { ripening: 480, daysToMaturity: 62, fruitMass: 16 },
  saladette: { ripening: 520, daysToMaturity: 70, fruitMass: 60 },
  slicer: { ripening: 560, daysToMaturity: 75, fruitMass: 150 },
  beefsteak: { ripening: 620, daysToMaturity: 82, fruitMass: 320 },
  paste: { ripening: 540, daysToMaturity: 74, fruitMass: 80 },
  bell: { ripening: 650, daysToMaturity: 72, fruitMass: 170 },
  'sweet-long': { ripening: 620, daysToMaturity: 78, fruitMass: 90 },
  'hot-small': { ripening: 600, daysToMaturity: 78, fruitMass: 12 },
  'hot-large': { ripening: 620, daysToMaturity: 78, fruitMass: 45 },
}

/** † A bush slicer ripens a little sooner than a vine's; a dwarf's fruit are a bush slicer's size. */
const BUSH_RIPENING = 540
const BELL_GREEN_RIPENING = 430

/** Degree-days a packet's day stands for; the least from transplanting to first flower, °C d †. */
const DEGREE_DAYS_A_DAY = 11.5
const LEAST_TO_FLOWER = 120
/** Days that a packet counting from sowing includes before transplanting. */
const DAYS_IN_THE_TRAY = 45

/** What a cultivar's thermal calendar is, °C d over base 10. */
export interface ThermalTraits {
  /** From transplanting, hardened, to first flower. */
  toFirstFlower: number
  /** From anthesis to ripe in its own colour. */
  ripening: number
}

/** Degree-days from anthesis to ripe in the cultivar's own colour. */
function ripeningSum({ crop, habit, fruit }: Cultivar): number {
  const isBush = crop === 'tomato' && habit !== 'indeterminate' && habit !== 'dwarf'
  return isBush && fruit === 'slicer' ? BUSH_RIPENING : FRUIT[fruit].ripening
}

/**
 * A cultivar's thermal calendar, from its type and from the days to maturity on its packet.
 *
 * @throws RangeError when days to maturity is not from 30 to 200
 */
export function thermalTraits(cultivar: Cultivar): ThermalTraits {
  const ripening = ripeningSum(cultivar)
  const stated = cultivar.daysToMaturity
  const counted = stated ?? FRUIT[cultivar.fruit].daysToMaturity
  requireInRange('daysToMaturity', counted, 30, 200)
  const days = stated !== null && cultivar.maturityFrom === 'sowing' ? counted - DAYS_IN_THE_TRAY : counted
  // A bell's packet counts to the green fruit.
  const toPicking = cultivar.fruit === 'bell' ? BELL_GREEN_RIPENING : ripening
  return { toFirstFlower: Math.max(LEAST_TO_FLOWER, days * DEGREE_DAYS_A_DAY - toPicking), ripening }
}

/** † What a type bears in heat beyond its crop, °C; others bear as much as their crop. */
const HEAT_SHIFT: Partial<Record<FruitType, number>> = {
  cherry: 1.5,
  saladette: 0.5,
  beefsteak: -0.5,
  'hot-small': 2,
}

/** °C that the hot limits of fruit set are shifted by for this type. */
export const heatShift = ({ fruit }: Pick<Cultivar, 'fruit'>): number => HEAT_SHIFT[fruit] ?? 0

/** † Proneness to blossom-end rot, 0–1. */
const ROT: Record<FruitType, number> = {
  cherry: 0.1,
  saladette: 0.4,
  slicer: 0.5,
  beefsteak: 0.5,
  paste: 1,
  bell: 0.6,
  'sweet-long': 0.5,
  'hot-small': 0.1,
  'hot-large': 0.5,
}

/** How prone a type is to blossom-end rot, 0–1. */
export const rotProneness = ({ fruit }: Pick<Cultivar, 'fruit'>): number => ROT[fruit]

/** A bush stops by itself and is pruned as one: determinate, semi-determinate and dwarf. */
export function isBush({ crop, habit }: Pick<Cultivar, 'crop' | 'habit'>): boolean {
  return crop === 'tomato' && habit !== 'indeterminate'
}

/** Mass of a grown fruit, kg †. */
export function fruitMass({ fruit }: Pick<Cultivar, 'fruit'>): number {
  return FRUIT[fruit].fruitMass / 1000
}
