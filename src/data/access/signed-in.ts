import { desc, eq, lt } from 'drizzle-orm'
import { v7 } from 'uuid'
import { reader, writeApart } from '../database'
import { signedIn } from '../records/apart'
import { lockOf } from './lock'
import { isRight } from './passphrase'
import { opened, sealed, SIGNED_IN_DAYS } from './seal'
import { beginTry, forgiveTry } from './tries'

/** A phone or computer that is signed in; times in UTC. */
export type SignedIn = typeof signedIn.$inferSelect

/** Letters of a device's name, at the most. */
const DEVICE_NAME = 40

/** When a device was used is noted so often, ms. */
const NOTED_EVERY = 600_000

/** A sealed cookie for a device that gave the right passphrase; or why there is none. */
export type SignInAnswer = { cookie: string } | { problem: 'wrong' } | { problem: 'wait'; seconds: number }

/** Signs a device in, if the passphrase is right and not too many were wrong. @param address where it was tried from */
export async function signIn(
  passphrase: string,
  { name, address }: { name: string; address: string },
  now: Date,
): Promise<SignInAnswer> {
  const seconds = await beginTry(address, now)
  if (seconds > 0) return { problem: 'wait', seconds }
  const lock = await lockOf()
  if (!lock || !(await isRight(passphrase, lock.passphraseHash))) return { problem: 'wrong' }
  await forgiveTry(address)
  const id = v7()
  const at = now.toISOString()
  await writeApart(async (tx) => {
    await tx
      .delete(signedIn)
      .where(lt(signedIn.since, new Date(now.getTime() - SIGNED_IN_DAYS * 86_400_000).toISOString()))
    await tx.insert(signedIn).values({ id, name: name.trim().slice(0, DEVICE_NAME), since: at, lastUsed: at })
  })
  return { cookie: await sealed(id, lock.sealKey, now) }
}

/** The devices that are signed in, the one used last first. */
export async function signedInDevices(): Promise<SignedIn[]> {
  return (await reader()).select().from(signedIn).orderBy(desc(signedIn.lastUsed))
}

/** Signs a device out, or all. */
export const signOut = (id: string | 'all'): Promise<void> =>
  writeApart(async (tx) => {
    await tx.delete(signedIn).where(id === 'all' ? undefined : eq(signedIn.id, id))
  })

/** Who a request comes from: `open`, as there is no passphrase; a device that is signed in; or a stranger. */
export type Visitor = 'open' | 'stranger' | { device: string }

/** @param cookie as it was sent @throws DatabaseProblem when it cannot be known */
export async function visitorOf(cookie: string | undefined, now: Date): Promise<Visitor> {
  const lock = await lockOf()
  if (!lock) return 'open'
  const id = cookie === undefined ? null : await opened(cookie, lock.sealKey, now)
  if (id === null) return 'stranger'
  const [device] = await (await reader()).select().from(signedIn).where(eq(signedIn.id, id))
  if (!device) return 'stranger'
  if (now.getTime() - Date.parse(device.lastUsed) > NOTED_EVERY)
    await writeApart(async (tx) => {
      await tx.update(signedIn).set({ lastUsed: now.toISOString() }).where(eq(signedIn.id, id))
    }).catch(() => undefined)
  return { device: id }
}
