import { addDays, daysBetween, type IsoDate } from '../calendar'
import { insideSeries, surroundingsKey, type DailySeries, type WeatherLine } from '../climate'
import { entriesAbout, type AnyEntry } from '../entry'
import { surroundingsOf, type Place } from '../facts'
import { markOf, remembered } from '../memo'
import { stageEntries } from './entries'
import { coursesOf, yearFrom, yearIn, yearsIn, type Seasons, type SharedParts } from './years'
import type { Year } from './year'

/** The weather of one place: the line as the place meets it, whole and from the season's start, and its courses. */
export interface PlaceWeather {
  air: DailySeries
  whole: Year
  here: Year
  courses: Year[]
}

/** Weather by place, worked out once for each kind of place and for each place with a thermometer. */
export function placeWeather(
  ensemble: Seasons,
  line: WeatherLine,
  start: IsoDate,
  entries: readonly AnyEntry[],
) {
  const along = markOf(ensemble)
  const parts = remembered(line, `parts ${along}`, (): SharedParts => new Map())
  return (place: Place): PlaceWeather => {
    const around = surroundingsOf(place)
    const readings = readingsIn(place, entries)
    const key = `${start} ${surroundingsKey(around)} ${readings.length > 0 ? JSON.stringify(readings) : ''}`
    return remembered(line, `weather ${along} ${key}`, () => {
      const before = daysBetween(dateOf(line, 0), start)
      const seasons = yearsIn(ensemble, around)
      const { safeFrom = 0, frostRisk = 0 } = seasons[0] ?? {}
      const turns = { warmest: ensemble.warmest, safeFrom: before + safeFrom, frostRisk }
      const whole = yearIn(line.air, around, turns, readings)
      const here = yearFrom(whole, before, ensemble.warmest)
      const until = line.sources.findLastIndex((source) => source !== 'normal') + 1 - before
      const courses = coursesOf(seasons, { year: here, until }, ensemble.warmest, {
        air: around.underCover ? 'inside' : 'open',
        parts,
      })
      const air = around.underCover ? insideSeries(line.air) : line.air
      return { air, whole, here, courses }
    })
  }
}

const dateOf = ({ air }: WeatherLine, index: number) => addDays('1970-01-01' as IsoDate, air.from + index)

/** The soil thermometer's readings in a place. */
export function readingsIn(place: Pick<Place, 'id'>, entries: readonly AnyEntry[]) {
  return stageEntries(entriesAbout(entries, { type: 'place', id: place.id }), 'soil-read').map(
    ({ on, data }) => ({
      date: on,
      ...data,
    }),
  )
}
