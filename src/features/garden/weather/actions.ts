'use server'

import { revalidatePath } from 'next/cache'
import { WEATHER_BOUNDS } from '../../../core/bounds'
import { FORECAST_REACH } from '../../../core/climate'
import { mixed, object, string } from 'yup'
import type { FormProblems } from '../../../components/forms/use-checked-form'
import { addDays, isIsoDate, type IsoDate } from '../../../core/calendar'
import type { Result } from '../../../core/result'
import { write } from '../../../data/database'
import { currentGarden, updateGarden } from '../../../data/gardens'
import { mannerOf, todayIn } from '../../../data/garden-row'
import { putForecast, removeWeather, sourcedWeather } from '../../../data/weather'
import { checkForm } from '../../../wording/check-form'
import type { ReadDay } from '../../../workers/weather-import/read-days'
import { keptNormal } from '../schema'
import { daySchema, type DayValues } from './day-schema'
import { forecastSchema } from './forecast-schema'
import type { ForecastValues } from './forecast-values'
import { REPLACED, type Replaced, type WeatherRow, putWeather } from '../../../data/records/weather-day'
import { NO_GARDEN } from '../../../wording/database-problems'

/** Keeps one day as it was entered; it wins over whatever was there for that day. */
export async function keepDay(typed: DayValues): Promise<FormProblems | undefined> {
  const problems = await write(async (tx): Promise<FormProblems | undefined> => {
    const garden = await currentGarden(tx)
    if (!garden) return { form: NO_GARDEN }
    const manner = mannerOf(garden)
    const checked = await checkForm(daySchema(manner, todayIn(garden)), typed)
    if ('fields' in checked) return { fields: checked.fields }
    const { date, ...values } = checked.values
    const kept = (field: 'tmin' | 'tmax' | 'rain' | 'dewPoint' | 'wind' | 'solar') => {
      const value = values[field]
      return value === null || value === undefined ? null : keptNormal(field, value, manner.units === 'us')
    }
    const row: WeatherRow = {
      date: date as IsoDate,
      source: 'entered',
      tmin: kept('tmin')!,
      tmax: kept('tmax')!,
      rain: kept('rain'),
      dewPoint: kept('dewPoint'),
      wind: kept('wind'),
      solar: kept('solar'),
    }
    await putWeather(tx, garden.id, [row], 'all')
    return undefined
  })
  if (!problems) revalidatePath('/', 'layout')
  return problems
}

/** Keeps the days ahead as they are foretold, in place of what was foretold of them; never over what was measured. */
export async function keepForecast(typed: ForecastValues): Promise<FormProblems | undefined> {
  const problems = await write(async (tx): Promise<FormProblems | undefined> => {
    const garden = await currentGarden(tx)
    if (!garden) return { form: NO_GARDEN }
    const manner = mannerOf(garden)
    const checked = await checkForm(forecastSchema(manner, todayIn(garden)), typed)
    if ('fields' in checked)
      return 'from' in checked.fields ? { form: checked.fields.from } : { fields: checked.fields }
    const { from, days } = checked.values
    const kept = (field: 'tmin' | 'tmax' | 'rain' | 'wind', value: number | null | undefined) =>
      value === null || value === undefined ? null : keptNormal(field, value, manner.units === 'us')
    const rows = days.flatMap(({ tmin, tmax, rain, wind }, ahead): WeatherRow[] =>
      tmin === null
        ? []
        : [
            {
              date: addDays(from as IsoDate, ahead),
              source: 'forecast',
              tmin: kept('tmin', tmin)!,
              tmax: kept('tmax', tmax)!,
              rain: kept('rain', rain),
              dewPoint: null,
              wind: kept('wind', wind),
              solar: null,
            },
          ],
    )
    await putForecast(tx, garden.id, from as IsoDate, addDays(from as IsoDate, days.length - 1), rows)
    return undefined
  })
  if (!problems) revalidatePath('/', 'layout')
  return problems
}

