import {
  simulating,
  WEATHER_FIELDS,
  type DailySeries,
  type Ensemble,
  type Normals,
  type WeatherField,
} from '../core/climate'
import { goingOn, type KnownDays } from '../core/trial'

/** Days of weather as they travel; `from` is the first one's epoch day. */
type Travelling = { from: number; days: number } & Record<WeatherField, number[]>

/** The seasons that a trial runs in, as they travel to a worker. */
export interface TrialSky {
  normals: Normals
  latitude: number
  elevation: number
  /** Days from the season's start to the warmest. */
  warmest: number
  air: 'open' | 'under-cover'
  /** The recorded seasons where there are enough; null: they are simulated. */
  recorded: Travelling[] | null
  /** What is known of this season; null: it is still to come. */
  known: Travelling | null
}

const travelling = (series: DailySeries): Travelling => ({
  from: series.from,
  days: series.days,
  ...(Object.fromEntries(WEATHER_FIELDS.map((field) => [field, Array.from(series[field])])) as Record<
    WeatherField,
    number[]
  >),
})

const arrived = ({ from, days, ...columns }: Travelling): DailySeries => ({
  from,
  days,
  ...(Object.fromEntries(WEATHER_FIELDS.map((field) => [field, Float64Array.from(columns[field])])) as Record<
    WeatherField,
    Float64Array
  >),
})

export const skyOf = (
  ensemble: Ensemble,
  site: { latitude: number; elevation: number },
  air: TrialSky['air'],
  known: KnownDays | null,
): TrialSky => ({
  normals: ensemble.normals,
  latitude: site.latitude,
  elevation: site.elevation,
  warmest: ensemble.warmest,
  air,
  recorded: ensemble.recorded ? ensemble.seasons.map(travelling) : null,
  known: known && known.days > 0 ? travelling(known.series) : null,
})

/** The seasons of a sky, one a step; yields the share done. */
export function* gathered(sky: TrialSky): Generator<number, Ensemble> {
  const { normals, latitude, warmest, recorded, known } = sky
  const ensemble: Ensemble =
    recorded === null
      ? yield* simulating({ normals, latitude })
      : { normals, warmest, seasons: recorded.map(arrived), recorded: true }
  return known === null ? ensemble : goingOn(ensemble, { days: known.days, series: arrived(known) })
}
