import { requireFinite, requireInRange } from '../guard'
import { dewPointOf, type HumidDay } from './humidity'
import { hourlyTemperatures } from './thermal-time'
import { saturationPressure, saturationTemperature } from './vapour'
import { wetnessSeverity, type Severity } from './wetness-severity'

/** A day that wets leaves: °C and mm. */
export interface WettingDay extends HumidDay {
  rain: number
  /** Hours of rain where they are known, 0–24; else worked out from the amount. */
  rainHours?: number
}

/** Hours of a day, 0–24, and their mean temperature; null: no hour was wet. */
export interface LeafWetness {
  hours: number
  meanTemperature: number | null
  /** Hours at a relative humidity of 90 % or more. */
  humidHours: number
}

/** Leaves are wet from this relative humidity on, as a share, and so long after rain, h. */
const WET_HUMIDITY = 0.9
const WET_AFTER_RAIN = 2
/** Rain under this, mm, is dew by another name. */
const LEAST_RAIN = 0.1

/** † Hours that so much rain falls for, mm: clamp(1 + mm / 3, 1, 12). Against: nothing measured yet. */
export function rainHours(rain: number): number {
  requireInRange('rain', rain, 0, 2000)
  return rain < LEAST_RAIN ? 0 : Math.min(12, 1 + rain / 3)
}

/**
 * How long leaves are wet on a day: while the air is at 90 % humidity, while it rains and two hours after.
 * Rain falls in the night, from midnight on, unless its hours are known.
 *
 * @throws RangeError when a number is out of range
 */
export function leafWetness(day: WettingDay, arid = false): LeafWetness {
  requireFinite('tmax', day.tmax)
  const fell = day.rainHours ?? rainHours(day.rain)
  requireInRange('rainHours', fell, 0, 24)
  const wetFromRain = fell > 0 ? Math.min(24, Math.round(fell) + WET_AFTER_RAIN) : 0
  // RH ≥ 90 % is T at or below the temperature that the day's vapour saturates at 90 %.
  const dampBelow = saturationTemperature(saturationPressure(dewPointOf(day, arid)) / WET_HUMIDITY)
  let [hours, sum, humidHours] = [0, 0, 0]
  const temperatures = hourlyTemperatures(day)
  for (let hour = 0; hour < 24; hour++) {
    const at = temperatures[hour]!
    const humid = at <= dampBelow
    if (humid) humidHours++
    if (!humid && hour >= wetFromRain) continue
    hours++
    sum += at
  }
  return { hours, meanTemperature: hours === 0 ? null : sum / hours, humidHours }
}

/** Early-blight severity value of a day, see {@link wetnessSeverity}. @throws RangeError see {@link leafWetness} */
export function earlyBlightSeverity(day: WettingDay, arid = false): Severity {
  const { hours, meanTemperature } = leafWetness(day, arid)
  return meanTemperature === null ? 0 : wetnessSeverity(hours, meanTemperature)
}

/** A day of the late-blight warning: Tmin at least this, °C, and so many hours at 90 % humidity. */
const BLIGHT_NIGHT = 10
const BLIGHT_HOURS = 6

/** Whether a day is mild and humid enough to be one of two running that make late-blight weather. */
export const isBlightDay = (day: WettingDay, arid = false): boolean =>
  day.tmin >= BLIGHT_NIGHT && leafWetness(day, arid).humidHours >= BLIGHT_HOURS

/**
 * On which days late blight threatens: two days running, each with Tmin of 10 °C or more and at least six hours
 * at a relative humidity of 90 % or more [Hutton criteria, Dancey et al. 2017].
 *
 * @param days consecutive days
 * @returns true on the second day of such a pair and on every further one
 * @throws RangeError see {@link leafWetness}
 */
export function lateBlightWarnings(days: readonly WettingDay[], arid = false): boolean[] {
  const suits = days.map((day) => isBlightDay(day, arid))
  return suits.map((both, index) => both && index > 0 && suits[index - 1]!)
}
