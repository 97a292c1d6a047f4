import type { Day, GardenState } from '../../../data/garden-state'
import { addDays, addMonths, daysBetween, isIsoDate, monthOf, type IsoDate } from '../../../core/calendar'
import {
  aridMonths,
  weatherAt,
  earlyBlightSeverity,
  FORECAST_DAYS,
  FORECAST_REACH,
  lateBlightWarnings,
  leafWetness,
  stationForecast,
  stationRecord,
  type WeatherField,
} from '../../../core/climate'
import { holdsOn, type Manner } from '../../../core/facts'
import { effectiveEntries } from '../../../core/entry'
import { ofKind } from '../../../core/log'
import { mannerOf } from '../../../data/garden-row'
import { sourcedWeather, weatherSummary } from '../../../data/weather'
import { formatDate } from '../../../wording/dates'
import { sayLength, sayTemperature } from '../../../wording/say'
import { shownNormal } from '../schema'
import type { WeatherRow } from '../../../data/records/weather-day'
import { FORETOLD_BY_HAND, type ForecastValues } from './forecast-values'

/** A day of the table, in the garden's units as numbers; null: not known. */
export interface WeatherLineView {
  date: IsoDate
  day: string
  low: number
  high: number
  rain: number | null
  dewPoint: number | null
  wind: number | null
  solar: number | null
  source: WeatherRow['source']
  /** It has not come yet. */
  isAhead: boolean
  wetHours: number
  earlyBlight: number
  lateBlight: boolean
}

export interface WeatherView {
  manner: Manner
  now: IsoDate
  answer: string
  deciding: string
  station: 'simulated' | 'normals'
  month: { name: string; first: IsoDate; before: string; after: string | null }
  days: WeatherLineView[]
  /** What is foretold of the days from today on, as it is typed. */
  foretold: ForecastValues['days']
  places: { id: string; name: string }[]
  readings: { id: string; text: string }[]
}

const READINGS_SHOWN = 8

/** @param month `2026-06`; anything else is the month of the date that is looked at */
export async function weatherView(day: Day, month?: string): Promise<WeatherView> {
  const { state, on } = day
  const { garden, now, record } = state
  const manner = mannerOf(garden)
  const asked = `${month}-01`
  const reach = addDays(now, FORECAST_REACH)
  const first = isIsoDate(asked) && asked <= reach ? asked : (`${on.slice(0, 7)}-01` as IsoDate)
  const next = addMonths(first, 1)
  const summary = await weatherSummary(garden.id)
  const monthYear = (date: IsoDate) => formatDate(date, { dates: 'day-first' }, 'full').replace(/^1 /, '')
  const place = (id: string) => record.places.find((place) => place.id === id)?.name ?? 'a place that is gone'
  return {
    manner,
    now,
    ...answerOf(state, summary, manner),
    station: garden.station,
    month: {
      name: monthYear(first),
      first,
      before: addMonths(first, -1).slice(0, 7),
      after: next > reach ? null : next.slice(0, 7),
    },
    days: await daysOf(state, first, daysBetween(first, next), manner),
    foretold: await foretoldOf(state, manner),
    places: record.places.filter((place) => holdsOn(place, state.now)).map(({ id, name }) => ({ id, name })),
    readings: ofKind(effectiveEntries(record.entries, on), 'soil-read')
      .slice(-READINGS_SHOWN)
      .reverse()
      .map(({ id, on: date, subject, data }) => ({
        id,
        text: `${formatDate(date, manner)}, ${place(subject.id)}: ${sayTemperature(data.temperature, manner)} at ${sayLength(data.depth, manner)}`,
      })),
  }
}

