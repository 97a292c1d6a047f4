import { eq } from 'drizzle-orm'
import { v7 } from 'uuid'
import { addDays, type IsoDate } from '../core/calendar'
import { startOfSeason } from '../core/climate'
import type { Planting } from '../core/facts'
import { effectiveEntries, entriesAbout } from '../core/entry'
import type { LogEntry } from '../core/log'
import { phaseOf } from '../core/season'
import { write, type Reader } from './database'
import { currentGarden } from './gardens'
import { normalsOf, todayIn } from './garden-row'
import { archivedSeason, archiveRecord } from './records/archived-season'
import { normalRecord } from './records/normal'
import { entryRecord } from './records/entry'
import { plantingRecord } from './records/planting'

export type ArchiveAnswer = 'archived' | 'no-garden' | 'not-over' | 'nothing-there' | 'archived-before'

/**
 * Puts a season away, in one: what still stands of it is entered as cleared, and the log is closed through its last
 * day. Nothing is removed; {@link reopenSeason} opens it again.
 */
export const archiveSeason = (season: number): Promise<ArchiveAnswer> =>
  write(async (tx) => {
    const garden = await currentGarden(tx)
    if (!garden) return 'no-garden'
    const plantings = (await plantingRecord.of(garden.id, tx)).filter((one) => one.season === season)
    if (plantings.length === 0) return 'nothing-there'
    if ((await archiveRecord.of(garden.id, tx)).some((one) => one.season === season)) return 'archived-before'
    const now = todayIn(garden)
    const through = await lastDayOf(tx, garden.id, season)
    if (through >= now) return 'not-over'
    const counted = effectiveEntries(await entryRecord.of(garden.id, tx), now)
    const phaseOfPlanting = (planting: Planting) =>
      phaseOf(planting, entriesAbout(counted, { type: 'planting', id: planting.id }))
    const at = new Date().toISOString()
    await entryRecord.insert(
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
    await archiveRecord.insert(tx, garden.id, [{ season, through }])
    return 'archived'
  })

/** The day before the next season begins. */
async function lastDayOf(tx: Reader, gardenId: string, season: number): Promise<IsoDate> {
  const normals = normalsOf(await normalRecord.of(gardenId, tx))
  return addDays(startOfSeason(normals, season + 1), -1)
}

/** Opens a season's log again; what was entered when it was put away stays. */
export const reopenSeason = (season: number): Promise<boolean> =>
  write(async (tx) => {
    const garden = await currentGarden(tx)
    if (!garden) return false
    const kept = (await archiveRecord.of(garden.id, tx)).filter((one) => one.season !== season)
    await tx.delete(archivedSeason).where(eq(archivedSeason.gardenId, garden.id))
    await archiveRecord.insert(tx, garden.id, kept)
    return true
  })
