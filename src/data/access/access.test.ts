import { createClient } from '@libsql/client'
import { describe, expect, it } from 'vitest'
import { scratchDatabase } from '../../test/scratch'
import { changes, closeDatabase, copyBefore, write, writeApart } from '../database'
import { demoGarden } from '../demo'
import { gardenOfFeed } from '../feeds'
import { insertGardenFile } from '../garden-file'
import { copiesBeside } from '../copy'
import { hashSecrets } from '../migrate'
import { goBackTo } from '../rescue'
import { changePassphrase } from './change'
import { dropPassphrase, hasPassphrase, lockOf, requirePassphrase, setPassphrase } from './lock'
import { hashOf, isPassphrase, isRight } from './passphrase'
import { opened, sealed } from './seal'
import { signIn, signedInDevices, signOut, visitorOf } from './signed-in'
import { beginTry, waitAfter, waitOfAddress } from './tries'

const { file } = scratchDatabase()
const WORDS = 'four plain garden words'
const NOW = new Date('2026-06-18T07:00:00Z')
const later = (seconds: number) => new Date(NOW.getTime() + seconds * 1000)

/** Signs a device in and answers its cookie. */
async function cookieOf(name: string, now = NOW, address = '10.0.0.7'): Promise<string> {
  const answer = await signIn(WORDS, { name, address }, now)
  if (!('cookie' in answer)) throw new Error(answer.problem)
  return answer.cookie
}

describe('a passphrase', () => {
  it('is kept as a salted hash, and known however a keyboard composes it', async () => {
    const [one, other] = [await hashOf('grüne Tomaten'), await hashOf('grüne Tomaten')]
    expect(one).not.toBe(other)
    expect(await isRight(' gru\u0308ne Tomaten ', one)).toBe(true)
    expect(await isRight('Grüne Tomaten', one)).toBe(false)
    expect(await isRight('grüne Tomaten', 'rubbish')).toBe(false)
  })

  it.each([
    ['', false],
    ['nine char', false],
    [' nine char ', false],
    ['ten chars.', true],
    ['x'.repeat(201), false],
    [undefined, false],
  ])('%j is long enough: %s', (typed, isLong) => expect(isPassphrase(typed)).toBe(isLong))
})

describe('a cookie', () => {
  const [key, foreign] = ['A'.repeat(43), 'B'.repeat(43)]

  it('opens with its own key for 30 days, and is worth nothing forged, cut or under another key', async () => {
    const cookie = await sealed('phone', key, NOW)
    expect(cookie).not.toContain('phone')
    expect(await opened(cookie, key, later(29 * 86_400))).toBe('phone')
    expect(await opened(cookie, key, later(31 * 86_400))).toBeNull()
    expect(await opened(cookie, foreign, NOW)).toBeNull()
    expect(await opened(cookie.slice(0, -2), key, NOW)).toBeNull()
    const at = cookie.length - 30
    const forged = `${cookie.slice(0, at)}${cookie[at] === 'A' ? 'B' : 'A'}${cookie.slice(at + 1)}`
    expect(await opened(forged, key, NOW)).toBeNull()
    // Said to be sealed by nothing.
    const none = `${Buffer.from('{"alg":"none"}').toString('base64url')}.${Buffer.from('{"sub":"phone"}').toString('base64url')}.`
    expect(await opened(none, key, NOW)).toBeNull()
  })
})

describe('a locked Prairie', () => {
  it('lets in whoever signed in, until that device, or all, are signed out', async () => {
    expect(await visitorOf(undefined, NOW)).toBe('open')
    await setPassphrase(WORDS)
    expect(await visitorOf(undefined, NOW)).toBe('stranger')
    const [phone, tablet] = [await cookieOf('Phone'), await cookieOf('  Tablet ')]
    const devices = await signedInDevices()
    expect(devices.map(({ name }) => name).sort()).toEqual(['Phone', 'Tablet'])
    const { id } = devices.find(({ name }) => name === 'Phone')!
    expect(await visitorOf(phone, NOW)).toMatchObject({ device: id, actor: { name: null, role: 'keeper' } })
    await signOut(id)
    expect(await visitorOf(phone, NOW)).toBe('stranger')
    expect(await visitorOf(tablet, NOW)).not.toBe('stranger')
    await signOut('all')
    expect(await visitorOf(tablet, NOW)).toBe('stranger')
  })

  it('notes when a device was used, and no screen is worked out anew for that', async () => {
    await setPassphrase(WORDS)
    const cookie = await cookieOf('Phone')
    const mark = await changes()
    await visitorOf(cookie, later(60))
    expect((await signedInDevices())[0]!.lastUsed).toBe(NOW.toISOString())
    await visitorOf(cookie, later(3600))
    expect((await signedInDevices())[0]!.lastUsed).toBe(later(3600).toISOString())
    expect(await changes()).toBe(mark)
  })

  it('keeps a server’s own passphrase at each start, and signs all out when it is another', async () => {
    await requirePassphrase(WORDS)
    const cookie = await cookieOf('Phone')
    await requirePassphrase(WORDS)
    expect(await visitorOf(cookie, NOW)).not.toBe('stranger')
    await requirePassphrase('another set of words')
    expect(await visitorOf(cookie, NOW)).toBe('stranger')
    await dropPassphrase()
    expect(await visitorOf(cookie, NOW)).toBe('open')
  })

  it('changes its passphrase for whoever knows it, and leaves that device signed in', async () => {
    const by = { device: null, address: '10.0.0.7', now: NOW }
    expect(await changePassphrase({ before: '', passphrase: WORDS }, by)).toBe('changed')
    const [mine, other] = [await cookieOf('Mine'), await cookieOf('Other')]
    const here = (await visitorOf(mine, NOW)) as { device: string }
    const fresh = 'newer words for all'
    expect(await changePassphrase({ before: 'wrong words', passphrase: fresh }, { ...by, ...here })).toBe(
      'wrong',
    )
    expect(await changePassphrase({ before: WORDS, passphrase: fresh }, { ...by, ...here })).toBe('changed')
    expect(await visitorOf(mine, NOW)).toEqual(here)
    expect(await visitorOf(other, NOW)).toBe('stranger')
    expect(await isRight(fresh, (await lockOf())!.passphraseHash)).toBe(true)
  })

  it('is no more open in an older copy, nor does that bring a device back', async () => {
    await write((tx) => insertGardenFile(tx, demoGarden()))
    await copyBefore('before-import')
    await setPassphrase(WORDS)
    const [gone, stays] = [await cookieOf('Gone'), await cookieOf('Stays')]
    await copyBefore('before-import')
    await signOut(((await visitorOf(gone, NOW)) as { device: string }).device)
    const copies = copiesBeside(file())
    expect(copies).toHaveLength(2)
    for (const { name } of copies) {
      expect(await goBackTo(name)).toBe('returned')
      expect(await visitorOf(gone, NOW)).toBe('stranger')
      expect(await visitorOf(stays, NOW)).toHaveProperty('device')
    }
  })
})

