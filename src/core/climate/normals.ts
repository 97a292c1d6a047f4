import { requireInRange } from '../guard'
import { remembered } from '../memo'

/** What a month is like on average. */
export interface MonthNormal {
  /** Mean daily minimum, °C. */
  tmin: number
  /** Mean daily maximum, °C. */
  tmax: number
  /** Rain in the month, mm. */
  rain: number
  /** Days with at least 1 mm. */
  wetDays: number
  /** Mean dew point, °C. */
  dewPoint: number
  /** Mean wind at 2 m, m/s. */
  wind: number
  /** Mean solar radiation, MJ m⁻² d⁻¹. */
  solar: number
}

/** January to December. */
export type Normals = readonly MonthNormal[]

/** What a number of a month may be: also what a person's entry is held to. */
export const NORMAL_BOUNDS: Record<keyof MonthNormal, readonly [low: number, high: number]> = {
  tmin: [-60, 45],
  tmax: [-50, 55],
  rain: [0, 2000],
  wetDays: [0, 31],
  dewPoint: [-60, 35],
  wind: [0, 25],
  solar: [0, 45],
}

const MONTH_LENGTHS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

/** @throws RangeError unless there are twelve months, each within its bounds and with Tmin below Tmax. */
export function requireNormals(normals: Normals): Normals {
  if (normals.length !== 12) throw new RangeError(`normals must hold twelve months, not ${normals.length}`)
  normals.forEach((month, index) => {
    for (const field of Object.keys(NORMAL_BOUNDS) as (keyof MonthNormal)[])
      requireInRange(`normals[${index}].${field}`, month[field], ...NORMAL_BOUNDS[field])
    if (month.tmin >= month.tmax)
      throw new RangeError(`normals[${index}].tmin must be below tmax ${month.tmax}, not ${month.tmin}`)
  })
  return normals
}

/** Each column holds a value for day of the year 1 to 365, at index 0 to 364. */
export type DailyNormals = Record<keyof MonthNormal, Float64Array>

/**
 * The expectation of every day of the year: smooth, and with each month's mean kept
 * [Rymes & Myers 2001, Solar Energy 71:225–231]. Rain and wet days are per day.
 *
 * @throws RangeError see {@link requireNormals}
 */
export const dailyNormals = (normals: Normals): DailyNormals =>
  remembered(normals, 'daily normals', () => smoothed(normals))

function smoothed(normals: Normals): DailyNormals {
  requireNormals(normals)
  const column = (field: keyof MonthNormal, perDay: boolean, floor = -Infinity) =>
    smooth(
      normals.map((month, index) => (perDay ? month[field] / MONTH_LENGTHS[index]! : month[field])),
      floor,
    )
  const daily: DailyNormals = {
    tmin: column('tmin', false),
    tmax: column('tmax', false),
    rain: column('rain', true, 0),
    wetDays: column('wetDays', true, 0),
    dewPoint: column('dewPoint', false),
    wind: column('wind', false, 0),
    solar: column('solar', false, 0),
  }
  // Between a month and one far from it, smoothing may carry the low over the high.
  for (let day = 0; day < 365; day++)
    if (daily.tmin[day]! > daily.tmax[day]!)
      daily.tmin[day] = daily.tmax[day] = (daily.tmin[day]! + daily.tmax[day]!) / 2
  return daily
}

const ROUNDS = 365
const MONTH_OF_DAY = Uint8Array.from(
  MONTH_LENGTHS.flatMap((length, month) => Array<number>(length).fill(month)),
)

/** Steps smoothed by a three-day mean, again and again, each time lifted back to its month's mean. */
function smooth(months: number[], floor: number): Float64Array {
  let days = Float64Array.from(MONTH_OF_DAY, (month) => months[month]!)
  let next = new Float64Array(365)
  const lift = new Float64Array(12)
  for (let round = 0; round < ROUNDS; round++) {
    lift.fill(0)
    for (let day = 0; day < 365; day++) {
      const before = days[day === 0 ? 364 : day - 1]!
      const after = days[day === 364 ? 0 : day + 1]!
      next[day] = (before + days[day]! + after) / 3
      lift[MONTH_OF_DAY[day]!]! += next[day]!
    }
    for (let month = 0; month < 12; month++)
      lift[month] = months[month]! - lift[month]! / MONTH_LENGTHS[month]!
    for (let day = 0; day < 365; day++) next[day] = Math.max(floor, next[day]! + lift[MONTH_OF_DAY[day]!]!)
    ;[days, next] = [next, days]
  }
  return days
}

/** The same months half a year on: a northern climate's seasons for a southern garden, and the reverse. */
export function turnSeasons(normals: Normals): Normals {
  return normals.map((_, month) => normals[(month + 6) % 12]!)
}

/** Every temperature shifted by so many °C, as far as its bounds. */
export function shiftTemperatures(normals: Normals, by: number): Normals {
  const shifted = (field: 'tmin' | 'tmax' | 'dewPoint', value: number) => {
    const [low, high] = NORMAL_BOUNDS[field]
    return Math.max(low, Math.min(high, value + by))
  }
  return normals.map((month) => ({
    ...month,
    tmin: shifted('tmin', month.tmin),
    tmax: shifted('tmax', month.tmax),
    dewPoint: shifted('dewPoint', month.dewPoint),
  }))
}

/** Index 0–364 of the coldest and the warmest day of the expected year, by mean temperature. */
export function turningDays(normals: Normals): { coldest: number; warmest: number } {
  const { tmin, tmax } = dailyNormals(normals)
  let [coldest, warmest] = [0, 0]
  for (let day = 1; day < 365; day++) {
    const mean = tmin[day]! + tmax[day]!
    if (mean < tmin[coldest]! + tmax[coldest]!) coldest = day
    if (mean > tmin[warmest]! + tmax[warmest]!) warmest = day
  }
  return { coldest, warmest }
}
