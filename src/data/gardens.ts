import { asc, eq, sql } from 'drizzle-orm'
import type { IsoDate } from '../core/calendar'
import type { MonthNormal, Normals } from '../core/climate'
import type { Manner } from '../core/facts'
import { reader, type Reader, type Writer } from './database'
import { gardenAtWork } from './records/apart'
import { garden, type GardenRow } from './records/garden'
import { normalRecord, type NormalRow } from './records/normal'

/** The garden at work; null: none has been made yet. */
export async function currentGarden(from?: Reader): Promise<GardenRow | null> {
  const db = from ?? (await reader())
  const [chosen] = await db
    .select()
    .from(gardenAtWork)
    .innerJoin(garden, eq(garden.id, gardenAtWork.gardenId))
  if (chosen) return chosen.garden
  const [found] = await db
    .select()
    .from(garden)
    .orderBy(asc(sql`rowid`))
    .limit(1)
  return found ?? null
}

/** Makes a garden the one that every screen shows. */
export async function takeToWork(tx: Writer, gardenId: string): Promise<void> {
  await tx.delete(gardenAtWork)
  await tx.insert(gardenAtWork).values({ id: 1, gardenId })
}

/** Every garden, in the order in which they were made. */
export async function allGardens(from?: Reader): Promise<GardenRow[]> {
  const db = from ?? (await reader())
  return db
    .select()
    .from(garden)
    .orderBy(asc(sql`rowid`))
}

export async function updateGarden(
  tx: Writer,
  id: string,
  change: Partial<Omit<GardenRow, 'id'>>,
): Promise<void> {
  await tx.update(garden).set(change).where(eq(garden.id, id))
}

/** Puts the garden's months in the place of those before. */
export async function replaceNormals(
  tx: Writer,
  gardenId: string,
  rows: readonly NormalRow[],
): Promise<void> {
  await normalRecord.clear(tx, gardenId)
  await normalRecord.insert(tx, gardenId, rows)
}

export function normalsOf(rows: readonly NormalRow[]): Normals {
  return rows.map(({ tmin, tmax, rain, wetDays, dewPoint, wind, solar }): MonthNormal => ({
    tmin,
    tmax,
    rain,
    wetDays,
    dewPoint,
    wind,
    solar,
  }))
}

export const mannerOf = ({ units, decimals, dates, currency }: GardenRow): Manner => ({
  units,
  decimals,
  dates,
  currency,
})

/** The garden's date: the one its clock is held on, or the computer's in the garden's time zone. */
export function todayIn(
  { clockDate, timeZone }: Pick<GardenRow, 'clockDate' | 'timeZone'>,
  now: Date = new Date(),
): IsoDate {
  if (clockDate !== null) return clockDate
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  }).format(now)
  return parts as IsoDate
}