describe('tries to sign in', () => {
  it('wait after the fifth wrong one, each twice as long, an hour at most', () => {
    expect([4, 5, 6, 7, 20].map((wrong) => waitAfter(wrong))).toEqual([0, 30, 60, 120, 3600])
  })

  it('of one address wait, right ones too, and of others do not', async () => {
    await setPassphrase(WORDS)
    const from = (address: string) => (words: string, seconds: number) =>
      signIn(words, { name: 'x', address }, later(seconds))
    const [thief, owner] = [from('10.0.0.9'), from('10.0.0.7')]
    for (let tries = 0; tries < 5; tries++) expect(await thief('guess', tries)).toEqual({ problem: 'wrong' })
    expect(await thief(WORDS, 10)).toEqual({ problem: 'wait', seconds: 24 })
    expect(await owner(WORDS, 10)).toHaveProperty('cookie')
    expect(await thief(WORDS, 40)).toHaveProperty('cookie')
    expect(await waitOfAddress('10.0.0.9', later(41))).toBe(0)
  })

  it('are counted before they are looked at: many at once are no way past', async () => {
    const at = await Promise.all(Array.from({ length: 40 }, () => beginTry('10.0.0.9', NOW)))
    expect(at.filter((wait) => wait === 0)).toHaveLength(5)
  })

  it.each([
    ['one address', () => '10.0.0.9', 16],
    ['an address of its own each', (at: number) => `10.${at >> 16}.${(at >> 8) & 255}.${at & 255}`, 60],
  ])('10,000, one a second, from %s: so many are looked at', async (_, address, most) => {
    let looked = 0
    for (let at = 0; at < 10_000; at++) if ((await beginTry(address(at), later(at))) === 0) looked++
    expect(looked).toBeGreaterThan(5)
    expect(looked).toBeLessThanOrEqual(most)
  })

  it('are forgotten after a day, and a clock that is put back locks nobody out for longer', async () => {
    for (let tries = 0; tries < 12; tries++) await beginTry('10.0.0.9', later(tries * 4000))
    const last = later(11 * 4000)
    expect(await waitOfAddress('10.0.0.9', new Date(last.getTime() - 30 * 86_400_000))).toBe(3600)
    expect(await waitOfAddress('10.0.0.9', new Date(last.getTime() + 86_400_000))).toBe(0)
  })
})

it('a calendar’s secret that an older version kept in full still opens it, and only its hash is left', async () => {
  const { garden } = demoGarden()
  await write((tx) => insertGardenFile(tx, demoGarden()))
  const client = createClient({ url: `file:${file()}` })
  await client.execute({
    sql: 'INSERT INTO calendar_feed (garden_id, token) VALUES (?, ?)',
    args: [garden.id, 'secret-in-full'],
  })
  for (let starts = 0; starts < 2; starts++) await hashSecrets(client)
  const { rows } = await client.execute('SELECT token FROM calendar_feed')
  client.close()
  expect(rows.map(({ token }) => String(token))).toEqual([expect.stringMatching(/^[0-9a-f]{64}$/)])
  expect(await gardenOfFeed('secret-in-full')).toMatchObject({ gardenId: garden.id })
})

it('what is written apart is durable, and no change of a garden', async () => {
  await writeApart(async () => undefined)
  const before = await changes()
  await setPassphrase(WORDS)
  await closeDatabase()
  expect(await hasPassphrase()).toBe(true)
  expect((await changes()).split('.')[1]).toBe(before.split('.')[1])
})
