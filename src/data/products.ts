import { isDeepStrictEqual } from 'node:util'
import { and, eq } from 'drizzle-orm'
import type { Product } from '../core/feeding'
import type { Result } from '../core/result'
import { write } from './database'
import { currentGarden } from './gardens'
import { product, productRecord } from './records/product'

/** What a change of the feeds came to: the one before, or why it stays so. */
export type ProductChange = Result<{ before: Product | null }>

/** Puts a feed as it is to be; null takes it away: what was given of it stays in the log. With `seen` only while it is still so. */
export async function putProduct(
  id: string,
  row: Product | null,
  seen?: Product | null,
): Promise<ProductChange> {
  return write(async (tx): Promise<ProductChange> => {
    const garden = await currentGarden(tx)
    if (!garden) return { ok: false, message: 'You have no garden yet. Start one first.' }
    const before = (await productRecord.of(garden.id, tx)).find((one) => one.id === id) ?? null
    if (seen !== undefined && !isDeepStrictEqual(seen, before))
      return { ok: false, message: 'Another window changed it at the same moment. Save it again.' }
    await tx.delete(product).where(and(eq(product.id, id), eq(product.gardenId, garden.id)))
    if (row) await productRecord.insert(tx, garden.id, [row])
    return { ok: true, before }
  })
}
