import { lockOf, setPassphrase } from './lock'
import { isRight } from './passphrase'
import { beginTry, forgiveTry } from './tries'

/** What came of a change of the passphrase; `wait`: too many were wrong, in s. */
export type PassphraseChange = 'changed' | 'wrong' | { wait: number }

/**
 * Changes the passphrase for whoever knows the one in use, or sets the first. The device that asks stays signed in.
 *
 * @param by where it is asked from: wrong tries count as those of the sign-in
 */
export async function changePassphrase(
  { before, passphrase }: { before: string; passphrase: string },
  by: { device: string | null; address: string; now: Date },
): Promise<PassphraseChange> {
  const lock = await lockOf()
  if (lock) {
    const wait = await beginTry(by.address, by.now)
    if (wait > 0) return { wait }
    if (!(await isRight(before, lock.passphraseHash))) return 'wrong'
    await forgiveTry(by.address)
  }
  await setPassphrase(passphrase, by.device ?? undefined)
  return 'changed'
}
