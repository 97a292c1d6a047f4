import { indexOf, WEATHER_FIELDS, type DailySeries, type Ensemble, type WeatherLine } from '../climate'
import { daysBetween, type IsoDate } from '../calendar'

/** Days of a season that are known, by record or forecast: the same in every season that may follow. */
export interface KnownDays {
  days: number
  series: DailySeries
}

/** What is known of a season from its start: what was, and what is foretold without a gap. */
export function knownDays({ air, sources }: WeatherLine, start: IsoDate, today: IsoDate): KnownDays {
  const first = indexOf(air, start)
  let last = indexOf(air, today)
  while (last < sources.length && sources[last] !== 'normal') last++
  const days = Math.max(0, Math.min(last, air.days) - first, daysBetween(start, today))
  return { days, series: cut(air, first, days) }
}

/** Days of a series from an index on. */
export function cut(air: DailySeries, first: number, days: number): DailySeries {
  const series = { ...air, from: air.from + first, days }
  for (const field of WEATHER_FIELDS) series[field] = air[field].slice(first, first + days)
  return series
}

/** The seasons of an ensemble as they go on from what is known of this one. */
export function goingOn(ensemble: Ensemble, { days, series }: KnownDays): Ensemble {
  return {
    ...ensemble,
    known: days,
    seasons: ensemble.seasons.map((season) => {
      const joined = { ...season }
      for (const field of WEATHER_FIELDS) {
        joined[field] = season[field].slice()
        joined[field].set(series[field].subarray(0, Math.min(days, season.days)))
      }
      return joined
    }),
  }
}
