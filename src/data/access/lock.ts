import { eq, ne } from 'drizzle-orm'
import { reader, writeApart } from '../database'
import { lock, person, signedIn } from '../records/apart'
import { hashOf, isRight } from './passphrase'
import { newSealKey } from './seal'

export type Lock = Omit<typeof lock.$inferSelect, 'id'>

const ONLY = 1

/** What opens this Prairie; null: it has no passphrase. */
export async function lockOf(): Promise<Lock | null> {
  const [found] = await (await reader()).select().from(lock).where(eq(lock.id, ONLY))
  return found ?? null
}

/** Whether this Prairie has a passphrase. */
export const hasPassphrase = async () => (await lockOf()) !== null

/**
 * Gives this Prairie a passphrase, in place of the one before, and signs all devices out.
 *
 * @param but a device that stays signed in
 */
export async function setPassphrase(passphrase: string, but?: string): Promise<void> {
  const passphraseHash = await hashOf(passphrase)
  await writeApart(async (tx) => {
    await tx
      .insert(lock)
      .values({ id: ONLY, passphraseHash, sealKey: newSealKey() })
      .onConflictDoUpdate({ target: lock.id, set: { passphraseHash } })
    await tx.delete(signedIn).where(but === undefined ? undefined : ne(signedIn.id, but))
  })
}

/** Gives it this passphrase unless it has it already: then who is signed in stays so. */
export async function requirePassphrase(passphrase: string): Promise<void> {
  const there = await lockOf()
  if (!there || !(await isRight(passphrase, there.passphraseHash))) await setPassphrase(passphrase)
}

/**
 * Puts another database in the place of this one, and lets in whoever may come in now: no copy opens what was locked
 * since it was made, or brings back a device that was signed out.
 */
export async function underSameLock(replace: () => Promise<void>): Promise<void> {
  const before = await rowsNow().catch(() => null)
  await replace()
  if (!before) return
  await writeApart(async (tx) => {
    for (const table of [lock, signedIn, person]) await tx.delete(table)
    if (before.locks.length > 0) await tx.insert(lock).values(before.locks)
    if (before.people.length > 0) await tx.insert(person).values(before.people)
    if (before.devices.length > 0) await tx.insert(signedIn).values(before.devices)
  })
}

async function rowsNow() {
  const db = await reader()
  return {
    locks: await db.select().from(lock),
    people: await db.select().from(person),
    devices: await db.select().from(signedIn),
  }
}

/** Takes the passphrase away: whoever reaches this Prairie may do everything. */
export const dropPassphrase = (): Promise<void> =>
  writeApart(async (tx) => {
    await tx.delete(lock)
    await tx.delete(signedIn)
  })
