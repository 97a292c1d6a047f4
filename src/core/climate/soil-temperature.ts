import { requireInRange } from '../guard'
import type { IsoDate } from '../calendar'
import { indexOf, type DailySeries } from './series'

export const MULCHES = ['bare', 'straw', 'grass', 'dark-film', 'clear-film'] as const
export type Mulch = (typeof MULCHES)[number]

/** What lies over and around the soil. */
export interface SoilSurroundings {
  body: 'ground' | 'raised' | 'container'
  mulch: Mulch
  underCover: boolean
}

/** One text for equal surroundings. */
export const surroundingsKey = (around: SoilSurroundings) =>
  [around.body, around.mulch, around.underCover].join()

export const OPEN_GROUND: SoilSurroundings = { body: 'ground', mulch: 'bare', underCover: false }

/** † What each adds to the temperature of open ground, °C. Against: usual figures of mulch and film. */
const RAISED = 1
const UNDER_COVER = 4
const MULCH: Record<Mulch, number> = { bare: 0, straw: -1.5, grass: -1.5, 'dark-film': 2.5, 'clear-film': 4 }

/** † E-folding time of soil behind air, d, by depth, m. Against: phase lag of the yearly wave. */
const LAGS = [
  { depth: 0.05, lag: 2 },
  { depth: 0.15, lag: 5 },
  { depth: 0.25, lag: 9 },
] as const
const CONTAINER_LAG = 1
/** E-folding time of a thermometer's correction, d. */
const READING_FADES = 10

/** A thermometer in the soil: depth in m, temperature in °C. */
export interface SoilReading {
  date: IsoDate
  depth: number
  temperature: number
}

function lagAt(depth: number): number {
  const [first, middle, last] = LAGS
  if (depth <= first.depth) return first.lag
  const [above, below] = depth <= middle.depth ? [first, middle] : [middle, last]
  return above.lag + ((depth - above.depth) / (below.depth - above.depth)) * (below.lag - above.lag)
}

/**
 * Soil temperature at a depth for every day of a series: air's daily mean, smoothed and delayed, with what
 * bed, mulch and cover add, brought to the gardener's own thermometer where it was read.
 *
 * @param depth m below the surface, 0–1
 * @param readings thermometer readings in this place; each holds from its day on and fades
 * @returns °C, a value a day
 * @throws RangeError when depth is out of range
 */
export function soilTemperatures(
  air: DailySeries,
  depth: number,
  surroundings: SoilSurroundings = OPEN_GROUND,
  readings: readonly SoilReading[] = [],
): Float64Array {
  requireInRange('depth', depth, 0, 1)
  const warmed = warmthOver(air, surroundings)
  const lagOf = (at: number) => (surroundings.body === 'container' ? CONTAINER_LAG : lagAt(at))
  const estimate = smoothed(warmed, lagOf(depth))

  const inOrder = [...readings].sort((a, b) => (a.date < b.date ? -1 : 1))
  const corrected = Float64Array.from(estimate)
  for (const reading of inOrder) {
    const at = indexOf(air, reading.date)
    if (at < 0 || at >= air.days) continue
    const off = reading.temperature - smoothed(warmed, lagOf(reading.depth))[at]!
    for (let day = at; day < air.days; day++)
      corrected[day] = estimate[day]! + off * Math.exp(-(day - at) / READING_FADES)
  }
  return corrected
}

/**
 * † What the sun adds to bare open ground, °C, for each MJ m⁻² d⁻¹ over so many, at the most. Against: bare
 * ground 1–2 °C over the air in sunny spring.
 */
const SUN = { each: 0.08, over: 10, most: 2 }

/** What the soil's surface follows, a value a day: the air's daily mean, with what bed, mulch, cover and sun add. */
function warmthOver({ tmin, tmax, solar, days }: DailySeries, around: SoilSurroundings): Float64Array {
  const { body, mulch, underCover } = around
  const added = MULCH[mulch] + (body === 'raised' ? RAISED : 0) + (underCover ? UNDER_COVER : 0)
  const isBare = mulch === 'bare' && !underCover && body !== 'container'
  const warmed = new Float64Array(days)
  for (let day = 0; day < days; day++) {
    const sun = isBare ? Math.min(SUN.most, Math.max(0, SUN.each * (solar[day]! - SUN.over))) : 0
    warmed[day] = (tmin[day]! + tmax[day]!) / 2 + added + sun
  }
  return warmed
}

/** Exponentially weighted mean, begun at the mean of the first days. */
function smoothed(values: Float64Array, lag: number): Float64Array {
  const result = new Float64Array(values.length)
  const weight = 1 - Math.exp(-1 / lag)
  const begin = Math.min(values.length, Math.ceil(lag))
  let value = 0
  for (let day = 0; day < begin; day++) value += values[day]! / begin
  for (let day = 0; day < values.length; day++) {
    value += weight * (values[day]! - value)
    result[day] = value
  }
  return result
}
