import type { IsoDate } from '../core/calendar'
import type { MonthNormal, Normals } from '../core/climate'
import type { Manner } from '../core/facts'
import type { GardenRow } from './records/garden'
import type { NormalRow } from './records/normal'

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
