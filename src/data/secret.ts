import { createHash, randomBytes } from 'node:crypto'

const SECRET_BYTES = 24

/** A secret that an address or a device carries; it is told once. */
export const newSecret = () => randomBytes(SECRET_BYTES).toString('base64url')

/** What is kept of a secret: its SHA-256, 64 hexadecimal digits. A secret is random, so that it needs no salt. */
export const hashOfSecret = (secret: string) => createHash('sha256').update(secret).digest('hex')
