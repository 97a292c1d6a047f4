import { inArray } from 'drizzle-orm'
import { v7 } from 'uuid'
import { MOST_PLANTS } from '../core/bounds'
import { typicalCultivar, type Wanted } from '../core/facts'
import type { Result } from '../core/result'
import { write } from './database'
import { currentGarden } from './gardens'
import { cultivarRecord } from './records/cultivar'
import { wanted, wantedRecord } from './records/wanted'

/** How many are wanted of a cultivar: by its id, or of one that is typical of its type by its key. */
export interface Wish {
  cultivar: string
  count: number
}

/** What a change of the wishes came to: how many were wanted before, to put them back. */
export type WishChange = Result<{ before: Wish[] }>

/** Sets how many plants of some cultivars are wanted in a season; 0: none any more. */
export async function setWanted(season: number, wishes: readonly Wish[]): Promise<WishChange> {
  return write(async (tx): Promise<WishChange> => {
    const garden = await currentGarden(tx)
    if (!garden) return { ok: false, message: 'You have no garden yet. Start one first.' }
    const there = (await wantedRecord.of(garden.id, tx)).filter((line) => line.season === season)
    const cultivars = await cultivarRecord.of(garden.id, tx)
    const before: Wish[] = []
    for (const { cultivar, count } of wishes) {
      if (!Number.isInteger(count) || count < 0 || count > MOST_PLANTS)
        return {
          ok: false,
          message: `Enter how many you want: a whole number up to ${MOST_PLANTS.toLocaleString('en')}.`,
        }
      const own = cultivars.find(({ id }) => id === cultivar) ?? typicalCultivar(cultivar, cultivars, v7())
      if (own && !cultivars.includes(own)) {
        cultivars.push(own)
        await cultivarRecord.insert(tx, garden.id, [own])
      }
      if (!own) return { ok: false, message: 'This cultivar is gone. Load the screen again.' }
      const { id: cultivarId } = own
      const lines = there.filter((line) => line.cultivarId === cultivarId)
      before.push({ cultivar: cultivarId, count: lines.reduce((sum, line) => sum + line.count, 0) })
      if (lines.length > 0)
        await tx.delete(wanted).where(
          inArray(
            wanted.id,
            lines.map(({ id }) => id),
          ),
        )
      if (count > 0) {
        const line: Wanted = { id: v7(), cultivarId, season, count }
        await wantedRecord.insert(tx, garden.id, [line])
      }
    }
    return { ok: true, before }
  })
}
