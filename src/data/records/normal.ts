import { sql } from 'drizzle-orm'
import { check, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { number, object, string } from 'yup'
import { NORMAL_BOUNDS } from '../../core/climate'
import { measure } from './fields'
import { gardenId } from './garden'
import { record } from './record'

const bounded = (field: keyof typeof NORMAL_BOUNDS) => measure(...NORMAL_BOUNDS[field])

/** Twelve rows a garden; month 1–12; units as in `MonthNormal`. */
export const climateNormal = sqliteTable(
  'climate_normal',
  {
    gardenId: gardenId(),
    month: integer().notNull(),
    source: text().$type<'template' | 'entered'>().notNull(),
    tmin: real().notNull(),
    tmax: real().notNull(),
    rain: real().notNull(),
    wetDays: real().notNull(),
    dewPoint: real().notNull(),
    wind: real().notNull(),
    solar: real().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.gardenId, table.month] }),
    check('month_of_year', sql`${table.month} between 1 and 12`),
  ],
)

/** A month of the climate as it is kept. */
const monthRow = object({
  month: number().required().integer().min(1).max(12),
  source: string().required().oneOf(['template', 'entered']),
  tmin: bounded('tmin'),
  tmax: bounded('tmax'),
  rain: bounded('rain'),
  wetDays: bounded('wetDays'),
  dewPoint: bounded('dewPoint'),
  wind: bounded('wind'),
  solar: bounded('solar'),
})
  .noUnknown()
  .test('low-high', '${path}.tmin must be under its tmax', (month) => month.tmin < month.tmax)

export type NormalRow = Omit<typeof climateNormal.$inferSelect, 'gardenId'>

export const normalRecord = record<NormalRow>({
  name: 'month',
  table: climateNormal,
  row: monthRow,
  most: 12,
  exactly: true,
  key: ['month'],
  order: [climateNormal.month],
  since: 1,
  versions: {},
})
