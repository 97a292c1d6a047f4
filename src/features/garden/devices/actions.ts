'use server'

import { headers } from 'next/headers'
import type { FormProblems } from '../../../components/forms/use-checked-form'
import type { Result } from '../../../core/result'
import { changePassphrase } from '../../../data/access/change'
import { signOut } from '../../../data/access/signed-in'
import { ADDRESS_HEADER, DEVICE_HEADER } from '../../../guard'
import { sayWait } from '../../../wording/access'
import { checkForm } from '../../../wording/check-form'
import { passphraseSchema, type PassphraseValues } from './schema'

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
