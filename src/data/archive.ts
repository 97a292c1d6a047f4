import { asc, eq } from 'drizzle-orm'
import { v7 } from 'uuid'
import { addDays, addMonths, type IsoDate } from '../core/calendar'
import { seasonStart } from '../core/climate'
import type { Planting } from '../core/facts'
import { effectiveEntries, entriesAbout } from '../core/entry'
import type { LogEntry } from '../core/log'
import { phaseOf } from '../core/season'
import { reader, write, type Reader, type Writer } from './database'
import { currentGarden, normalRows, normalsOf, todayIn } from './gardens'
import { insertEntries, logOf } from './log'
import { plantingsOf } from './plantings'
import { archivedSeason } from './schema-stores'

/** A season that was put away: the log is closed through a day. */
export interface ArchivedSeason {
  season: number
  through: IsoDate
}

export async function archiveOf(gardenId: string, from?: Reader): Promise<ArchivedSeason[]> {
  const db = from ?? (await reader())
  const rows = await db
    .select()
    .from(archivedSeason)
    .where(eq(archivedSeason.gardenId, gardenId))
    .orderBy(asc(archivedSeason.season))
  return rows.map(({ season, through }) => ({ season, through: through! }))
}

export async function insertArchive(
  tx: Writer,
  gardenId: string,
  rows: readonly ArchivedSeason[],
): Promise<void> {
  if (rows.length > 0) await tx.insert(archivedSeason).values(rows.map((row) => ({ ...row, gardenId })))
}

/**
 * The archived season that a day's log is closed by; null: the day is open. A season closes the year up to its last
 * day, so that one can be opened while a later one stays closed.
 */
export const closedBy = (archive: readonly ArchivedSeason[], on: IsoDate): ArchivedSeason | null =>
  archive.find(({ through }) => on <= through && on > addMonths(through, -12)) ?? null

export type ArchiveAnswer = 'archived' | 'no-garden' | 'not-over' | 'nothing-there' | 'archived-before'

/**
 * Puts a season away, in one: what still stands of it is entered as cleared, and the log is closed through its last
 * day. Nothing is removed; {@link reopenSeason} opens it again.
 */
export const archiveSeason = (season: number): Promise<ArchiveAnswer> =>
  write(async (tx) => {
    const garden = await currentGarden(tx)
    if (!garden) return 'no-garden'
    const plantings = await plantingsOf(garden.id, season, tx)
    if (plantings.length === 0) return 'nothing-there'
    if ((await archiveOf(garden.id, tx)).some((one) => one.season === season)) return 'archived-before'
    const now = todayIn(garden)
    const through = await lastDayOf(tx, garden.id, season)
    if (through >= now) return 'not-over'
    const counted = effectiveEntries(await logOf(garden.id, tx), now)
    const phaseOfPlanting = (planting: Planting) =>
      phaseOf(planting, entriesAbout(counted, { type: 'planting', id: planting.id }))
    const at = new Date().toISOString()
    await insertEntries(
      tx,
      garden.id,
      plantings
        .filter((planting) => ['raising', 'standing'].includes(phaseOfPlanting(planting)))
        .map(({ id }): LogEntry<'cleared'> => ({
          id: v7(),
          subject: { type: 'planting', id },
          kind: 'cleared',
          on: through,
          at,
          data: {},
          note: '',
          voids: null,
        })),
    )
    await insertArchive(tx, garden.id, [{ season, through }])
    return 'archived'
  })

/** The day before the next season begins. */
async function lastDayOf(tx: Reader, gardenId: string, season: number): Promise<IsoDate> {
  const normals = normalsOf(await normalRows(gardenId, tx))
  return addDays(seasonStart(normals, `${season + 1}-12-31` as IsoDate), -1)
}

/** Opens a season's log again; what was entered when it was put away stays. */
export const reopenSeason = (season: number): Promise<boolean> =>
  write(async (tx) => {
    const garden = await currentGarden(tx)
    if (!garden) return false
    const kept = (await archiveOf(garden.id, tx)).filter((one) => one.season !== season)
    await tx.delete(archivedSeason).where(eq(archivedSeason.gardenId, garden.id))
    await insertArchive(tx, garden.id, kept)
    return true
  })