/** The forecast that is kept, in the garden's own units; a day without one is empty. */
async function foretoldOf({ garden, now }: GardenState, manner: Manner): Promise<ForecastValues['days']> {
  const rows = await sourcedWeather(garden.id, now, addDays(now, FORETOLD_BY_HAND - 1))
  const us = manner.units === 'us'
  return Array.from({ length: FORETOLD_BY_HAND }, (_, ahead) => {
    const row = rows.find(({ date, source }) => source === 'forecast' && date === addDays(now, ahead))
    const typed = (field: 'tmin' | 'tmax' | 'rain' | 'wind') => {
      const value = row?.[field] ?? null
      if (value === null) return ''
      const text = String(Number(shownNormal(field, value, us).toFixed(field === 'rain' && us ? 2 : 1)))
      return manner.decimals === 'comma' ? text.replace('.', ',') : text
    }
    return { tmin: typed('tmin'), tmax: typed('tmax'), rain: typed('rain'), wind: typed('wind') }
  })
}

function answerOf(
  { garden, record }: GardenState,
  { days, first, last, missing }: Awaited<ReturnType<typeof weatherSummary>>,
  manner: Manner,
): Pick<WeatherView, 'answer' | 'deciding'> {
  const say = (date: IsoDate) => formatDate(date, manner, 'full')
  const gaps = missing === 0 ? '' : `, ${missing} between them missing`
  const seasons = record.ensemble.recorded
    ? `Dates and chances are based on your ${record.ensemble.seasons.length} recorded seasons.`
    : 'With ten whole seasons on record, chances use your own weather. Until then they use your average climate.'
  const fill =
    garden.station === 'simulated'
      ? 'Days without your own record or forecast come from the simulated station. That weather is made up.'
      : 'Days without a record use the average for the day.'
  return {
    answer:
      first === null || last === null
        ? 'You have no weather record yet'
        : `${days} days on record, ${say(first)} to ${say(last)}${gaps}`,
    deciding: `${fill} ${seasons}`,
  }
}

/** The days of a month: what is on record, what the station makes up for the rest, and its forecast. */
async function daysOf(
  { garden, station, now, record }: GardenState,
  first: IsoDate,
  count: number,
  manner: Manner,
): Promise<WeatherLineView[]> {
  const start = addDays(first, -1)
  const known = new Map<string, WeatherRow>()
  if (station) {
    const past = Math.min(count + 1, daysBetween(start, now))
    const made = past > 0 ? stationRecord(station, start, past) : null
    for (let day = 0; made && day < past; day++)
      known.set(addDays(start, day), { ...weatherAt(made, day), source: 'simulated' })
  }
  for (const row of await sourcedWeather(garden.id, start, addDays(first, count - 1)))
    known.set(row.date, row)
  const forecast = station ? stationForecast(station, now) : null
  for (let day = 0; forecast && day < FORECAST_DAYS; day++) {
    const row = weatherAt(forecast, day)
    if (known.has(row.date) || row.date < first || row.date >= addDays(first, count)) continue
    known.set(row.date, { ...row, source: 'simulated' })
  }
  const rows = [...known.values()].sort((a, b) => (a.date < b.date ? -1 : 1))
  const arid = aridMonths(record.ensemble.normals, garden.latitude)[monthOf(first) - 1]!
  const wetting = rows.map(({ tmin, tmax, rain, dewPoint }) => ({
    tmin,
    tmax,
    rain: rain ?? 0,
    dewPoint: dewPoint ?? undefined,
  }))
  const late = lateBlightWarnings(wetting, arid)
  const us = manner.units === 'us'
  const rounded = (value: number, digits: number) => Number(value.toFixed(digits))
  return rows.flatMap((row, index): WeatherLineView[] => {
    if (row.date < first) return []
    const before = rows[index - 1]
    const follows = before !== undefined && daysBetween(before.date, row.date) === 1
    const shown = (field: WeatherField) =>
      row[field] === null ? null : rounded(shownNormal(field, row[field], us), field === 'rain' && us ? 2 : 1)
    return [
      {
        date: row.date,
        day: formatDate(row.date, manner, 'weekday'),
        low: shown('tmin')!,
        high: shown('tmax')!,
        rain: shown('rain'),
        dewPoint: shown('dewPoint'),
        wind: shown('wind'),
        solar: shown('solar'),
        source: row.source,
        isAhead: row.date >= now,
        wetHours: leafWetness(wetting[index]!, arid).hours,
        earlyBlight: earlyBlightSeverity(wetting[index]!, arid),
        lateBlight: follows && late[index]!,
      },
    ]
  })
}
