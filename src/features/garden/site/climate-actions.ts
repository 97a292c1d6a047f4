'use server'

import { MOST_BENT } from '../../../core/climate'
import type { Result } from '../../../core/result'
import { climateOf } from '../../../data/climate-of'
import { write } from '../../../data/database'
import { currentGarden, replaceNormals, updateGarden } from '../../../data/gardens'
import { isClimateSource } from '../../../data/records/climate-source'
import { normalRecord } from '../../../data/records/normal'
import type { ClimateChoice } from './climate-offer'
import { NO_GARDEN } from '../../../wording/database-problems'

const isBend = (value: unknown): value is number =>
  typeof value === 'number' && Math.abs(value) <= 4 * MOST_BENT

/** Lets the garden's months come from another source; months that were entered stay as they are. */
export async function takeClimate({ source, cold, hot }: ClimateChoice): Promise<Result> {
  if (!isClimateSource(source) || !isBend(cold) || !isBend(hot))
    return { ok: false, message: 'That climate does not exist. Nothing was changed.' }
  return write(async (tx): Promise<Result> => {
    const garden = await currentGarden(tx)
    if (!garden) return { ok: false, message: NO_GARDEN }
    const months = await climateOf(source, garden, { cold, hot })
    const rows = await normalRecord.of(garden.id, tx)
    await updateGarden(tx, garden.id, { climateTemplate: source, climateShift: cold, climateHot: hot })
    await replaceNormals(
      tx,
      garden.id,
      rows.map((row) => (row.source === 'entered' ? row : { ...row, ...months[row.month - 1] })),
    )
    return { ok: true }
  })
}
