import { integer, primaryKey, sqliteTable } from 'drizzle-orm/sqlite-core'
import { object } from 'yup'
import { SEASON_BOUNDS } from '../../core/bounds'
import type { IsoDate } from '../../core/calendar'
import { date, isoDateField, measure } from './fields'
import { gardenId } from './garden'
import { record } from './record'

/** Seasons put away: the log is closed through a day, the last one of the season. */
export const archivedSeason = sqliteTable(
  'archived_season',
  {
    gardenId: gardenId(),
    season: integer().notNull(),
    through: date().notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.season] })],
)

/** A season that is archived, as it is kept. */
const archiveRow = object({
  season: measure(...SEASON_BOUNDS).integer(),
  through: isoDateField().required(),
}).noUnknown()

/** A season that was put away: the log is closed through a day. */
export interface ArchivedSeason {
  season: number
  through: IsoDate
}

export const archiveRecord = record<ArchivedSeason>({
  name: 'archived season',
  table: archivedSeason,
  row: archiveRow,
  most: 500,
  key: ['season'],
  order: [archivedSeason.season],
  since: 7,
  versions: {},
})
