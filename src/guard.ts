import { visitorOf } from './data/access/signed-in'
import { DatabaseProblem } from './data/problem'
import { NO_PASSPHRASE, SIGNED_OUT } from './wording/access'

/** The cookie of a device that is signed in. */
export const COOKIE = 'prairie_device'
/** Headers that only this server itself writes: what is sent under their names is thrown away. */
export const DEVICE_HEADER = 'x-prairie-device'
export const ADDRESS_HEADER = 'x-prairie-address'

/** What a stranger may ask for, by method: the way in, and what a browser shows of an application outside it. */
const OPEN_TO_ALL: Record<string, readonly string[]> = {
  GET: ['/sign-in', '/icon.svg', '/manifest.webmanifest'],
  HEAD: ['/sign-in', '/icon.svg', '/manifest.webmanifest'],
  POST: ['/sign-in/enter'],
}
/** What has a secret of its own in its address or head, and looks at it itself. */
const BY_SECRET = /^\/(feed\/[\w-]+\/calendar\.ics|devices\/readings)$/

/** Whether this server serves nobody without a passphrase, whatever its database says. */
const mustSignIn = () => process.env.PRAIRIE_SIGN_IN === '1'

/** Who a request comes from, or why it is not served. */
export type Guarded = { device: string | null } | { status: 401 | 503; message: string }

/** The one guard: everything that is asked of this server passes it. @param path of the address, as it was decoded once */
export async function guard(request: Pick<Request, 'method' | 'headers'>, path: string): Promise<Guarded> {
  const isOpen = (OPEN_TO_ALL[request.method] ?? []).includes(path) || BY_SECRET.test(path)
  try {
    const visitor = await visitorOf(cookieOf(request.headers), new Date())
    if (visitor === 'open' && mustSignIn())
      return isOpen ? { device: null } : { status: 503, message: NO_PASSPHRASE }
    if (visitor === 'open') return { device: null }
    if (visitor !== 'stranger') return visitor
  } catch (error) {
    // On the computer itself the page that tells what is wrong with the file must open.
    if (!mustSignIn() && DatabaseProblem.within(error)) return { device: null }
    if (!isOpen) return { status: 503, message: NO_PASSPHRASE }
  }
  return isOpen ? { device: null } : { status: 401, message: SIGNED_OUT }
}

function cookieOf(headers: Headers): string | undefined {
  return new RegExp(`(?:^|;\\s*)${COOKIE}=([^;\\s]+)`).exec(headers.get('cookie') ?? '')?.[1]
}
