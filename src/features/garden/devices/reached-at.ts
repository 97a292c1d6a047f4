import { isLoopback } from '../../../hosts'

/**
 * The addresses that a phone reaches this Prairie at, the best first: the one that was asked just now, unless only this
 * computer knows itself by it; else those that the server was started with; empty: it serves its own computer only.
 */
export function reachedAt(sent: Pick<Headers, 'get'>): string[] {
  const host = sent.get('host')
  const protocol = sent.get('x-forwarded-proto') ?? 'http'
  // A web server in front may have even this computer's own name.
  if (host !== null && (!isLoopback(host) || protocol === 'https')) return [`${protocol}://${host}`]
  return (process.env.PRAIRIE_ADDRESSES ?? '').split(',').filter((one) => one !== '')
}
