import { addDays, monthOf } from '../calendar'
import {
  aridMonths,
  weatherAt,
  earlyBlightSeverity,
  fruitSet,
  lateBlightWarnings,
  type DailySeries,
  type Normals,
  type WeatherSource,
} from '../climate'
import type { Crop } from '../crop'
import type { PastWeather } from '../health'

const FORTNIGHT = 14
const THREE_WEEKS = 21
const FIVE_WEEKS = 35
const FIVE_DAYS = 5
/** °C under which a night is cold for flower buds; mm that count as rain. */
const COLD = 13
const WET = 1
/** Days of a fortnight that must have been recorded or forecast for it to be known. */
const LEAST_KNOWN = 10

/**
 * What the weeks before a day were like where a plant stands.
 *
 * @param at index of the day; @param heatShift °C of the type's hot limits of fruit set
 * @returns null where too few of its days were recorded
 */
export function pastWeather(
  { air, sources }: { air: DailySeries; sources: readonly WeatherSource[] },
  at: number,
  {
    normals,
    latitude,
    crop,
    heatShift,
  }: { normals: Normals; latitude: number; crop: Crop; heatShift: number },
): PastWeather | null {
  const before = (count: number) => {
    const first = Math.max(0, at - count)
    return Array.from({ length: at - first }, (_, index) => weatherAt(air, first + index))
  }
  const known = sources.slice(Math.max(0, at - FORTNIGHT), at).filter((source) => source !== 'normal').length
  if (known < LEAST_KNOWN) return null
  const arid = aridMonths(normals, latitude)
  const weeks = before(THREE_WEEKS)
  const days = before(FORTNIGHT)
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length)
  const lastBlight = lateBlightWarnings(before(FORTNIGHT + 1)).lastIndexOf(true)
  const sinceRain = before(FIVE_WEEKS)
    .reverse()
    .findIndex(({ rain }) => rain >= WET)
  return {
    severity: mean(weeks.map((day) => earlyBlightSeverity(day, arid[monthOf(day.date) - 1]))),
    blightOn: lastBlight < 0 ? null : addDays(before(FORTNIGHT + 1)[0]!.date, lastBlight),
    rain: days.reduce((sum, { rain }) => sum + rain, 0),
    wettest: Math.max(0, ...before(FIVE_DAYS).map(({ rain }) => rain)),
    sinceRain: sinceRain < 0 ? FIVE_WEEKS : sinceRain,
    meanHigh: mean(days.map(({ tmax }) => tmax)),
    hottest: Math.max(...days.map(({ tmax }) => tmax)),
    mean: mean(days.map(({ tmin, tmax }) => (tmin + tmax) / 2)),
    coldest: Math.min(...days.map(({ tmin }) => tmin)),
    windiest: Math.max(...days.map(({ wind }) => wind)),
    coldNights: before(FIVE_WEEKS).filter(({ tmin }) => tmin < COLD).length,
    set: mean(
      days.map(({ tmin, tmax }) => fruitSet({ nightMinimum: tmin, dayMaximum: tmax }, crop, heatShift)),
    ),
  }
}
