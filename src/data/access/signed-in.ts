import { desc, eq, lt } from 'drizzle-orm'
import { v7 } from 'uuid'
import { NAMELESS_KEEPER, type Actor } from '../../core/facts'
import { reader, writeApart } from '../database'
import { person, signedIn } from '../records/apart'
import { lockOf, type Lock } from './lock'
import { isRight } from './passphrase'
import { opened, sealed, SIGNED_IN_DAYS } from './seal'
import { beginTry, forgiveTry } from './tries'

/** A phone or computer that is signed in; times in UTC. `person`: whose it is, by name; null: a keeper's. */
export type SignedIn = typeof signedIn.$inferSelect & { person: string | null }

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
  return { cookie: await admit(name, null, lock, now) }
}

/** Notes a device as signed in. @param personId whose it is; null: a keeper's @returns its sealed cookie */
export async function admit(name: string, personId: string | null, lock: Lock, now: Date): Promise<string> {
  const id = v7()
  const at = now.toISOString()
  await writeApart(async (tx) => {
    await tx
      .delete(signedIn)
      .where(lt(signedIn.since, new Date(now.getTime() - SIGNED_IN_DAYS * 86_400_000).toISOString()))
    await tx
      .insert(signedIn)
      .values({ id, name: name.trim().slice(0, DEVICE_NAME) || 'Device', since: at, lastUsed: at, personId })
  })
  return sealed(id, lock.sealKey, now)
}

/** The devices that are signed in, the one used last first. */
export async function signedInDevices(): Promise<SignedIn[]> {
  const rows = await (
    await reader()
  )
    .select({ device: signedIn, person: person.name })
    .from(signedIn)
    .leftJoin(person, eq(person.id, signedIn.personId))
    .orderBy(desc(signedIn.lastUsed))
  return rows.map(({ device, person }) => ({ ...device, person }))
}

/** Signs a device out, or all. */
export const signOut = (id: string | 'all'): Promise<void> =>
  writeApart(async (tx) => {
    await tx.delete(signedIn).where(id === 'all' ? undefined : eq(signedIn.id, id))
  })

/** Who a request comes from: `open`, as there is no passphrase; a device that is signed in; or a stranger. */
export type Visitor = 'open' | 'stranger' | { device: string; actor: Actor }

/** @param cookie as it was sent @throws DatabaseProblem when it cannot be known */
export async function visitorOf(cookie: string | undefined, now: Date): Promise<Visitor> {
  const lock = await lockOf()
  if (!lock) return 'open'
  const id = cookie === undefined ? null : await opened(cookie, lock.sealKey, now)
  if (id === null) return 'stranger'
  const [found] = await (
    await reader()
  )
    .select({ device: signedIn, name: person.name, role: person.role })
    .from(signedIn)
    .leftJoin(person, eq(person.id, signedIn.personId))
    .where(eq(signedIn.id, id))
  if (!found) return 'stranger'
  const { device, name, role } = found
  if (now.getTime() - Date.parse(device.lastUsed) > NOTED_EVERY)
    await writeApart(async (tx) => {
      await tx.update(signedIn).set({ lastUsed: now.toISOString() }).where(eq(signedIn.id, id))
    }).catch(() => undefined)
  return { device: id, actor: name === null || role === null ? NAMELESS_KEEPER : { name, role } }
}
