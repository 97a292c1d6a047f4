import { addMonths, type IsoDate } from '../core/calendar'
import type { ArchivedSeason } from './records/archived-season'

/**
 * The archived season that a day's log is closed by; null: the day is open. A season closes the year up to its last
 * day, so that one can be opened while a later one stays closed.
 */
export const closedBy = (archive: readonly ArchivedSeason[], on: IsoDate): ArchivedSeason | null =>
  archive.find(({ through }) => on <= through && on > addMonths(through, -12)) ?? null
