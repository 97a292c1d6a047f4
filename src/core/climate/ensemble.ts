import { addDays, dateFromEpochDay, epochDay, monthOf, yearOf, type IsoDate } from '../calendar'
import { hashSeed, seededRandom } from '../random'
import { generateWeather } from './generator'
import { turningDays, type Normals } from './normals'
import { emptySeries, expectedSeries, settled, WEATHER_FIELDS, type DailySeries } from './series'
import type { RecordedDay } from './weather-line'

/**
 * Many possible seasons of one climate, simulated or recorded. A season starts on the coldest day of the expected year, so that
 * spring comes before autumn in both halves of the world.
 */
export interface Ensemble {
  normals: Normals
  /** Days from the season's start to the warmest day. */
  warmest: number
  /** Each season on its own; index 0 is the season's start. */
  seasons: DailySeries[]
  /** Taken from a weather record; otherwise simulated. */
  recorded: boolean
  /** Days from the start that are known, and the same in all its seasons. */
  known?: number
  /** Seasons in ten that may still freeze after planting out, as the gardener bears it; the usual ones unless said. */
  frostRisk?: number
}

/** Days in a simulated season: a crop set out late must still be seen to its end. */
export const SEASON_DAYS = 500
const YEAR = 365
const COMMON_YEAR = '2001-01-01' as IsoDate
const SEASON_COUNT = 200

interface SeasonPlan {
  normals: Normals
  latitude: number
  count?: number
  seed?: number
}

/**
 * Simulates so many seasons under the normals; the same input always gives the same seasons.
 *
 * @throws RangeError when normals or latitude are out of range
 */
export function simulateSeasons(plan: SeasonPlan): Ensemble {
  const steps = simulating(plan)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** As {@link simulateSeasons}, a season a step, so that it can be shown and stopped; yields the share done. */
export function* simulating({
  normals,
  latitude,
  count = SEASON_COUNT,
  seed = 1,
}: SeasonPlan): Generator<number, Ensemble> {
  const { coldest, warmest } = turningDays(normals)
  const from = epochDay(COMMON_YEAR) + coldest
  const seasons: DailySeries[] = []
  for (let year = 0; year < count; year++) {
    seasons.push(
      generateWeather({
        normals,
        latitude,
        from,
        days: SEASON_DAYS,
        random: seededRandom(hashSeed(seed, year)),
      }),
    )
    yield (year + 1) / count
  }
  levelRain(seasons, normals, coldest)
  seasons.forEach(settled)
  return { normals, warmest: (warmest - coldest + YEAR) % YEAR, seasons, recorded: false }
}

/**
 * Brings each month's mean rain over all seasons to its normal: in a dry month a few heavy days of chance would
 * else outweigh two hundred years.
 */
function levelRain(seasons: readonly DailySeries[], normals: Normals, coldest: number): void {
  const months = Uint8Array.from(
    { length: SEASON_DAYS },
    (_, day) => monthOf(dateFromEpochDay(epochDay(COMMON_YEAR) + coldest + day)) - 1,
  )
  const fell = new Float64Array(12)
  for (const { rain } of seasons) for (let day = 0; day < YEAR; day++) fell[months[day]!]! += rain[day]!
  const factor = fell.map((sum, month) => (sum > 0 ? (normals[month]!.rain * seasons.length) / sum : 1))
  for (const { rain } of seasons)
    for (let day = 0; day < SEASON_DAYS; day++) rain[day]! *= factor[months[day]!]!
}

/** A record of so many whole seasons stands for itself; under it, simulated seasons do. */
const LEAST_RECORDED = 10
/** Share of a season's days that must be on record. */
const LEAST_DAYS = 0.97

/**
 * The seasons of a weather record; null: fewer than ten are whole. A day that is missing is normal.
 *
 * @param record days in any order; of a date that comes twice the later one counts
 */
export function recordedSeasons(normals: Normals, record: readonly RecordedDay[]): Ensemble | null {
  const { coldest, warmest } = turningDays(normals)
  if (record.length < LEAST_RECORDED * YEAR * LEAST_DAYS) return null
  const { from, held, series } = laidOut(record)
  const seasons: DailySeries[] = []
  for (
    let year = yearOf(dateFromEpochDay(from));
    year <= yearOf(dateFromEpochDay(from + series.days - 1));
    year++
  ) {
    const first = epochDay(`${year}-01-01` as IsoDate) + coldest - from
    let found = 0
    for (let day = 0; day < YEAR; day++) found += held[first + day] ?? 0
    if (found < LEAST_DAYS * YEAR) continue
    const season = expectedSeries(normals, from + first, SEASON_DAYS)
    for (let day = 0; day < SEASON_DAYS; day++)
      for (const field of WEATHER_FIELDS) {
        const value = series[field][first + day]
        if (value !== undefined && !Number.isNaN(value)) season[field][day] = value
      }
    seasons.push(settled(season))
  }
  if (seasons.length < LEAST_RECORDED) return null
  return { normals, warmest: (warmest - coldest + YEAR) % YEAR, seasons, recorded: true }
}

/** A record day by day from its first to its last; what is missing is not a number. */
function laidOut(record: readonly RecordedDay[]): { from: number; held: Uint8Array; series: DailySeries } {
  const days = record.map(({ date }) => epochDay(date))
  const from = days.reduce((low, day) => Math.min(low, day))
  const length = days.reduce((high, day) => Math.max(high, day)) - from + 1
  const series = emptySeries(from, length)
  for (const field of WEATHER_FIELDS) series[field].fill(NaN)
  const held = new Uint8Array(length)
  record.forEach((day, index) => {
    const at = days[index]! - from
    held[at] = 1
    for (const field of WEATHER_FIELDS) series[field][at] = day[field] ?? series[field][at]!
  })
  return { from, held, series }
}

/** The first day of the season that `date` falls in. */
export function seasonStart(normals: Normals, date: IsoDate): IsoDate {
  const { coldest } = turningDays(normals)
  const startIn = (year: number) => addDays(`${year}-01-01` as IsoDate, coldest)
  const thisYear = startIn(yearOf(date))
  return thisYear <= date ? thisYear : startIn(yearOf(date) - 1)
}

/** Days from the coldest day to when a season's summer begins, about: its year is the season's number. */
const TO_SUMMER = 90

/** The number of a season by its first day: the year in which its summer begins. */
export const seasonNumber = (start: IsoDate): number => yearOf(addDays(start, TO_SUMMER))

/** The number of the season that a date falls in. */
export const seasonOf = (normals: Normals, date: IsoDate): number => seasonNumber(seasonStart(normals, date))

/** The first day of a season by its number. */
export function startOfSeason(normals: Normals, season: number): IsoDate {
  const start = addDays(`${season}-01-01` as IsoDate, turningDays(normals).coldest)
  return seasonNumber(start) === season ? start : seasonStart(normals, addDays(start, -1))
}

/** The date so many days after a season's start. */
export function dateInSeason(start: IsoDate, offset: number): IsoDate {
  return dateFromEpochDay(epochDay(start) + Math.round(offset))
}
