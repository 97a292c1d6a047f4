import { requireFinite } from '../guard'
import { hargreavesEvapotranspiration } from './evapotranspiration'
import type { Normals } from './normals'
import { hourlyTemperatures } from './thermal-time'
import { actualPressure, saturationPressure, saturationTemperature } from './vapour'

/** What a day's air moisture is read from: °C. */
export interface HumidDay {
  tmin: number
  tmax: number
  /** Measured; else Tmin stands for it. */
  dewPoint?: number
}

/** °C that the dew point lies below Tmin where the land is too dry for dew [FAO-56, annex 6: 2 to 3]. */
const ARID_DEPRESSION = 2.5

/**
 * Dew point of a day: measured, else Tmin [FAO-56 eq. 48], 2.5 °C less in an arid month.
 *
 * @returns °C
 * @throws RangeError when a temperature is not finite
 */
export function dewPointOf({ tmin, dewPoint }: HumidDay, arid = false): number {
  requireFinite('tmin', tmin)
  if (dewPoint === undefined) return arid ? tmin - ARID_DEPRESSION : tmin
  requireFinite('dewPoint', dewPoint)
  return dewPoint
}

/**
 * Relative humidity at the middle of each hour, from the day's dew point and the hour's temperature.
 *
 * @returns 24 values, %, at most 100
 * @throws RangeError when a temperature is not finite
 */
export function hourlyHumidity(day: HumidDay, arid = false): number[] {
  requireFinite('tmax', day.tmax)
  const vapour = saturationPressure(dewPointOf(day, arid))
  return hourlyTemperatures(day).map((at) => Math.min(100, (100 * vapour) / saturationPressure(at)))
}

/**
 * Dew point from measured relative humidity, %: FAO-56 eq. 17 from both extremes, eq. 18 from the highest, eq. 19
 * from the mean.
 *
 * @returns °C; null where the air holds nothing
 * @throws RangeError when a number is out of range
 */
export function dewPointFromHumidity(
  day: { tmin: number; tmax: number } & ({ rhMean: number } | { rhMax: number; rhMin?: number }),
): number | null {
  const pressure = actualPressure(day)
  return pressure <= 0 ? null : saturationTemperature(pressure)
}

/** A month is arid where rain is less than this share of reference evapotranspiration [UNEP 1992]. */
const ARID_SHARE = 0.2
const MIDDLE_OF_MONTH = [16, 46, 75, 105, 136, 166, 197, 228, 258, 289, 319, 350]
const DAYS_A_MONTH = 30.4

/** Which months are too dry for dew, January first. @throws RangeError when the latitude is out of range */
export function aridMonths(normals: Normals, latitude: number): boolean[] {
  return normals.map(({ tmin, tmax, rain }, month) => {
    const dayOfYear = MIDDLE_OF_MONTH[month]!
    const evaporated = hargreavesEvapotranspiration({ latitude, dayOfYear, tmin, tmax }) * DAYS_A_MONTH
    return rain < ARID_SHARE * evaporated
  })
}
