import { daysBetween, type IsoDate } from '../calendar'
import { dateInSeason, seasonStart, simulateSeasons } from './ensemble'
import { frostPercentiles } from './frost'
import { NORMAL_BOUNDS, type MonthNormal, type Normals } from './normals'

/** How far a climate is bent, °C: at its coldest month and at its warmest; what is between follows its warmth. */
export interface Bend {
  cold: number
  hot: number
}

export const UNBENT: Bend = { cold: 0, hot: 0 }

/** °C that one end is bent by at the most. */
export const MOST_BENT = 10
const TRIAL_SEASONS = 80

/** Every temperature moved between the two ends of a bend, as far as its bounds. */
export function bendTemperatures(normals: Normals, { cold, hot }: Bend): Normals {
  const mean = ({ tmin, tmax }: MonthNormal) => (tmin + tmax) / 2
  const means = normals.map(mean)
  const [lowest, highest] = [Math.min(...means), Math.max(...means)]
  const span = highest - lowest
  const moved = (field: 'tmin' | 'tmax' | 'dewPoint', value: number) => {
    const [low, high] = NORMAL_BOUNDS[field]
    return Math.max(low, Math.min(high, Math.round(value * 10) / 10))
  }
  return normals.map((month, index) => {
    const warmth = span > 0 ? (means[index]! - lowest) / span : 1
    const by = cold + (hot - cold) * warmth
    return {
      ...month,
      tmin: moved('tmin', month.tmin + by),
      tmax: moved('tmax', month.tmax + by),
      dewPoint: moved('dewPoint', month.dewPoint + by),
    }
  })
}

/** The highest of the months' usual highs, °C. */
export const hottestHigh = (normals: Normals): number => Math.max(...normals.map(({ tmax }) => tmax))

/** What a gardener knows of a place: the average date of the last frost, and the usual high of the hottest month, °C. */
export interface KnownClimate {
  lastFrost: IsoDate | null
  hottest: number | null
}

/**
 * The bend that brings a climate to what is known of a place. A last frost alone moves the whole year; with the hottest month
 * known, it moves the cold end.
 *
 * @returns the bend; or the earliest and latest date that the median last frost can be brought to (null: no frost at
 *   all); or how far the hottest month can be brought, °C
 */
export function bendTo(
  normals: Normals,
  latitude: number,
  { lastFrost, hottest }: KnownClimate,
): { bend: Bend } | { earliest: IsoDate | null; latest: IsoDate | null } | { low: number; high: number } {
  const now = hottestHigh(normals)
  const hot = hottest === null ? null : Math.round((hottest - now) * 10) / 10
  if (hot !== null && Math.abs(hot) > MOST_BENT) return { low: now - MOST_BENT, high: now + MOST_BENT }
  if (lastFrost === null) return { bend: { cold: 0, hot: hot ?? 0 } }
  const bendAt = (by: number): Bend => ({ cold: by, hot: hot ?? by })
  const start = seasonStart(normals, lastFrost)
  const wanted = daysBetween(start, lastFrost)
  const median = (by: number) => {
    const bent = bendTemperatures(normals, bendAt(by))
    const trial = simulateSeasons({ normals: bent, latitude, count: TRIAL_SEASONS })
    const offset = frostPercentiles(trial).lastSpring.p50
    // The coldest day may move with the bend: told from the start that the answer is asked by.
    return offset === null ? null : daysBetween(start, dateInSeason(seasonStart(bent, lastFrost), offset))
  }
  const [latest, earliest] = [median(-MOST_BENT), median(MOST_BENT)]
  if (latest === null || wanted > latest || wanted < (earliest ?? 0)) {
    const date = (offset: number | null) => (offset === null ? null : dateInSeason(start, offset))
    return { earliest: date(earliest), latest: date(latest) }
  }
  let [low, high] = [-MOST_BENT, MOST_BENT]
  while (high - low > 0.05) {
    const middle = (low + high) / 2
    if ((median(middle) ?? -1) > wanted) low = middle
    else high = middle
  }
  return { bend: bendAt(Math.round(((low + high) / 2) * 10) / 10) }
}
