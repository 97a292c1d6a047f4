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

/**
 * Thermal-time limits, °C. A tomato's base is 6: its fruit take 95, 65, 46 and 42 days at 14, 18, 22 and 26 °C
 * [Adams, Cockshull & Cave 2001], which a base of 10 puts at 140, 70, 47 and 35.
 */
export const THERMAL_LIMITS: Record<Crop, { base: number; upper: number }> = {
  tomato: { base: 6, upper: 26 },
  pepper: { base: 10, upper: 32 },
}

/** What follows from the type of a cultivar. */
interface TypeTraits {
  /** °C d over the crop's base from anthesis to ripe. */
  ripening: number
  /** Usual days to maturity from transplanting, d. */
  daysToMaturity: number
  /** g. */
  fruitMass: number
}

/**
 * † Defaults by fruit type, per plant, well grown: °C d, d, g. Against: twelve packets in four climates,
 * within 10 %.
 */
const FRUIT: Record<FruitType, TypeTraits> = {
  cherry: { ripening: 670, daysToMaturity: 62, fruitMass: 16 },
  saladette: { ripening: 730, daysToMaturity: 70, fruitMass: 60 },
  slicer: { ripening: 785, daysToMaturity: 75, fruitMass: 150 },
  beefsteak: { ripening: 870, daysToMaturity: 82, fruitMass: 320 },
  paste: { ripening: 755, daysToMaturity: 74, fruitMass: 80 },
  bell: { ripening: 650, daysToMaturity: 72, fruitMass: 170 },
  'sweet-long': { ripening: 620, daysToMaturity: 78, fruitMass: 90 },
  'hot-small': { ripening: 600, daysToMaturity: 78, fruitMass: 12 },
  'hot-large': { ripening: 620, daysToMaturity: 78, fruitMass: 45 },
}

/** However few its packet's days, a fruit wants this share of its type's sum. */
const LEAST_RIPENING = 0.7
/** A bush slicer ripens a little sooner than a vine's; a dwarf's fruit are a vine slicer's. */
const BUSH_RIPENING = 755
/**
 * † °C d from anthesis to a fruit that is picked green; what has none is picked in its own colour. Against:
 * green and coloured picking dates of extension calendars.
 */
const GREEN: Partial<Record<FruitType, number>> = { bell: 430, 'sweet-long': 410, 'hot-large': 410 }

/**
 * † What the packet's days stand for: °C d a day, days from sowing to planting out where it counts from sowing, the
 * least °C d from emergence to the first flower, and the most of the whole that ripening takes. Against:
 * packets of 52–90 days on the warm plain.
 */
const PACKET: Record<Crop, { aDay: number; inTray: number; leastToFlower: number; mostRipening: number }> = {
  tomato: { aDay: 15.5, inTray: 45, leastToFlower: 426, mostRipening: 0.8 },
  pepper: { aDay: 11.5, inTray: 63, leastToFlower: 400, mostRipening: 1 },
}
/**
 * † °C d that a plant has grown since it came up when it is planted out, as packets take it: 38 and 57 days in
 * a tray. Against: transplants of 38 and 57 days.
 */
export const STANDARD_GROWTH: Record<Crop, number> = { tomato: 330, pepper: 340 }
/**
 * † °C d lost to planting out, of a plant that was hardened and of one that was not. Against: nothing measured
 * yet.
 */
const CHECK: Record<Crop, { hardened: number; soft: number }> = {
  tomato: { hardened: 80, soft: 140 },
  pepper: { hardened: 70, soft: 120 },
}

/** °C d of growth that planting out costs a plant. */
export const transplantCheck = (crop: Crop, isHardened = true): number =>
  isHardened ? CHECK[crop].hardened : CHECK[crop].soft

/** A cultivar's thermal calendar, °C d over the crop's base. */
export interface ThermalTraits {
  /** From emergence to the first open flower, wherever the plant stands; planting out is lost on top. */
  fromEmergence: number
  /** From planting out a standard plant, hardened, to the first open flower. */
  toFirstFlower: number
  /** From anthesis to a fruit that can be picked green; null: it is picked in its own colour only. */
  toGreen: number | null
  /** From anthesis to ripe in its own colour. */
  ripening: number
}

/** Degree-days from anthesis to ripe in the type's own colour. */
function ripeningSum({ crop, habit, fruit }: Cultivar): number {
  const isBush = crop === 'tomato' && habit !== 'indeterminate' && habit !== 'dwarf'
  return isBush && fruit === 'slicer' ? BUSH_RIPENING : FRUIT[fruit].ripening
}

/**
 * A cultivar's thermal calendar, from its type and from the days to maturity on its packet: calendar, drawing,
 * pruning and harvest go by it.
 *
 * @throws RangeError when days to maturity is not from 30 to 200
 * @example thermalTraits(USUAL_VINE) // 75 × 15.5 = 1,162.5 °C d from planting out: 377.5 to the flower, then 785
 */
export function thermalTraits(cultivar: Cultivar): ThermalTraits {
  const { crop, fruit } = cultivar
  const { aDay, inTray, leastToFlower, mostRipening } = PACKET[crop]
  const stated = cultivar.daysToMaturity
  const counted = stated ?? FRUIT[fruit].daysToMaturity
  requireInRange('daysToMaturity', counted, 30, 200)
  const days = stated !== null && cultivar.maturityFrom === 'sowing' ? counted - inTray : counted
  const whole = Math.max(0, days) * aDay
  // A cultivar that is early in all ripens early too.
  const least = leastToFlower - STANDARD_GROWTH[crop] + CHECK[crop].hardened
  const usual = ripeningSum(cultivar)
  const ripening = Math.min(usual, Math.max(LEAST_RIPENING * usual, mostRipening * whole))
  const toGreen = GREEN[fruit] ?? null
  const toFirstFlower = Math.max(least, whole - (toGreen ?? ripening))
  return {
    fromEmergence: toFirstFlower - CHECK[crop].hardened + STANDARD_GROWTH[crop],
    toFirstFlower,
    toGreen,
    ripening,
  }
}

/**
 * † What a type bears in heat beyond its crop, °C; others bear as much as their crop. Against: cherries set on
 * in heat where slicers stop.
 */
const HEAT_SHIFT: Partial<Record<FruitType, number>> = {
  cherry: 1.5,
  saladette: 0.5,
  beefsteak: -0.5,
  'hot-small': 2,
}

/** °C that the hot limits of fruit set are shifted by for this type. */
export const heatShift = ({ fruit }: Pick<Cultivar, 'fruit'>): number => HEAT_SHIFT[fruit] ?? 0

/** † Proneness to blossom-end rot, 0–1. Against: paste types rot most, cherries least. */
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

/** Days to maturity from transplanting that a type's packets usually say. */
export const usualMaturity = ({ fruit }: Pick<Cultivar, 'fruit'>): number => FRUIT[fruit].daysToMaturity

/** Mass of a grown fruit, kg. */
export function fruitMass({ fruit }: Pick<Cultivar, 'fruit'>): number {
  return FRUIT[fruit].fruitMass / 1000
}
