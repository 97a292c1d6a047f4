import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { number, object, string } from 'yup'
import {
  CAGE_BOUNDS,
  MOST_PLANTS,
  SEASON_BOUNDS,
  SEED_SHARE,
  SPACING_BOUNDS,
  UNION_BOUNDS,
} from '../../core/bounds'
import { TRAININGS, type Training } from '../../core/crop'
import {
  RAISING_WAYS,
  SPACING_SCHOOLS,
  SUPPORTS,
  type Planting,
  type RaisingWay,
  type SpacingSchool,
  type Support,
} from '../../core/facts'
import { cultivar } from './cultivar'
import { date, id, idField, isoDateField, measure, orNull } from './fields'
import { gardenId } from './garden'
import { place } from './place'
import { record } from './record'

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
    ownInRow: real(),
    ownLines: real(),
    ownCage: real(),
    unionHeight: real(),
  },
  (table) => [index('planting_of_garden').on(table.gardenId, table.season)],
)

/** A planting as it is kept. */
export const plantingRow = object({
  id: idField().required(),
  cultivarId: idField().required(),
  placeId: idField().required(),
  season: measure(...SEASON_BOUNDS).integer(),
  count: number().required().integer().min(1).max(MOST_PLANTS),
  training: string().required().oneOf(TRAININGS),
  support: string().required().oneOf(SUPPORTS),
  spacingSchool: string().required().oneOf(SPACING_SCHOOLS),
  germination: measure(...SEED_SHARE),
  survival: measure(...SEED_SHARE),
  raising: string().required().oneOf(RAISING_WAYS),
  plannedSow: orNull(isoDateField()),
  plannedSetOut: orNull(isoDateField()),
  ownInRow: orNull(measure(...SPACING_BOUNDS)),
  ownLines: orNull(measure(...SPACING_BOUNDS)),
  ownCage: orNull(measure(...CAGE_BOUNDS)),
  unionHeight: orNull(measure(...UNION_BOUNDS)),
}).noUnknown()

export const plantingRecord = record<Planting>({
  name: 'planting',
  table: planting,
  row: plantingRow,
  most: 20_000,
  key: ['id'],
  references: { placeId: 'place', cultivarId: 'cultivar' },
  order: [planting.id],
  since: 1,
  versions: {
    2: (row) => ({ raising: 'plant', plannedSow: null, ...row }),
    10: (row) => ({ ownInRow: null, ownLines: null, ...row }),
    11: (row) => ({ ownCage: null, unionHeight: null, ...row }),
  },
})
