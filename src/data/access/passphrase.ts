import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto'
import { promisify } from 'node:util'
import { PASSPHRASE_LENGTH } from '../../core/facts'

const COST: ScryptOptions = { N: 2 ** 15, r: 8, p: 3, maxmem: 2 ** 26 }
const [SALT_BYTES, KEY_BYTES] = [16, 32]

const derive = promisify(scrypt) as (
  text: string,
  salt: Buffer,
  bytes: number,
  cost: ScryptOptions,
) => Promise<Buffer>

/** The same characters, however a keyboard composes them, without what stands around. */
const asOne = (typed: string) => typed.normalize('NFKC').trim()

/** Whether a passphrase is long enough to keep strangers out. */
export const isPassphrase = (typed: unknown): typed is string =>
  typeof typed === 'string' &&
  asOne(typed).length >= PASSPHRASE_LENGTH[0] &&
  asOne(typed).length <= PASSPHRASE_LENGTH[1]

/** What is kept of a passphrase: salt and scrypt hash, base64url with a point between. */
export async function hashOf(passphrase: string): Promise<string> {
  const salt = randomBytes(SALT_BYTES)
  return `${salt.toString('base64url')}.${(await derive(asOne(passphrase), salt, KEY_BYTES, COST)).toString('base64url')}`
}

/** Whether a passphrase is the one that a hash was made of. */
export async function isRight(typed: string, kept: string): Promise<boolean> {
  const [salt, key] = kept.split('.').map((part) => Buffer.from(part, 'base64url'))
  if (!isPassphrase(typed) || !salt || key?.byteLength !== KEY_BYTES) return false
  return timingSafeEqual(await derive(asOne(typed), salt, KEY_BYTES, COST), key)
}
