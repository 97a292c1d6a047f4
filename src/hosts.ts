/** Names under which this application is reached on its own machine. */
const OWN_HOSTS = ['localhost', '127.0.0.1', '[::1]']

/**
 * Whether a request names this application as its host: this machine, or a name in `PRAIRIE_HOSTS`, with commas
 * between. A page elsewhere whose name was turned to this machine is not served.
 */
export function isOwnHost(host: string | null): boolean {
  if (host === null) return false
  const name = nameOf(host)
  const told = (process.env.PRAIRIE_HOSTS ?? '').split(',').map((one) => one.trim().toLowerCase())
  return OWN_HOSTS.includes(name) || (name !== '' && told.includes(name))
}

const nameOf = (host: string) => host.toLowerCase().replace(/:\d{1,5}$/, '')

/** Whether a host is a name that only this machine knows itself by. */
export const isLoopback = (host: string): boolean => OWN_HOSTS.includes(nameOf(host))

/** What a request under a foreign name is answered. */
export const foreignHost = () =>
  new Response(
    'This Prairie does not answer under that name. Open it by http://localhost, or start it with PRAIRIE_HOSTS set to the name.',
    { status: 421, headers: { 'content-type': 'text/plain; charset=utf-8', 'cache-control': 'no-store' } },
  )

/** Whether a request that writes was sent by a page of this application: other sites' pages are refused. */
export function isOwnRequest({ headers }: Request): boolean {
  if (!isOwnHost(headers.get('host'))) return false
  const site = headers.get('sec-fetch-site')
  if (site !== null && site !== 'same-origin') return false
  const origin = headers.get('origin')
  if (origin === null) return site !== null
  return hostOf(origin) === headers.get('host')
}

/** The host of an origin; null: it has none, as the `null` of a sandboxed page. */
function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host
  } catch {
    return null
  }
}
