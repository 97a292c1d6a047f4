import { and, between, eq, sql } from 'drizzle-orm'
import { daysBetween, type IsoDate } from '../core/calendar'
import type { RecordedDay } from '../core/climate'
import { reader, type Reader, type Writer } from './database'
import { weatherDay, weatherWhere, type WeatherRow } from './records/weather-day'

/** The record between two dates with where each day came from, both included. */
export const sourcedWeather = async (
  gardenId: string,
  first: IsoDate,
  last: IsoDate,
  from?: Reader,
): Promise<WeatherRow[]> =>
  weatherWhere(
    and(eq(weatherDay.gardenId, gardenId), between(weatherDay.date, first, last)),
    from ?? (await reader()),
  )

/** The record between two dates, both included; a measure that was not taken is missing. */
export async function weatherBetween(
  gardenId: string,
  first: IsoDate,
  last: IsoDate,
  from?: Reader,
): Promise<RecordedDay[]> {
  return (await sourcedWeather(gardenId, first, last, from)).map(
    ({ date, tmin, tmax, rain, dewPoint, wind, solar }) => ({
      date,
      tmin,
      tmax,
      rain: rain ?? undefined,
      dewPoint: dewPoint ?? undefined,
      wind: wind ?? undefined,
      solar: solar ?? undefined,
    }),
  )
}

/** Takes a day off the record. */
export async function removeWeather(tx: Writer, gardenId: string, date: IsoDate): Promise<void> {
  await tx.delete(weatherDay).where(and(eq(weatherDay.gardenId, gardenId), eq(weatherDay.date, date)))
}

/** A sum of each measure with its day: two records that differ anywhere differ here. */
const SUMS = ['tmin', 'tmax', 'rain', 'dew_point', 'wind', 'solar']
  .map(
    (measure) =>
      `' ' || total(${measure}) || ' ' || total(${measure} * julianday(date)) || ' ' || count(${measure})`,
  )
  .join(' || ')

/** What tells one record from another, at a glance: how many days, and their sums. */
export async function recordFingerprint(
  gardenId: string,
  from?: Reader,
): Promise<{ days: number; sums: string | null }> {
  const db = from ?? (await reader())
  const [found] = await db
    .select({
      days: sql<number>`count(*)`,
      sums: sql<string | null>`min(date) || max(date) || ${sql.raw(SUMS)}`,
    })
    .from(weatherDay)
    .where(eq(weatherDay.gardenId, gardenId))
  return found!
}

/** How many days are on record, from when to when, and how many between them are missing. */
export async function weatherSummary(
  gardenId: string,
  from?: Reader,
): Promise<{ days: number; first: IsoDate | null; last: IsoDate | null; missing: number }> {
  const db = from ?? (await reader())
  const [found] = await db
    .select({
      days: sql<number>`count(*)`,
      first: sql<IsoDate | null>`min(date)`,
      last: sql<IsoDate | null>`max(date)`,
    })
    .from(weatherDay)
    .where(eq(weatherDay.gardenId, gardenId))
  const { days, first, last } = found!
  const span = first === null || last === null ? 0 : daysBetween(first, last) + 1
  return { days, first, last, missing: span - days }
}
