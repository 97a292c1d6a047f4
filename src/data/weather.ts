import { and, asc, between, eq } from 'drizzle-orm'
import type { IsoDate } from '../core/calendar'
import type { RecordedDay } from '../core/climate'
import { reader, type Reader, type Writer } from './database'
import { inPortions } from './plantings'
import { weatherDay } from './schema'

export type WeatherRow = Omit<typeof weatherDay.$inferSelect, 'gardenId'>

export async function weatherRows(gardenId: string, from?: Reader): Promise<WeatherRow[]> {
  const db = from ?? (await reader())
  const rows = await db
    .select()
    .from(weatherDay)
    .where(eq(weatherDay.gardenId, gardenId))
    .orderBy(asc(weatherDay.date))
  return rows.map(({ gardenId: _, ...row }) => row)
}

/** The record between two dates, both included; a measure that was not taken is missing. */
export async function weatherBetween(
  gardenId: string,
  first: IsoDate,
  last: IsoDate,
  from?: Reader,
): Promise<RecordedDay[]> {
  const db = from ?? (await reader())
  const rows = await db
    .select()
    .from(weatherDay)
    .where(and(eq(weatherDay.gardenId, gardenId), between(weatherDay.date, first, last)))
    .orderBy(asc(weatherDay.date))
  return rows.map(({ date, tmin, tmax, rain, dewPoint, wind, solar }) => ({
    date,
    tmin,
    tmax,
    rain: rain ?? undefined,
    dewPoint: dewPoint ?? undefined,
    wind: wind ?? undefined,
    solar: solar ?? undefined,
  }))
}

export const insertWeather = (tx: Writer, gardenId: string, rows: readonly WeatherRow[]) =>
  inPortions(rows, (portion) => tx.insert(weatherDay).values(portion.map((row) => ({ ...row, gardenId }))))
