import { and, eq, lt, or, sql } from 'drizzle-orm'
import { reader, writeApart, type Reader } from '../database'
import { signInTry } from '../records/apart'

/** Tries to sign in that count together: so many may be wrong, then each next waits twice as long, s. */
interface Patience {
  free: number
  first: number
  most: number
  /** After so long without a try they are forgotten, s. */
  forgotten: number
}

const HOUR = 3600
const OF_ADDRESS: Patience = { free: 5, first: 30, most: HOUR, forgotten: 24 * HOUR }
const IN_ALL: Patience = { free: 25, first: 10, most: HOUR / 4, forgotten: 6 * HOUR }

/** Under what the tries from everywhere are counted: no address is written so. */
const EVERYWHERE = '*'

/** How long after the last wrong try the next is taken, s. */
export const waitAfter = (wrong: number, { free, first, most }: Patience = OF_ADDRESS): number =>
  wrong < free ? 0 : Math.min(most, first * 2 ** Math.min(wrong - free, 20))

/**
 * Counts a try as a wrong one before the passphrase is looked at, so that many at once are no way past the count.
 *
 * @returns 0; or how long to wait before a try is taken, s: then this one is not counted, nor may it be looked at
 */
export async function beginTry(address: string, now: Date): Promise<number> {
  // Whoever has to wait anyway holds up no write.
  return (await waitOfAddress(address, now)) || countTry(address, now)
}

function countTry(address: string, now: Date): Promise<number> {
  return writeApart(async (tx) => {
    const wait = await waitOfAddress(address, now, tx)
    if (wait > 0) return wait
    await tx
      .delete(signInTry)
      .where(
        or(
          lt(signInTry.last, ago(now, OF_ADDRESS.forgotten)),
          and(eq(signInTry.address, EVERYWHERE), lt(signInTry.last, ago(now, IN_ALL.forgotten))),
        ),
      )
    for (const [counted] of countsOf(address))
      await tx
        .insert(signInTry)
        .values({ address: counted, wrong: 1, last: now.toISOString() })
        .onConflictDoUpdate({
          target: signInTry.address,
          set: { wrong: sql`${signInTry.wrong} + 1`, last: now.toISOString() },
        })
    return 0
  })
}

/** Under what a try from an address is counted. */
const countsOf = (address: string): [string, Patience][] => [
  [address, OF_ADDRESS],
  [EVERYWHERE, IN_ALL],
]

/** How long an address waits before a try from it is taken, s. */
export async function waitOfAddress(address: string, now: Date, from?: Reader): Promise<number> {
  const db = from ?? (await reader())
  let wait = 0
  for (const [counted, patience] of countsOf(address)) {
    const [row] = await db.select().from(signInTry).where(eq(signInTry.address, counted))
    // A clock that was put back makes nobody wait longer than one wait.
    const since = Math.max(0, (now.getTime() - Date.parse(row?.last ?? '')) / 1000)
    if (row && since < patience.forgotten)
      wait = Math.max(wait, Math.ceil(waitAfter(row.wrong, patience) - since))
  }
  return wait
}

const ago = (now: Date, seconds: number) => new Date(now.getTime() - seconds * 1000).toISOString()

/** The try was right: it is taken from the count of all, and its address begins anew. */
export const forgiveTry = (address: string): Promise<void> =>
  writeApart(async (tx) => {
    await tx.delete(signInTry).where(eq(signInTry.address, address))
    await tx
      .update(signInTry)
      .set({ wrong: sql`max(0, ${signInTry.wrong} - 1)` })
      .where(eq(signInTry.address, EVERYWHERE))
  })
