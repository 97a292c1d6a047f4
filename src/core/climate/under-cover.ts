import { emptySeries, settled, type DailySeries } from './series'
import { requireFinite } from '../guard'

/**
 * † What a tunnel or greenhouse adds to the air by day, shut and vented, and by night, °C. Against: usual
 * figures of an unheated tunnel.
 */
const SHUT = 8
const VENTED = 2
const NIGHT = 1.5
/** Opened before the inside passes this, shut before it falls to that, °C. */
export const OPEN_BEFORE = 27
export const SHUT_BEFORE = 12
/** °C about the plants from which shade cloth of 30–40 % is hung. */
export const SHADE_FROM = 35
/** Shares of sun and wind that come in. */
const SOLAR_INSIDE = 0.75
const WIND_INSIDE = 0.2

/** A day under cover, well run: °C inside; hours of the day, 0–24. */
export interface CoverDay {
  tmin: number
  tmax: number
  /** When to open; null: it stays shut. */
  opens: number | null
  /** When to shut; null: it stays open through the night, or was never opened. */
  shuts: number | null
  shade: boolean
}

/** °C inside by day when it is opened in time. */
const insideHigh = (tmax: number) =>
  tmax + SHUT <= OPEN_BEFORE ? tmax + SHUT : Math.max(OPEN_BEFORE, tmax + VENTED)

/**
 * What a day is like under cover, and when to open and shut: opened before the inside passes 27 °C, shut before
 * it falls to 12.
 *
 * @param outside °C
 * @throws RangeError when a temperature is not finite or tmin is over tmax
 */
export function coverDay(outside: { tmin: number; tmax: number }): CoverDay {
  requireFinite('tmin', outside.tmin)
  requireFinite('tmax', outside.tmax)
  if (outside.tmin > outside.tmax)
    throw new RangeError(`tmin must not be over tmax ${outside.tmax}, not ${outside.tmin}`)
  const tmax = insideHigh(outside.tmax)
  const mustOpen = outside.tmax + SHUT > OPEN_BEFORE
  const opens = mustOpen ? (hours().find((hour) => shutInside(outside, hour) > OPEN_BEFORE) ?? null) : null
  const shuts =
    opens === null
      ? null
      : (hours().find((hour) => hour > 15 && outsideAt(outside, hour) + VENTED <= SHUT_BEFORE) ?? null)
  return { tmin: outside.tmin + NIGHT, tmax, opens, shuts, shade: tmax >= SHADE_FROM }
}

/** Half hours from the coldest of the morning to midnight. */
const hours = () => Array.from({ length: 42 }, (_, half) => 3 + half / 2)
const sine = (hour: number) => Math.sin((2 * Math.PI * (hour - 9)) / 24)
const outsideAt = ({ tmin, tmax }: { tmin: number; tmax: number }, hour: number) =>
  (tmin + tmax) / 2 + ((tmax - tmin) / 2) * sine(hour)
const shutInside = (outside: { tmin: number; tmax: number }, hour: number) =>
  outsideAt(outside, hour) + NIGHT + (SHUT - NIGHT) * Math.max(0, sine(hour))

/** The weather inside a tunnel or greenhouse that is opened and shut in time; no rain falls in it. */
export function insideSeries(air: DailySeries): DailySeries {
  const inside = emptySeries(air.from, air.days)
  for (let day = 0; day < air.days; day++) {
    inside.tmin[day] = air.tmin[day]! + NIGHT
    inside.tmax[day] = Math.max(inside.tmin[day]!, insideHigh(air.tmax[day]!))
    inside.dewPoint[day] = air.dewPoint[day]!
    inside.solar[day] = air.solar[day]! * SOLAR_INSIDE
    inside.wind[day] = air.wind[day]! * WIND_INSIDE
  }
  return settled(inside)
}
