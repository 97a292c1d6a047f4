import { degreeDays } from '../climate'
import { requireFinite, requireInRange } from '../guard'
import { THERMAL_LIMITS, type Crop } from './traits'

/** One day of growth: °C d over base 10, the temperatures that flowers see, °C, and the pace, 0–1, 1 where none. */
export interface GrowthDay {
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
  /** It had its days outside before; else its roots lose more. */
  hardened?: boolean
}

/** † A day of raising under cover: °C d, and °C at night and by day. */
export const RAISED_DAY: GrowthDay = { degreeDays: 6, tmin: 16, tmax: 21 }

/** † °C d lost to setting out. */
const CHECK = { hardened: 70, soft: 120 }
/** † Growth slows under a mean of 12 °C, to nothing at 5, and over a maximum of 32 °C by a twentieth a degree. */
const COLD = { slows: 12, stops: 5 }
const HEAT = { slows: 32, aDegree: 0.05, least: 0.4 }
/** † Shade slows from half of the open light on. */
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
  const mean = (tmin + tmax) / 2
  const cold = clamp((mean - COLD.stops) / (COLD.slows - COLD.stops), 0, 1)
  const heat = clamp(1 - (tmax - HEAT.slows) * HEAT.aDegree, HEAT.least, 1)
  const shade = clamp(SHADE.least + (light / SHADE.slows) * (1 - SHADE.least), SHADE.least, 1)
  return {
    degreeDays: degreeDays({ tmin, tmax }, THERMAL_LIMITS[crop]),
    tmin,
    tmax,
    pace: cold * heat * shade * water,
  }
}
const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value))

/** °C d that have come together by the end of each day, without those that setting out costs. */
export function runningGrowth(days: readonly GrowthDay[], setOut: SetOut | null): number[] {
  const check = setOut?.hardened === false ? CHECK.soft : CHECK.hardened
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
