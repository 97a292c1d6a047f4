import { expect, it } from 'vitest'
import { wayOnward } from '../app/sign-in/onward'
import { addressOf } from '../true-address'

it.each([
  ['192.168.1.20', undefined, '192.168.1.20'],
  // Who comes by himself is not believed about himself.
  ['192.168.1.20', '10.9.9.9', '192.168.1.20'],
  ['::ffff:192.168.1.20', '10.9.9.9', '192.168.1.20'],
  // A web server on this machine is, of the last hop.
  ['127.0.0.1', '10.9.9.9', '10.9.9.9'],
  ['::ffff:127.0.0.1', '1.1.1.1, 10.9.9.9', '10.9.9.9'],
  ['::1', undefined, '::1'],
  ['2001:db8:1:2:3:4:5:6', undefined, '2001:db8:1:2'],
  [undefined, undefined, 'unknown'],
])('a request from %s that is told to be from %s comes from %s', (remote, forwarded, address) =>
  expect(addressOf(remote, forwarded)).toBe(address),
)

it.each([
  ['/season?on=2026-07-01', '/season?on=2026-07-01'],
  ['//elsewhere.example/x', '/'],
  ['/\\elsewhere.example', '/'],
  ['https://elsewhere.example', '/'],
  ['/sign-in?next=/sign-in', '/'],
  ['javascript:alert(1)', '/'],
  [['/walk', '/season'], '/'],
  [undefined, '/'],
])('from %j the way on is %s', (next, way) => expect(wayOnward(next)).toBe(way))
