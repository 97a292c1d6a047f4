import { degreeDays } from '../climate'
import { requireFinite, requireInRange } from '../guard'
import { THERMAL_LIMITS, type Crop, type ThermalTraits } from './traits'

/** How well a plant is off on a day: share of the leaf that it could grow, and of the flowers that could set, 0–1. */
export interface Vigour {
  leaf: number
  set: number
}

/**
 * One day of growth: °C d over the crop's base, the temperatures that flowers see, °C, the pace, 0–1, 1 where none, and how
 * well it is off; whole where not said.
 */
export interface GrowthDay extends Partial<Vigour> {
  degreeDays: number
  tmin: number
  tmax: number
  pace?: number
}

/** How a plant went into the ground. */
export interface SetOut {
  day: number
  stemBuried: number
  leavesStripped: number
  /** °C d of growth lost to it; a hardened plant's unless said. */
  check?: number
}

/**
 * † A day of raising under cover, °C at night and by day; light limits what its warmth brings to a share of
 * it. Against: the usual warmth of a nursery, 16 to 18 °C by night and 21 by day.
 */
const RAISED = { tmin: 16, tmax: 21 }
const RAISED_SHARE = 0.7
/**
 * † °C d before its first flower at which a plant in its tray waits: there its roots have no more room.
 * Against: nothing measured yet.
 */
const WAITS_BEFORE_FLOWER = 60

/** A day in a tray: 8.7 °C d of a tomato, 6 of a pepper. */
export const raisedDay = (crop: Crop): GrowthDay => RAISED_DAYS[crop]
const RAISED_DAYS: Record<Crop, GrowthDay> = {
  tomato: { ...RAISED, degreeDays: RAISED_SHARE * degreeDays(RAISED, THERMAL_LIMITS.tomato) },
  pepper: { ...RAISED, degreeDays: RAISED_SHARE * degreeDays(RAISED, THERMAL_LIMITS.pepper) },
}

/** °C d since emergence of a plant after so many days more in its tray or pot, where it goes no further than its bud. */
export function raisedGrowth(
  { fromEmergence }: ThermalTraits,
  crop: Crop,
  from: number,
  days: number,
): number {
  const grown = from + Math.max(0, days) * RAISED_DAYS[crop].degreeDays
  return Math.max(from, Math.min(grown, fromEmergence - WAITS_BEFORE_FLOWER))
}

/**
 * † Growth slows under a mean of 12 °C, to nothing at 5, and over a maximum of 32 °C by a twentieth a degree.
 * Against: ripening at 14 to 26 °C [Adams, Cockshull & Cave 2001]; beyond it nothing measured yet.
 */
const COLD = { slows: 12, stops: 5 }
const HEAT = { slows: 32, aDegree: 0.05, least: 0.4 }
/** † Shade slows from half of the open light on. Against: nothing measured yet. */
const SHADE = { slows: 0.5, least: 0.3 }

/**
 * A day as a plant of the crop meets it: its degree-days, slowed by cold, heat, drought and shade.
 *
 * @param water coefficient of water stress Ks, 0–1 [FAO-56 eq. 84]; 1: it has enough
 * @param light share of the open sky's, 0–1
 * @throws RangeError when water or light is not from 0 to 1
 * @example growthDay({ tmin: 15, tmax: 25 }, 'tomato').pace // 1
 */
export function growthDay(
  { tmin, tmax }: { tmin: number; tmax: number },
  crop: Crop,
  { water = 1, light = 1 }: { water?: number; light?: number } = {},
): GrowthDay {
  requireInRange('water', water, 0, 1)
  requireInRange('light', light, 0, 1)
  const shade = clamp(SHADE.least + (light / SHADE.slows) * (1 - SHADE.least), SHADE.least, 1)
  return {
    degreeDays: degreeDays({ tmin, tmax }, THERMAL_LIMITS[crop]),
    tmin,
    tmax,
    pace: warmthPace(tmin, tmax, crop) * shade * water,
  }
}

/**
 * What cold and heat leave of a day's growth, 0–1. A tomato's degree-days stop rising at 26 °C: its heat is counted
 * there already.
 */
export function warmthPace(tmin: number, tmax: number, crop: Crop): number {
  const mean = (tmin + tmax) / 2
  const cold = clamp((mean - COLD.stops) / (COLD.slows - COLD.stops), 0, 1)
  if (crop === 'tomato') return cold
  return cold * clamp(1 - (tmax - HEAT.slows) * HEAT.aDegree, HEAT.least, 1)
}
const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value))

/** °C d that have come together by the end of each day, without the `check` that setting out costs. */
export function runningGrowth(days: readonly GrowthDay[], setOut: SetOut | null, check: number): number[] {
  let [sum, lost] = [0, 0]
  return days.map(({ degreeDays: gained, tmin, tmax, pace = 1 }, day) => {
    // The names of what is wrong are put together only when something is.
    if (!Number.isFinite(gained + tmin + tmax) || !(pace >= 0 && pace <= 1)) {
      requireFinite(`days[${day}].degreeDays`, gained)
      requireFinite(`days[${day}].tmin`, tmin)
      requireFinite(`days[${day}].tmax`, tmax)
      requireInRange(`days[${day}].pace`, pace, 0, 1)
    }
    const grown = gained * pace
    const stalls = setOut !== null && day >= setOut.day ? Math.min(grown, check - lost) : 0
    lost += stalls
    return (sum += grown - stalls)
  })
}

/** The first day by whose end so many °C d have come together. */
export function dayReachedBy(running: readonly number[], wanted: number): number {
  let [low, high] = [0, running.length - 1]
  while (low < high) {
    const middle = (low + high) >> 1
    if (running[middle]! >= wanted) high = middle
    else low = middle + 1
  }
  return low
}

/** Share of its leaf that a plant grew between two sums of °C d, 0–1; whole where none of the days says otherwise. */
export function leafGrownBy(
  days: readonly GrowthDay[],
  running: readonly number[],
): (from: number, to: number) => number {
  if (days.every(({ leaf = 1 }) => leaf === 1)) return () => 1
  // °C d in which it grew leaf, by the end of each day.
  let sum = 0
  const grown = days.map(({ leaf = 1 }, day) => (sum += (running[day]! - (running[day - 1] ?? 0)) * leaf))
  const upTo = (degreeDays: number) => {
    const day = dayReachedBy(running, degreeDays)
    const [before, after] = [running[day - 1] ?? 0, running[day] ?? 0]
    const share = after > before ? Math.min(1, Math.max(0, (degreeDays - before) / (after - before))) : 1
    return (grown[day - 1] ?? 0) + ((grown[day] ?? 0) - (grown[day - 1] ?? 0)) * share
  }
  return (from, to) => (to > from ? (upTo(to) - upTo(from)) / (to - from) : 1)
}
