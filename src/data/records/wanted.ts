import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { number, object } from 'yup'
import { MOST_PLANTS, SEASON_BOUNDS } from '../../core/bounds'
import type { Wanted } from '../../core/facts'
import { cultivar } from './cultivar'
import { id, idField, measure } from './fields'
import { gardenId } from './garden'
import { record } from './record'

export const wanted = sqliteTable(
  'wanted',
  {
    id: id(),
    gardenId: gardenId(),
    cultivarId: text()
      .notNull()
      .references(() => cultivar.id),
    season: integer().notNull(),
    count: integer().notNull(),
  },
  (table) => [index('wanted_of_garden').on(table.gardenId, table.season)],
)

/** What is wanted of a cultivar in a season, as it is kept. */
const wantedRow = object({
  id: idField().required(),
  cultivarId: idField().required(),
  season: measure(...SEASON_BOUNDS).integer(),
  count: number().required().integer().min(1).max(MOST_PLANTS),
}).noUnknown()

export const wantedRecord = record<Wanted>({
  name: 'wish',
  table: wanted,
  row: wantedRow,
  most: 5000,
  key: ['id'],
  references: { cultivarId: 'cultivar' },
  order: [wanted.id],
  since: 11,
  versions: {},
})
