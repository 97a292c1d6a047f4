import { sql } from 'drizzle-orm'
import { check, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { IsoDate } from '../core/calendar'
import type { ClimateTemplateId, Mulch } from '../core/climate'
import type { Crop, FruitType, Habit, Origin, Training } from '../core/crop'
import type {
  ObstacleKind,
  Place,
  PlaceKind,
  RaisingWay,
  Shelter,
  Side,
  SoilTexture,
  SpacingSchool,
  Support,
} from '../core/facts'
import type { EntryKind } from '../core/log'

export const id = () => text().primaryKey()
export const gardenId = () =>
  text()
    .notNull()
    .references(() => garden.id, { onDelete: 'cascade' })
export const date = () => text().$type<IsoDate>()

/** One row: how many writes there have been. What is worked out from the data is as new as this number. */
export const changeCount = sqliteTable('change_count', {
  id: integer().primaryKey(),
  count: integer().notNull(),
})

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
  /** The day that the clock is held on; null: it follows the computer. */
  clockDate: date(),
  shelter: text().$type<Shelter>().notNull(),
  soil: text().$type<SoilTexture>().notNull(),
  climateTemplate: text().$type<ClimateTemplateId>().notNull(),
  /** °C that the template is shifted by, to meet the last frost that the gardener knows. */
  climateShift: real().notNull(),
  /** Where days without a record get their weather: the simulated station, or the normals. */
  station: text().$type<'simulated' | 'normals'>().notNull(),
  seed: integer().notNull(),
  /** The garden's own default school for each decision. */
  houseSchools: text({ mode: 'json' }).$type<Record<string, string>>().notNull(),
})

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

/** The secret address under which another calendar reads this garden's; at most one a garden. */
export const calendarFeed = sqliteTable('calendar_feed', {
  gardenId: text()
    .primaryKey()
    .references(() => garden.id, { onDelete: 'cascade' }),
  token: text().notNull().unique(),
})

/** °C, mm, °C, m/s at 2 m, MJ m⁻² d⁻¹. */
export const weatherDay = sqliteTable(
  'weather_day',
  {
    gardenId: gardenId(),
    date: date().notNull(),
    source: text().$type<'imported' | 'entered' | 'simulated'>().notNull(),
    tmin: real().notNull(),
    tmax: real().notNull(),
    rain: real(),
    dewPoint: real(),
    wind: real(),
    solar: real(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.date] })],
)

/** Lengths in m, in the garden's frame; see `Place`. */
export const place = sqliteTable(
  'place',
  {
    id: id(),
    gardenId: gardenId(),
    name: text().notNull(),
    kind: text().$type<PlaceKind>().notNull(),
    x: real().notNull(),
    y: real().notNull(),
    length: real().notNull(),
    width: real().notNull(),
    turn: real().notNull().default(0),
    height: real(),
    soilDepth: real().notNull(),
    raised: integer({ mode: 'boolean' }).notNull(),
    mulch: text().$type<Mulch>().notNull(),
    openSides: text({ mode: 'json' }).$type<Side[]>().notNull(),
    dripLines: text({ mode: 'json' }).$type<number[]>().notNull(),
    emitterSpacing: real(),
    emitterFirst: real(),
    emitterFlow: real(),
    pot: text({ mode: 'json' }).$type<Place['pot']>(),
    from: date(),
    to: date(),
  },
  (table) => [index('place_of_garden').on(table.gardenId)],
)

/** m, °; see `Obstacle`. */
export const obstacle = sqliteTable(
  'obstacle',
  {
    id: id(),
    gardenId: gardenId(),
    name: text().notNull(),
    kind: text().$type<ObstacleKind>().notNull(),
    x: real().notNull(),
    y: real().notNull(),
    length: real().notNull(),
    width: real().notNull(),
    height: real().notNull(),
    turn: real().notNull(),
    density: real().notNull(),
    from: date(),
    to: date(),
  },
  (table) => [index('obstacle_of_garden').on(table.gardenId)],
)

export const cropHistory = sqliteTable(
  'crop_history',
  {
    placeId: text()
      .notNull()
      .references(() => place.id, { onDelete: 'cascade' }),
    year: integer().notNull(),
    family: text().notNull(),
  },
  (table) => [primaryKey({ columns: [table.placeId, table.year, table.family] })],
)

export const cultivar = sqliteTable(
  'cultivar',
  {
    id: id(),
    gardenId: gardenId(),
    name: text().notNull(),
    crop: text().$type<Crop>().notNull(),
    habit: text().$type<Habit>(),
    fruit: text().$type<FruitType>().notNull(),
    origin: text().$type<Origin>().notNull(),
    daysToMaturity: integer(),
    maturityFrom: text().$type<'transplanting' | 'sowing'>().notNull(),
    ripeColour: text().notNull(),
    grafted: integer({ mode: 'boolean' }).notNull(),
    notes: text().notNull(),
  },
  (table) => [index('cultivar_of_garden').on(table.gardenId)],
)

export const planting = sqliteTable(
  'planting',
  {
    id: id(),
    gardenId: gardenId(),
    cultivarId: text()
      .notNull()
      .references(() => cultivar.id),
    placeId: text()
      .notNull()
      .references(() => place.id),
    season: integer().notNull(),
    count: integer().notNull(),
    training: text().$type<Training>().notNull(),
    support: text().$type<Support>().notNull(),
    spacingSchool: text().$type<SpacingSchool>().notNull(),
    germination: real().notNull(),
    survival: real().notNull(),
    raising: text().$type<RaisingWay>().notNull().default('plant'),
    plannedSow: date(),
    plannedSetOut: date(),
  },
  (table) => [index('planting_of_garden').on(table.gardenId, table.season)],
)

/** m from the south-west corner of the planting's place. */
export const plant = sqliteTable(
  'plant',
  {
    id: id(),
    plantingId: text()
      .notNull()
      .references(() => planting.id, { onDelete: 'cascade' }),
    label: text().notNull(),
    x: real().notNull(),
    y: real().notNull(),
    from: date(),
    to: date(),
  },
  (table) => [index('plant_of_planting').on(table.plantingId)],
)

/** Append-only; `data` as its kind wants it, `voids` the entry that it takes back. */
export const logEntry = sqliteTable(
  'log_entry',
  {
    id: id(),
    gardenId: gardenId(),
    subjectType: text().$type<'garden' | 'place' | 'planting' | 'plant'>().notNull(),
    subjectId: text().notNull(),
    kind: text().$type<EntryKind>().notNull(),
    on: date().notNull(),
    at: text().notNull(),
    data: text({ mode: 'json' }).$type<Record<string, unknown>>().notNull(),
    note: text().notNull(),
    voids: text(),
  },
  (table) => [
    index('log_by_day').on(table.gardenId, table.on),
    index('log_by_subject').on(table.gardenId, table.subjectType, table.subjectId),
    index('log_by_entry').on(table.gardenId, table.at),
    check('data_is_json', sql`json_valid(${table.data})`),
  ],
)
