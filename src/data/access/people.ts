import { and, asc, eq, gt, sql } from 'drizzle-orm'
import { v7 } from 'uuid'
import { INVITE_DAYS, type Role } from '../../core/facts'
import { reader, write, writeApart } from '../database'
import { person, signedIn } from '../records/apart'
import { hashOfSecret, newSecret } from '../secret'
import { lockOf } from './lock'
import { admit } from './signed-in'
import { beginTry, forgiveTry } from './tries'

/** Someone who gardens here. `invited`: a link to join by is open. */
export interface Person {
  id: string
  name: string
  role: Role
  invited: boolean
}

export async function people(now: Date): Promise<Person[]> {
  const rows = await (await reader()).select().from(person).orderBy(asc(person.name))
  return rows.map(({ id, name, role, inviteUntil }) => ({
    id,
    name,
    role,
    invited: inviteUntil !== null && inviteUntil > now.toISOString(),
  }))
}

/** A secret that lets one device in, once, and what is kept of it. */
function newInvite(now: Date) {
  const code = newSecret()
  const until = new Date(now.getTime() + INVITE_DAYS * 86_400_000)
  return { code, kept: { inviteHash: hashOfSecret(code), inviteUntil: until.toISOString() } }
}

/** Adds someone. @returns the code to join by, told only now; null: that name is taken */
export function addPerson(name: string, role: Role, now: Date): Promise<string | null> {
  const { code, kept } = newInvite(now)
  return writeApart(async (tx) => {
    const same = await tx
      .select()
      .from(person)
      .where(eq(sql`lower(${person.name})`, name.toLowerCase()))
    if (same.length > 0) return null
    await tx.insert(person).values({ id: v7(), name, role, ...kept })
    return code
  })
}

/** A new code for someone's next device; one that was open is closed. @returns null: that person is gone */
export function inviteAgain(id: string, now: Date): Promise<string | null> {
  const { code, kept } = newInvite(now)
  return writeApart(async (tx) => {
    const changed = await tx.update(person).set(kept).where(eq(person.id, id)).returning({ id: person.id })
    return changed.length > 0 ? code : null
  })
}

/** Takes someone away, and signs the devices of that person out; the entries keep the name, the places are nobody's. */
export const removePerson = (id: string): Promise<void> =>
  write(async (tx) => {
    await tx.delete(signedIn).where(eq(signedIn.personId, id))
    await tx.delete(person).where(eq(person.id, id))
  })

/** Has a device that signed in with the passphrase be someone's. */
export const giveDevice = (device: string, personId: string | null): Promise<void> =>
  writeApart(async (tx) => {
    await tx.update(signedIn).set({ personId }).where(eq(signedIn.id, device))
  })

/** Whom a code invites; null: it was used, or is too old. */
export async function invitedBy(code: string, now: Date): Promise<{ name: string; role: Role } | null> {
  const [found] = await (await reader()).select().from(person).where(openInvite(code, now))
  return found ? { name: found.name, role: found.role } : null
}

const openInvite = (code: string, now: Date) =>
  and(eq(person.inviteHash, hashOfSecret(code)), gt(person.inviteUntil, now.toISOString()))

/** What came of joining: a sealed cookie; or why there is none. */
export type Joined = { cookie: string } | { problem: 'used' } | { problem: 'wait'; seconds: number }

/** Signs a device in by a code, which is good once. Wrong codes count as wrong passphrases. */
export async function join(code: string, by: { name: string; address: string }, now: Date): Promise<Joined> {
  const seconds = await beginTry(by.address, now)
  if (seconds > 0) return { problem: 'wait', seconds }
  const lock = await lockOf()
  const used = await writeApart((tx) =>
    tx
      .update(person)
      .set({ inviteHash: null, inviteUntil: null })
      .where(openInvite(code, now))
      .returning({ id: person.id }),
  )
  if (!lock || !used[0]) return { problem: 'used' }
  await forgiveTry(by.address)
  return { cookie: await admit(by.name, used[0].id, lock, now) }
}
