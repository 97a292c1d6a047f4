import { addDays, dateFromEpochDay, epochDay, yearOf, type IsoDate } from '../calendar'
import { hashSeed, seededRandom } from '../random'
import { generateWeather } from './generator'
import { turningDays, type Normals } from './normals'
import type { DailySeries } from './series'

/**
 * Many possible seasons of one climate. A season starts on the coldest day of the expected year, so that
 * spring comes before autumn in both halves of the world.
 */
export interface Ensemble {
  normals: Normals
  /** Days from the season's start to the warmest day. */
  warmest: number
  /** Each season on its own; index 0 is the season's start. */
  seasons: DailySeries[]
}

/** Days in a simulated season: a crop set out late must still be seen to its end. */
const SEASON_DAYS = 500
const COMMON_YEAR = '2001-01-01' as IsoDate

/**
 * Simulates so many seasons under the normals; the same input always gives the same seasons.
 *
 * @throws RangeError when normals or latitude are out of range
 */
export function simulateSeasons(plan: {
  normals: Normals
  latitude: number
  count?: number
  seed?: number
}): Ensemble {
  const { normals, latitude, count = 200, seed = 1 } = plan
  const { coldest, warmest } = turningDays(normals)
  const from = epochDay(COMMON_YEAR) + coldest
  const seasons = Array.from({ length: count }, (_, year) =>
    generateWeather({
      normals,
      latitude,
      from,
      days: SEASON_DAYS,
      random: seededRandom(hashSeed(seed, year)),
    }),
  )
  return { normals, warmest: (warmest - coldest + 365) % 365, seasons }
}

/** The first day of the season that `date` falls in. */
export function seasonStart(normals: Normals, date: IsoDate): IsoDate {
  const { coldest } = turningDays(normals)
  const startIn = (year: number) => addDays(`${year}-01-01` as IsoDate, coldest)
  const thisYear = startIn(yearOf(date))
  return thisYear <= date ? thisYear : startIn(yearOf(date) - 1)
}

/** The date so many days after a season's start. */
export function dateInSeason(start: IsoDate, offset: number): IsoDate {
  return dateFromEpochDay(epochDay(start) + Math.round(offset))
}