/** Takes a day off the record. */
export async function dropDay(date: string): Promise<{ ok: boolean }> {
  const dropped = await write(async (tx) => {
    const garden = await currentGarden(tx)
    if (!garden || !isIsoDate(date)) return { ok: false }
    await removeWeather(tx, garden.id, date)
    return { ok: true }
  })
  if (dropped.ok) revalidatePath('/', 'layout')
  return dropped
}

/** Switches the simulated station on or off. */
export async function switchStation(station: 'simulated' | 'normals'): Promise<void> {
  await write(async (tx) => {
    const garden = await currentGarden(tx)
    if (garden)
      await updateGarden(tx, garden.id, { station: station === 'simulated' ? 'simulated' : 'normals' })
  })
  revalidatePath('/', 'layout')
}

/** Days of a span that are on record, by where they came from. */
export async function daysOnRecord(
  first: string,
  last: string,
): Promise<{ imported: string[]; entered: string[] }> {
  const garden = await currentGarden()
  if (!garden || !isIsoDate(first) || !isIsoDate(last)) return { imported: [], entered: [] }
  const rows = await sourcedWeather(garden.id, first, last)
  const of = (source: WeatherRow['source']) =>
    rows.filter((row) => row.source === source).map(({ date }) => date)
  return { imported: of('imported'), entered: of('entered') }
}

const MOST_DAYS = 60_000
const within = (value: unknown, low: number, high: number) =>
  typeof value === 'number' && Number.isFinite(value) && value >= low && value <= high
const orNull = (value: unknown, low: number, high: number) => value === null || within(value, low, high)

/** A day as the import reads it, checked again: a list of thousands is checked by hand, for its speed. */
const isReadDay = (day: Partial<ReadDay> | null | undefined) =>
  isIsoDate(day?.date) &&
  within(day.tmin, ...WEATHER_BOUNDS.tmin) &&
  within(day.tmax, ...WEATHER_BOUNDS.tmax) &&
  day.tmin! <= day.tmax! &&
  orNull(day.rain, ...WEATHER_BOUNDS.rain) &&
  orNull(day.dewPoint, ...WEATHER_BOUNDS.dewPoint) &&
  orNull(day.wind, ...WEATHER_BOUNDS.wind) &&
  orNull(day.solar, ...WEATHER_BOUNDS.solar)

const takingSchema = object({
  days: mixed<ReadDay[]>()
    .required()
    .test(
      'days',
      '',
      (days) => Array.isArray(days) && days.length > 0 && days.length <= MOST_DAYS && days.every(isReadDay),
    ),
  replaced: string().required().oneOf(REPLACED),
})

export type WeatherTaken = Result<{ days: number }>

/**
 * Takes imported days, all of them or none.
 *
 * @param text the days as JSON: one text travels at once, thousands of objects one by one
 * @returns before any screen is made anew, so that it is known at once; the screens are refreshed where it is asked
 */
export async function takeDays(text: string, replaced: Replaced): Promise<WeatherTaken> {
  const refused = (message: string): WeatherTaken => ({ ok: false, message })
  const asked = { days: parsed(text), replaced }
  if (!takingSchema.isValidSync(asked, { strict: true }))
    return refused('These days could not be imported. Nothing was saved. Open the file again.')
  const { days } = asked as { days: ReadDay[] }
  return write(async (tx): Promise<WeatherTaken> => {
    const garden = await currentGarden(tx)
    if (!garden) return refused(NO_GARDEN)
    const today = todayIn(garden)
    const rows = days
      .filter(({ date }) => date <= addDays(today, FORECAST_REACH))
      .map((day): WeatherRow => ({
        ...day,
        date: day.date as IsoDate,
        source: day.date > today ? 'forecast' : 'imported',
      }))
    await putWeather(tx, garden.id, rows, replaced)
    return { ok: true, days: rows.length }
  })
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}
