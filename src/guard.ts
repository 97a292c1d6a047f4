import { NAMELESS_KEEPER, type Actor } from './core/facts'
import { visitorOf } from './data/access/signed-in'
import { DatabaseProblem } from './data/problem'
import { mayHelper } from './helper-may'
import { KEEPERS_ONLY, NO_PASSPHRASE, SIGNED_OUT } from './wording/access'
import { PROBLEM_WORDS } from './wording/database-problems'

/** The cookie of a device that is signed in. */
export const COOKIE = 'prairie_device'
/** Headers that only this server itself writes: what is sent under their names is thrown away. */
export const DEVICE_HEADER = 'x-prairie-device'
export const ACTOR_HEADER = 'x-prairie-actor'
export const ADDRESS_HEADER = 'x-prairie-address'

/** What a stranger may ask for: the way in, and what a browser shows of an application outside it. */
const OPEN_TO_ALL: readonly { methods: readonly string[]; path: RegExp }[] = [
  {
    methods: ['GET', 'HEAD'],
    path: /^\/(sign-in|join\/[\w-]{1,64}|icon\.svg|apple-icon\.png|icons\/prairie-[\w-]+\.png|manifest\.webmanifest)$/,
  },
  { methods: ['POST'], path: /^\/(sign-in|join)\/enter$/ },
]
/** What has a secret of its own in its address or head, and looks at it itself. */
const BY_SECRET = /^\/(feed\/[\w-]+\/calendar\.ics|devices\/readings)$/

/** Whether this server serves nobody without a passphrase, whatever its database says. */
const mustSignIn = () => process.env.PRAIRIE_SIGN_IN === '1'

/** Who a request comes from, or why it is not served. `device` is null where nobody signs in. */
export type Guarded = { device: string | null; actor: Actor } | { status: 401 | 403 | 503; message: string }

const NAMELESS = { device: null, actor: NAMELESS_KEEPER }

/** The one guard: everything that is asked of this server passes it. @param path of the address */
export async function guard(request: Pick<Request, 'method' | 'headers'>, path: string): Promise<Guarded> {
  const isOpen =
    BY_SECRET.test(path) ||
    OPEN_TO_ALL.some((one) => one.methods.includes(request.method) && one.path.test(path))
  try {
    const visitor = await visitorOf(cookieOf(request.headers), new Date())
    if (visitor === 'open')
      return isOpen || !mustSignIn() ? NAMELESS : { status: 503, message: NO_PASSPHRASE }
    if (visitor !== 'stranger')
      return visitor.actor.role === 'keeper' || mayHelper(request, path)
        ? visitor
        : { status: 403, message: KEEPERS_ONLY }
  } catch (error) {
    // On the computer itself the page that tells what is wrong with the file must open.
    const problem = DatabaseProblem.within(error)
    if (problem && !mustSignIn()) return NAMELESS
    if (!isOpen) return { status: 503, message: problem ? PROBLEM_WORDS[problem.kind].what : NO_PASSPHRASE }
  }
  return isOpen ? NAMELESS : { status: 401, message: SIGNED_OUT }
}

function cookieOf(headers: Headers): string | undefined {
  return new RegExp(`(?:^|;\\s*)${COOKIE}=([^;\\s]+)`).exec(headers.get('cookie') ?? '')?.[1]
}

/** What the guard found out, for whatever answers the request. */
export function withGuarded(headers: Headers, { device, actor }: Extract<Guarded, { actor: Actor }>): void {
  for (const name of [DEVICE_HEADER, ACTOR_HEADER]) headers.delete(name)
  if (device === null) return
  headers.set(DEVICE_HEADER, device)
  headers.set(ACTOR_HEADER, encodeURIComponent(JSON.stringify(actor)))
}

/** Who sent a request that passed the guard. */
export function actorOf(headers: Pick<Headers, 'get'>): Actor {
  const said = headers.get(ACTOR_HEADER)
  return said === null ? NAMELESS_KEEPER : (JSON.parse(decodeURIComponent(said)) as Actor)
}
