import { hargreavesEvapotranspiration } from '../evapotranspiration'
import type { MonthNormal, Normals } from '../normals'
import { extraterrestrialRadiation } from '../sun'
import { ANCHORS } from './station'

/** What a year is drawn from, at January, April, July and October: °C, mm, and the year's rain in mm. */
export interface YearAnchors {
  lows: readonly number[]
  highs: readonly number[]
  rain: readonly number[]
  yearRain: number
}

const MIDDLE_OF_MONTH = [16, 46, 75, 105, 136, 166, 197, 228, 258, 289, 319, 350]
const MONTH_LENGTHS = [31, 28.25, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

/** Twelve months through four, a quarter apart: the mean, the yearly wave and half of the half-yearly one. */
export function throughQuarters([january, april, july, october]: readonly number[]): number[] {
  const [a, b, c, d] = [january!, april!, july!, october!]
  const [mean, cosine, sine, twice] = [(a + b + c + d) / 4, (a - c) / 2, (b - d) / 2, (a - b + c - d) / 4]
  return Array.from({ length: 12 }, (_, month) => {
    const angle = (month / 12) * 2 * Math.PI
    return mean + cosine * Math.cos(angle) + sine * Math.sin(angle) + twice * Math.cos(2 * angle)
  })
}

/** Rain by month, mm: drawn through the roots, so that none is negative, and what is not given meets the year. */
export function rainByMonth(quarters: readonly number[], year: number): number[] {
  const drawn = throughQuarters(quarters.map(Math.sqrt)).map((root) => Math.max(0, root) ** 2)
  const given = (month: number) => ANCHORS.some((anchor) => anchor === month)
  const sum = (which: (month: number) => boolean) =>
    drawn.reduce((total, rain, month) => total + (which(month) ? rain : 0), 0)
  const between = sum((month) => !given(month))
  const wanted = year - sum(given)
  const factor = between > 0 ? Math.max(0.6, Math.min(1.6, wanted / between)) : 1
  const months = drawn.map((rain, month) => (given(month) ? rain : rain * factor))
  const total = months.reduce((a, b) => a + b, 0)
  return months.map((rain) => (total > 0 ? (rain * year) / total : 0))
}

/**
 * Twelve months of normals from what is known of four. What no table says follows by rule: the dew point from the low and
 * how dry the land is [Kimball, Running & Nemani 1997, Agric. For. Meteorol. 85:87–98, eq. 4], radiation from the
 * day's range of temperature [FAO-56 eq. 50: k 0.16 inland, 0.19 by the sea]; † wet days from rain and warmth, wind from
 * how near the sea is. Against: 46 known places.
 *
 * @param place latitude in °, `sea` in km
 */
export function yearOf(anchors: YearAnchors, place: { latitude: number; sea: number }): Normals {
  const lows = throughQuarters(anchors.lows)
  const highs = throughQuarters(anchors.highs)
  const rain = rainByMonth(anchors.rain, anchors.yearRain)
  return lows.map((low, month) => {
    // Drawn apart, they may come too near to each other.
    const tmin = rounded(Math.min(low, highs[month]! - 1))
    const tmax = rounded(highs[month]!)
    return {
      tmin,
      tmax,
      rain: Math.round(rain[month]!),
      wetDays: wetDays(rain[month]!, (tmin + tmax) / 2, MONTH_LENGTHS[month]!),
      dewPoint: dewPoint({ tmin, tmax, month, yearRain: anchors.yearRain, latitude: place.latitude }),
      wind: wind(place),
      solar: radiation({ tmin, tmax, month, ...place }),
    } satisfies MonthNormal
  })
}

const rounded = (value: number) => Math.round(value * 10) / 10

/** mm on a day of rain: showers of warm air and of a month's wet season give more at once. */
function wetDays(rain: number, mean: number, length: number): number {
  const onWetDay = 3.5 + 0.18 * Math.max(0, mean) + rain / 30
  return rounded(Math.min(0.93 * length, rain / onWetDay))
}

const ZERO = 273.15

function dewPoint(month: {
  tmin: number
  tmax: number
  month: number
  yearRain: number
  latitude: number
}): number {
  const { tmin, tmax, latitude, yearRain } = month
  const evaporated = hargreavesEvapotranspiration({
    latitude,
    dayOfYear: MIDDLE_OF_MONTH[month.month]!,
    tmin,
    tmax,
  })
  // What dries in a day against what rains in a year; the formula was fitted below 0.1.
  const dryness = Math.min(0.1, evaporated / Math.max(30, yearRain))
  const share =
    -0.127 +
    1.121 * (1.003 - 1.444 * dryness + 12.312 * dryness ** 2 - 32.766 * dryness ** 3) +
    0.0006 * (tmax - tmin)
  return rounded(Math.min(tmin + 0.5, (tmin + ZERO) * share - ZERO))
}

/** m/s at 2 m. */
const wind = ({ latitude, sea }: { latitude: number; sea: number }) =>
  rounded(2.6 + 1.2 * Math.exp(-sea / 30) - (Math.abs(latitude) < 20 ? 0.5 : 0))

function radiation(month: {
  tmin: number
  tmax: number
  month: number
  latitude: number
  sea: number
}): number {
  const above = extraterrestrialRadiation(month.latitude, MIDDLE_OF_MONTH[month.month]!)
  const k = 0.16 + 0.03 * Math.exp(-month.sea / 50)
  return rounded(Math.min(0.75, k * Math.sqrt(month.tmax - month.tmin)) * above)
}
