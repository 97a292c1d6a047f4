import { integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { array, mixed, number, object, string } from 'yup'
import { SITE_BOUNDS } from '../../core/bounds'
import { isTimeZone, type IsoDate } from '../../core/calendar'
import { SHELTERS, SOILS, type Shelter, type SoilTexture } from '../../core/facts'
import { BIASED, MOST_MOVED, type DateBias } from '../../core/season'
import { isClimateSource, type ClimateSource } from './climate-source'
import { date, id, idField, isoDateField, measure, name, orNull } from './fields'
import type { LooseRow } from './record'

/** Decisions that a house has its own way in, at the most. */
const MOST_DECISIONS = 40

/** What a garden's own record taught of its dates, and on which day. */
export interface OwnRecord {
  on: IsoDate
  biases: DateBias[]
}

/** Dates of so many kinds and crops can be moved. */
const MOST_BIASES = 6
const biasRow = object({
  of: string().required().oneOf(BIASED),
  crop: string().required().oneOf(['tomato', 'pepper']),
  days: number().required().integer().min(-MOST_MOVED).max(MOST_MOVED),
  late: measure(-400, 400),
  count: number().required().integer().min(1).max(100_000),
  lead: number().required().integer().min(1).max(400),
}).noUnknown()

/** Coordinates in °, elevation in m. */
export const garden = sqliteTable('garden', {
  id: id(),
  name: text().notNull(),
  latitude: real().notNull(),
  longitude: real().notNull(),
  elevation: real().notNull(),
  timeZone: text().notNull(),
  units: text().$type<'metric' | 'us'>().notNull(),
  decimals: text().$type<'point' | 'comma'>().notNull(),
  dates: text().$type<'day-first' | 'month-first' | 'iso'>().notNull(),
  /** Of the gardener's money, ISO 4217; null: none was chosen. */
  currency: text(),
  /** The day that the clock is held on; null: it follows the computer. */
  clockDate: date(),
  shelter: text().$type<Shelter>().notNull(),
  soil: text().$type<SoilTexture>().notNull(),
  climateTemplate: text().$type<ClimateSource>().notNull(),
  /** °C that it is bent by at its coldest and at its warmest month, to meet what the gardener knows. */
  climateShift: real().notNull(),
  climateHot: real().notNull().default(0),
  /** Where days without a record get their weather: the simulated station, or the normals. */
  station: text().$type<'simulated' | 'normals'>().notNull(),
  seed: integer().notNull(),
  /** The garden's own default school for each decision. */
  houseSchools: text({ mode: 'json' }).$type<Record<string, string>>().notNull(),
  /** What its own record taught of its dates, while they follow it; null: they do not. */
  ownRecord: text({ mode: 'json' }).$type<OwnRecord>(),
})

/** A garden as it is kept. */
const gardenRow = object({
  id: idField().required(),
  name: name(),
  latitude: measure(...SITE_BOUNDS.latitude),
  longitude: measure(...SITE_BOUNDS.longitude),
  elevation: measure(...SITE_BOUNDS.elevation),
  timeZone: string()
    .required()
    .max(120)
    .test('zone', '${path} must be a time zone such as America/Chicago', (zone) => isTimeZone(zone ?? '')),
  units: string().required().oneOf(['metric', 'us']),
  decimals: string().required().oneOf(['point', 'comma']),
  dates: string().required().oneOf(['day-first', 'month-first', 'iso']),
  currency: orNull(string().matches(/^[A-Z]{3}$/, '${path} must be a currency such as EUR')),
  clockDate: orNull(isoDateField()),
  shelter: string().required().oneOf(SHELTERS),
  soil: string().required().oneOf(SOILS),
  climateTemplate: string()
    .required()
    .test('climate', '${path} must be a kind of climate, stations, or like: and a station', isClimateSource),
  climateShift: measure(-40, 40),
  climateHot: measure(-40, 40),
  station: string().required().oneOf(['simulated', 'normals']),
  seed: number().required().integer().min(0).max(4_294_967_295),
  houseSchools: mixed<Record<string, string>>()
    .required()
    .test('schools', '${path} must name a way for each decision', (schools) => {
      const chosen = Object.entries(schools ?? {})
      return (
        !Array.isArray(schools) &&
        chosen.length <= MOST_DECISIONS &&
        chosen.every(([key, school]) => key.length <= 40 && typeof school === 'string' && school.length <= 40)
      )
    }),
  ownRecord: orNull(
    object({
      on: isoDateField().required(),
      biases: array().required().max(MOST_BIASES).of(biasRow.required()),
    }).noUnknown(),
  ).default(undefined),
})
  .noUnknown()
  .required()

export type GardenRow = typeof garden.$inferSelect

/** The garden itself: the one row that all others belong to. */
export const gardenRecord = {
  name: 'garden',
  row: gardenRow,
  versions: {
    8: (row: LooseRow): LooseRow => ({
      ...row,
      timeZone: typeof row.timeZone === 'string' && !isTimeZone(row.timeZone) ? 'UTC' : row.timeZone,
    }),
    10: (row: LooseRow): LooseRow => ({ ...row, climateHot: row.climateShift }),
    13: (row: LooseRow): LooseRow => ({ ...row, currency: row.units === 'us' ? 'USD' : null }),
    15: (row: LooseRow): LooseRow => ({ ...row, ownRecord: null }),
  },
}

/** The column of what belongs to a garden. */
export const gardenId = () =>
  text()
    .notNull()
    .references(() => garden.id, { onDelete: 'cascade' })
