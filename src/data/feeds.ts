import { eq } from 'drizzle-orm'
import type { Reminders } from '../core/facts'
import { reader, write, type Reader, type Writer } from './database'
import { currentGarden } from './gardens'
import { calendarFeed } from './records/apart'
import { hashOfSecret } from './secret'

/** Of what a garden's calendar reminds where it can be read under a secret; null: it cannot. */
export async function feedOf(gardenId: string, from?: Reader): Promise<Reminders | null> {
  const db = from ?? (await reader())
  const [found] = await db.select().from(calendarFeed).where(eq(calendarFeed.gardenId, gardenId))
  return found ? remindersOf(found) : null
}

const remindersOf = ({ frostAt, waterAt, roundAt }: typeof calendarFeed.$inferSelect): Reminders => ({
  frost: frostAt,
  water: waterAt,
  round: roundAt,
})

/** The garden that a secret opens, and of what its calendar reminds; null: none, or no longer. */
export async function gardenOfFeed(
  token: string,
): Promise<{ gardenId: string; reminders: Reminders } | null> {
  const [found] = await (
    await reader()
  )
    .select()
    .from(calendarFeed)
    .where(eq(calendarFeed.tokenHash, hashOfSecret(token)))
  return found ? { gardenId: found.gardenId, reminders: remindersOf(found) } : null
}

/** Gives a garden's calendar a secret, in place of the one before; null: takes it away. */
export async function setFeedToken(tx: Writer, gardenId: string, token: string | null): Promise<void> {
  if (token === null) await tx.delete(calendarFeed).where(eq(calendarFeed.gardenId, gardenId))
  else
    await tx
      .insert(calendarFeed)
      .values({ gardenId, tokenHash: hashOfSecret(token) })
      .onConflictDoUpdate({ target: calendarFeed.gardenId, set: { tokenHash: hashOfSecret(token) } })
}

/** Has the calendar of the garden at work remind at these hours. @returns false: it has no feed */
export const setReminders = ({ frost, water, round }: Reminders): Promise<boolean> =>
  write(async (tx) => {
    const garden = await currentGarden(tx)
    if (!garden) return false
    const changed = await tx
      .update(calendarFeed)
      .set({ frostAt: frost, waterAt: water, roundAt: round })
      .where(eq(calendarFeed.gardenId, garden.id))
      .returning({ id: calendarFeed.gardenId })
    return changed.length > 0
  })
