import { and, between, eq, ne, sql } from 'drizzle-orm'
import { daysBetween, type IsoDate } from '../core/calendar'
import type { RecordedDay } from '../core/climate'
import { reader, type Reader, type Writer } from './database'
import { putWeather, weatherDay, weatherWhere, type WeatherRow } from './records/weather-day'

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

/** The record and forecast between two dates, both included; a measure that was not taken is missing. */
export async function weatherBetween(
  gardenId: string,
  first: IsoDate,
  last: IsoDate,
  from?: Reader,
): Promise<RecordedDay[]> {
  return (await sourcedWeather(gardenId, first, last, from)).map(
    ({ date, source, tmin, tmax, rain, dewPoint, wind, solar }) => ({
      date,
      ...((source === 'forecast' || source === 'simulated') && { source }),
      tmin,
      tmax,
      rain: rain ?? undefined,
      dewPoint: dewPoint ?? undefined,
      wind: wind ?? undefined,
      solar: solar ?? undefined,
    }),
  )
}

/** Puts what is foretold of a span in place of what was foretold before; what was measured stays. */
export async function putForecast(
  tx: Writer,
  gardenId: string,
  first: IsoDate,
  last: IsoDate,
  rows: readonly WeatherRow[],
): Promise<void> {
  const foretold = and(
    eq(weatherDay.gardenId, gardenId),
    eq(weatherDay.source, 'forecast'),
    between(weatherDay.date, first, last),
  )
  await tx.delete(weatherDay).where(foretold)
  await putWeather(tx, gardenId, rows, 'simulated')
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

/** Days that were, not those that were foretold. */
const onRecord = (gardenId: string) =>
  and(eq(weatherDay.gardenId, gardenId), ne(weatherDay.source, 'forecast'))

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
    .where(onRecord(gardenId))
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
    .where(onRecord(gardenId))
  const { days, first, last } = found!
  const span = first === null || last === null ? 0 : daysBetween(first, last) + 1
  return { days, first, last, missing: span - days }
}
