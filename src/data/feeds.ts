import { eq } from 'drizzle-orm'
import { reader, type Reader, type Writer } from './database'
import { calendarFeed } from './records/apart'
import { hashOfSecret } from './secret'

/** Whether a garden's calendar can be read under a secret. */
export async function hasFeed(gardenId: string, from?: Reader): Promise<boolean> {
  const db = from ?? (await reader())
  return (await db.select().from(calendarFeed).where(eq(calendarFeed.gardenId, gardenId))).length > 0
}

/** The garden that a secret opens; null: none, or no longer. */
export async function gardenOfFeed(token: string): Promise<string | null> {
  const [found] = await (
    await reader()
  )
    .select()
    .from(calendarFeed)
    .where(eq(calendarFeed.tokenHash, hashOfSecret(token)))
  return found?.gardenId ?? null
}

/** Gives a garden's calendar a secret, in place of the one before; null: takes it away. */
export async function setFeedToken(tx: Writer, gardenId: string, token: string | null): Promise<void> {
  await tx.delete(calendarFeed).where(eq(calendarFeed.gardenId, gardenId))
  if (token !== null) await tx.insert(calendarFeed).values({ gardenId, tokenHash: hashOfSecret(token) })
}
