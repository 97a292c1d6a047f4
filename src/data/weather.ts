import { and, asc, between, eq, sql, type SQL } from 'drizzle-orm'
import { daysBetween, type IsoDate } from '../core/calendar'
import type { RecordedDay } from '../core/climate'
import { reader, type Reader, type Writer } from './database'
import { inPortions } from './plantings'
import { weatherDay } from './schema'

export type WeatherRow = Omit<typeof weatherDay.$inferSelect, 'gardenId'>

/** The whole record, oldest first. */
export const weatherRows = (gardenId: string, from?: Reader): Promise<WeatherRow[]> =>
  readRows(eq(weatherDay.gardenId, gardenId), from)

/** The record between two dates with where each day came from, both included. */
export const sourcedWeather = (
  gardenId: string,
  first: IsoDate,
  last: IsoDate,
  from?: Reader,
): Promise<WeatherRow[]> =>
  readRows(and(eq(weatherDay.gardenId, gardenId), between(weatherDay.date, first, last)), from)

/** The rows come as one JSON text: cell by cell, twenty years of days take ten times as long. */
async function readRows(where: SQL | undefined, from?: Reader): Promise<WeatherRow[]> {
  const db = from ?? (await reader())
  const rows = db.select().from(weatherDay).where(where).orderBy(asc(weatherDay.date)).as('rows')
  const [found] = await db
    .select({
      days: sql<string>`json_group_array(json_array(${rows.date}, ${rows.source}, ${rows.tmin}, ${rows.tmax}, ${rows.rain}, ${rows.dewPoint}, ${rows.wind}, ${rows.solar}))`,
    })
    .from(rows)
  const days = JSON.parse(found!.days) as RowAsJson[]
  return days.map(([date, source, tmin, tmax, rain, dewPoint, wind, solar]) => ({
    date,
    source,
    tmin,
    tmax,
    rain,
    dewPoint,
    wind,
    solar,
  }))
}
type Measured = number | null
type RowAsJson = [
  date: IsoDate,
  source: WeatherRow['source'],
  tmin: number,
  tmax: number,
  rain: Measured,
  dewPoint: Measured,
  wind: Measured,
  solar: Measured,
]

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

/** Which days on record give way to new ones: only simulated ones, imported ones too, or all. */
export const REPLACED = ['simulated', 'imported', 'all'] as const
export type Replaced = (typeof REPLACED)[number]

const GIVES_WAY: Record<Replaced, readonly WeatherRow['source'][]> = {
  simulated: ['simulated'],
  imported: ['simulated', 'imported'],
  all: ['simulated', 'imported', 'entered'],
}

/**
 * Puts days on record; a day that does not give way stays as it is. The rows travel as one JSON text: twenty years
 * of days are too many for a statement with a parameter each.
 */
export async function putWeather(
  tx: Writer,
  gardenId: string,
  rows: readonly WeatherRow[],
  replaced: Replaced,
): Promise<void> {
  await inPortions(rows, (portion) => putDays(tx, gardenId, portion, replaced))
}

function putDays(tx: Writer, gardenId: string, rows: readonly WeatherRow[], replaced: Replaced) {
  const days = rows.map(({ date, source, tmin, tmax, rain, dewPoint, wind, solar }) => [
    date,
    source,
    tmin,
    tmax,
    rain,
    dewPoint,
    wind,
    solar,
  ])
  return tx.run(sql`
    insert into weather_day (garden_id, date, source, tmin, tmax, rain, dew_point, wind, solar)
    select ${gardenId}, value ->> 0, value ->> 1, value ->> 2, value ->> 3, value ->> 4, value ->> 5, value ->> 6, value ->> 7
    from json_each(${JSON.stringify(days)}) where true
    on conflict (garden_id, date) do update set
      source = excluded.source, tmin = excluded.tmin, tmax = excluded.tmax, rain = excluded.rain,
      dew_point = excluded.dew_point, wind = excluded.wind, solar = excluded.solar
    where weather_day.source in ${GIVES_WAY[replaced]}`)
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
