import {
  emptySeries,
  simulating,
  type DailySeries,
  type Ensemble,
  type Normals,
  type WeatherLine,
  type WeatherSource,
} from '../core/climate'
import type { IsoDate } from '../core/calendar'
import type { GardenFacts } from '../core/season'

/** A run of days by their lows and highs, °C; `from` is the first one's epoch day. */
interface Lows {
  from: number
  tmin: number[]
  tmax: number[]
}

/** All that a garden's season is dated from, as it travels to a screen and on to a worker. */
export interface SeasonKit {
  facts: Omit<GardenFacts, 'ensemble'>
  normals: Normals
  latitude: number
  /** The recorded seasons where there are enough; null: they are simulated. */
  recorded: Lows[] | null
  line: Lows & { sources: WeatherSource[] }
  today: IsoDate
  /** The season's first day, and days from there to the warmest. */
  season: { start: IsoDate; warmest: number }
}

function seriesOf({ from, tmin, tmax }: Lows): DailySeries {
  const series = emptySeries(from, tmin.length)
  series.tmin.set(tmin)
  series.tmax.set(tmax)
  return series
}

export const lineOf = ({ line }: SeasonKit): WeatherLine => ({ air: seriesOf(line), sources: line.sources })

/** The kit's ensemble a season a step; yields the share done. */
export function* gathering(kit: SeasonKit): Generator<number, Ensemble> {
  const { normals, latitude, recorded, season } = kit
  if (recorded === null) return yield* simulating({ normals, latitude })
  yield 1
  return { normals, warmest: season.warmest, seasons: recorded.map(seriesOf), recorded: true }
}
