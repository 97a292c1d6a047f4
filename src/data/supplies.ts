import { isDeepStrictEqual } from 'node:util'
import { and, asc, eq } from 'drizzle-orm'
import type { Supply } from '../core/facts'
import type { Result } from '../core/result'
import { reader, write, type Reader, type Writer } from './database'
import { currentGarden } from './gardens'
import { inPortions, withoutGarden } from './plantings'
import { supply } from './schema-stores'

export async function suppliesOf(gardenId: string, from?: Reader): Promise<Supply[]> {
  const db = from ?? (await reader())
  return (
    await db
      .select()
      .from(supply)
      .where(eq(supply.gardenId, gardenId))
      .orderBy(asc(supply.kind), asc(supply.length), asc(supply.id))
  ).map(withoutGarden)
}

export const insertSupplies = (tx: Writer, gardenId: string, rows: readonly Supply[]) =>
  inPortions(rows, (portion) => tx.insert(supply).values(portion.map((row) => ({ ...row, gardenId }))))

/** What a change of the shed came to: the line as it was before, or why it stays so. */
export type SupplyChange = Result<{ before: Supply | null }>

/** Puts a line of the shed as it is to be; null takes it out. With `seen` only while it is still so. */
export async function putSupply(id: string, row: Supply | null, seen?: Supply | null): Promise<SupplyChange> {
  return write(async (tx): Promise<SupplyChange> => {
    const garden = await currentGarden(tx)
    if (!garden) return { ok: false, message: 'There is no garden yet: make one first.' }
    const before = (await suppliesOf(garden.id, tx)).find((line) => line.id === id) ?? null
    if (seen !== undefined && !isDeepStrictEqual(seen, before))
      return { ok: false, message: 'It was changed elsewhere at the same moment: save it again.' }
    await tx.delete(supply).where(and(eq(supply.id, id), eq(supply.gardenId, garden.id)))
    if (row) await insertSupplies(tx, garden.id, [row])
    return { ok: true, before }
  })
}

/** Adds what was bought to the shed, all or none; a line that is there grows by its pack count. */
export async function addSupplies(bought: readonly Supply[]): Promise<SupplyChange> {
  return write(async (tx): Promise<SupplyChange> => {
    const garden = await currentGarden(tx)
    if (!garden) return { ok: false, message: 'There is no garden yet: make one first.' }
    const there = new Map((await suppliesOf(garden.id, tx)).map((line) => [line.id, line]))
    for (const row of bought) {
      const before = there.get(row.id)
      if (before)
        await tx
          .update(supply)
          .set({ quantity: before.quantity + row.quantity })
          .where(eq(supply.id, row.id))
      else await insertSupplies(tx, garden.id, [row])
    }
    return { ok: true, before: null }
  })
}
