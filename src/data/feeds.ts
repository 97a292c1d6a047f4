import { eq } from 'drizzle-orm'
import { reader, type Reader, type Writer } from './database'
import { calendarFeed } from './records/apart'

/** The secret under which a garden's calendar is read; null: there is none. */
export async function feedToken(gardenId: string, from?: Reader): Promise<string | null> {
  const db = from ?? (await reader())
  const [found] = await db.select().from(calendarFeed).where(eq(calendarFeed.gardenId, gardenId))
  return found?.token ?? null
}

/** The garden that a secret opens; null: none, or no longer. */
export async function gardenOfFeed(token: string): Promise<string | null> {
  const [found] = await (await reader()).select().from(calendarFeed).where(eq(calendarFeed.token, token))
  return found?.gardenId ?? null
}

/** Gives a garden's calendar a secret, in place of the one before; null: takes it away. */
export async function setFeedToken(tx: Writer, gardenId: string, token: string | null): Promise<void> {
  await tx.delete(calendarFeed).where(eq(calendarFeed.gardenId, gardenId))
  if (token !== null) await tx.insert(calendarFeed).values({ gardenId, token })
}
