import { subscribe } from 'node:diagnostics_channel'
import type { IncomingMessage } from 'node:http'
import { ACTOR_HEADER, ADDRESS_HEADER, DEVICE_HEADER } from './guard'

const LOOPBACK = /^(::1|(::ffff:)?127\.\d+\.\d+\.\d+)$/

/**
 * Where a request comes from: its connection; or what a web server on this same machine, which stands in front, says of
 * whoever asked it. What anyone else says of himself is not believed.
 */
export function addressOf(remote: string | undefined, forwarded: string | undefined): string {
  const told = forwarded?.split(',').at(-1)?.trim()
  const address = remote !== undefined && LOOPBACK.test(remote) && told ? told : (remote ?? 'unknown')
  const plain = address.replace(/^::ffff:/, '').slice(0, 60)
  // Who has one address of the newer kind has all of its first half.
  return plain.includes(':') ? plain.split(':').slice(0, 4).join(':') : plain
}

/** Has every request carry its address in a header that only this server writes, from before anything looks at it. */
export function writeTrueAddresses(): void {
  subscribe('http.server.request.start', (message) => {
    const { request } = message as { request: IncomingMessage }
    const forwarded = request.headers['x-forwarded-for']
    request.headers[ADDRESS_HEADER] = addressOf(request.socket.remoteAddress, forwarded?.toString())
    for (const name of [DEVICE_HEADER, ACTOR_HEADER]) delete request.headers[name]
  })
}
