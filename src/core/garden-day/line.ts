import { addDays, earlierOf, type IsoDate } from '../calendar'
import {
  weatherAt,
  seasonStart,
  stationForecast,
  stationRecord,
  type RecordedDay,
  type Station,
  type WeatherLine,
} from '../climate'
import { remembered } from '../memo'
import { seasonLine } from '../season'
import type { GardenSnapshot } from './snapshot'

/** Lines of as many days are kept for one record. */
const MOST_LINES = 40
const DAYS_BEFORE_SEASON = 60
/** Days of a season and what is before and after it. */
const STATION_DAYS = 460

/**
 * The weather in one line as of a date; ahead of the garden's clock, with what is known of it on that clock's day.
 *
 * @returns the same object while no weather is written, whatever else is
 */
export function lineOn({ record, station, now, garden }: GardenSnapshot, on: IsoDate): WeatherLine {
  const { ensemble, weather } = record
  const known = earlierOf(on, now)
  const key = [on, known, garden.station, garden.latitude, garden.seed].join()
  return remembered(
    weather,
    `line ${key}`,
    () =>
      seasonLine(
        {
          ensemble,
          weather: station
            ? withStation(station, weather, seasonStart(ensemble.normals, on), known)
            : weather,
        },
        on,
        station && stationForecast(station, known),
        known,
      ),
    MOST_LINES,
  )
}

/** The simulated station's days, each replaced by a stored one where there is one. */
function withStation(
  station: Station,
  stored: readonly RecordedDay[],
  start: IsoDate,
  known: IsoDate,
): RecordedDay[] {
  const simulated = stationRecord(station, addDays(start, -DAYS_BEFORE_SEASON), STATION_DAYS)
  const days = Array.from({ length: simulated.days }, (_, index): RecordedDay => ({
    ...weatherAt(simulated, index),
    source: 'simulated',
  })).filter(({ date }) => date < known)
  return [...days, ...stored]
}
