import { isDeepStrictEqual } from 'node:util'
import { and, eq } from 'drizzle-orm'
import type { Supply } from '../core/facts'
import type { Result } from '../core/result'
import { write } from './database'
import { currentGarden } from './gardens'
import { supply, supplyRecord } from './records/supply'

/** What a change of the shed came to: the line as it was before, or why it stays so. */
export type SupplyChange = Result<{ before: Supply | null }>

/** Puts a line of the shed as it is to be; null takes it out. With `seen` only while it is still so. */
export async function putSupply(id: string, row: Supply | null, seen?: Supply | null): Promise<SupplyChange> {
  return write(async (tx): Promise<SupplyChange> => {
    const garden = await currentGarden(tx)
    if (!garden) return { ok: false, message: 'You have no garden yet. Start one first.' }
    const before = (await supplyRecord.of(garden.id, tx)).find((line) => line.id === id) ?? null
    if (seen !== undefined && !isDeepStrictEqual(seen, before))
      return { ok: false, message: 'Another window changed it at the same moment. Save it again.' }
    await tx.delete(supply).where(and(eq(supply.id, id), eq(supply.gardenId, garden.id)))
    if (row) await supplyRecord.insert(tx, garden.id, [row])
    return { ok: true, before }
  })
}

/** Adds what was bought to the shed, all or none; a line that is there grows by its pack count. */
export async function addSupplies(bought: readonly Supply[]): Promise<SupplyChange> {
  return write(async (tx): Promise<SupplyChange> => {
    const garden = await currentGarden(tx)
    if (!garden) return { ok: false, message: 'You have no garden yet. Start one first.' }
    const there = new Map((await supplyRecord.of(garden.id, tx)).map((line) => [line.id, line]))
    for (const row of bought) {
      const before = there.get(row.id)
      if (before)
        await tx
          .update(supply)
          .set({ quantity: before.quantity + row.quantity })
          .where(eq(supply.id, row.id))
      else await supplyRecord.insert(tx, garden.id, [row])
    }
    return { ok: true, before: null }
  })
}
