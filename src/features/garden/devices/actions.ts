'use server'

import { headers } from 'next/headers'
import type { FormProblems } from '../../../components/forms/use-checked-form'
import { matrixCode, type MatrixCode } from '../../../components/drawing/matrix-code'
import type { Result } from '../../../core/result'
import { changePassphrase } from '../../../data/access/change'
import { addPerson, giveDevice, inviteAgain, people, removePerson } from '../../../data/access/people'
import { signOut } from '../../../data/access/signed-in'
import { ADDRESS_HEADER, DEVICE_HEADER } from '../../../guard'
import { sayWait } from '../../../wording/access'
import { checkForm } from '../../../wording/check-form'
import { reachedAt } from './reached-at'
import { passphraseSchema, personSchema, type PassphraseValues, type PersonValues } from './schema'

/** Signs a device out, or all of them with the one that asks. */
export async function signOutDevice(id: string): Promise<Result> {
  await signOut(String(id))
  return { ok: true }
}

/** Sets or changes the passphrase; every other device is signed out. */
export async function keepPassphrase(
  typed: PassphraseValues,
  isSet: boolean,
): Promise<FormProblems | undefined> {
  const checked = await checkForm(passphraseSchema(isSet === true), typed)
  if ('fields' in checked) return { fields: checked.fields }
  const sent = await headers()
  const answer = await changePassphrase(checked.values, {
    device: sent.get(DEVICE_HEADER),
    address: sent.get(ADDRESS_HEADER) ?? '',
    now: new Date(),
  })
  if (answer === 'changed') return undefined
  if (answer === 'wrong')
    return { fields: { before: 'That is not the passphrase in use. Nothing was changed.' } }
  return { form: `There were too many wrong passphrases. Try again in ${sayWait(answer.wait)}.` }
}

/** A link that lets one device in, as text and as a code for its camera. It is told only once. */
export interface Invite {
  address: string
  code: MatrixCode
}

async function inviteBy(code: string): Promise<Invite> {
  const [origin] = reachedAt(await headers())
  const address = `${origin}/join/${code}`
  return { address, code: matrixCode(address) }
}

/** Adds someone, with a link to join by. */
export async function invite(typed: PersonValues): Promise<FormProblems | { invite: Invite }> {
  const checked = await checkForm(personSchema, typed)
  if ('fields' in checked) return { fields: checked.fields }
  const { name, role } = checked.values
  const code = await addPerson(name, role, new Date())
  if (code === null)
    return { fields: { name: 'Someone here has that name already. Add another letter to it.' } }
  return { invite: await inviteBy(code) }
}

/** A new link for someone, for a new phone say. */
export async function inviteOnceMore(id: string): Promise<Result<{ invite: Invite }>> {
  const code = await inviteAgain(String(id), new Date())
  return code === null
    ? { ok: false, message: 'That person was removed. Load the screen again.' }
    : { ok: true, invite: await inviteBy(code) }
}

/** Removes someone; the devices of that person are signed out. */
export async function dropPerson(id: string): Promise<Result> {
  await removePerson(String(id))
  return { ok: true }
}

/** Has what this device enters bear a keeper's name; empty: none. */
export async function takeDevice(personId: string): Promise<Result> {
  const device = (await headers()).get(DEVICE_HEADER)
  const chosen = (await people(new Date())).find(({ id, role }) => id === personId && role === 'keeper')
  if (device === null || (personId !== '' && !chosen))
    return { ok: false, message: 'That person was removed. Load the screen again.' }
  await giveDevice(device, chosen?.id ?? null)
  return { ok: true }
}
