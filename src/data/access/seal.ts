import { randomBytes } from 'node:crypto'
import { base64url, EncryptJWT, jwtDecrypt } from 'jose'

/** Days that a device stays signed in. */
export const SIGNED_IN_DAYS = 30

const HEADER = { alg: 'dir', enc: 'A256GCM' } as const
const KEY_BYTES = 32

/** A key to seal with, for this database alone. */
export const newSealKey = () => randomBytes(KEY_BYTES).toString('base64url')

/** What a cookie says, unreadable and unchangeable without the key, for {@link SIGNED_IN_DAYS}. */
export const sealed = (deviceId: string, key: string, now: Date): Promise<string> =>
  new EncryptJWT()
    .setProtectedHeader(HEADER)
    .setSubject(deviceId)
    .setIssuedAt(now)
    .setExpirationTime(new Date(now.getTime() + SIGNED_IN_DAYS * 86_400_000))
    .encrypt(base64url.decode(key))

/** The device that a cookie names; null: it is forged, of another server, or too old. */
export async function opened(cookie: string, key: string, now: Date): Promise<string | null> {
  try {
    const { payload } = await jwtDecrypt(cookie, base64url.decode(key), {
      currentDate: now,
      keyManagementAlgorithms: [HEADER.alg],
      contentEncryptionAlgorithms: [HEADER.enc],
      requiredClaims: ['sub', 'exp'],
    })
    return payload.sub ?? null
  } catch {
    return null
  }
}
