import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { objectServer } from '../../../scripts/stand-in/object-store.mjs'
import { pictureStore } from './store'

const bytes = (...all: number[]) => new Uint8Array(all)
const names = (found: readonly { name: string }[]) => found.map(({ name }) => name).sort()
let standIn: Awaited<ReturnType<typeof objectServer>>
let folder: string

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'prairie-pictures-'))
  standIn = await objectServer({ bucket: 'photos', keyId: 'a-key' })
  process.env.PHOTOS_KEY_ID = 'a-key'
  process.env.PHOTOS_SECRET = 'a-secret'
})
afterEach(async () => {
  await standIn.stop()
  rmSync(folder, { recursive: true, force: true })
  for (const name of ['PHOTOS_URL', 'PHOTOS_KEY_ID', 'PHOTOS_SECRET']) delete process.env[name]
})

describe.each([
  ['a folder', () => `file:${join(folder, 'photos')}`],
  ['an object store', () => standIn.url],
])('pictures in %s', (_, url) => {
  beforeEach(() => {
    process.env.PHOTOS_URL = url()
  })
  it('come back as they were put, and the last one put counts', async () => {
    const store = await pictureStore()
    expect([await store.read('a.png'), await store.size('a.png')]).toEqual([null, null])
    await store.put('a.png', bytes(1, 2, 0, 255))
    await store.put('a.png', bytes(0, 200, 10))
    expect([await store.read('a.png'), await store.size('a.png')]).toEqual([bytes(0, 200, 10), 3])
    await store.remove('a.png')
    await store.remove('a.png')
    expect(await store.read('a.png')).toBeNull()
  })
  it('are listed in their place, and aside, whatever their number', async () => {
    const store = await pictureStore()
    expect([await store.list(), await store.listAside()]).toEqual([[], []])
    const began = Date.now()
    for (let at = 0; at < 8; at++) await store.put(`${at}.png`, bytes(at))
    await store.put('.aside-x/8.png', bytes(8))
    await store.put('.aside-y/9.png', bytes(9))
    const listed = await store.list()
    expect(names(listed)).toEqual(Array.from({ length: 8 }, (_, at) => `${at}.png`))
    expect(listed.every(({ at }) => Math.abs(at - began) < 60_000)).toBe(true)
    expect(names(await store.listAside())).toEqual(['.aside-x/8.png', '.aside-y/9.png'])
  })
  it('are moved from aside, never over another', async () => {
    const store = await pictureStore()
    await store.put('there.png', bytes(1))
    for (const name of ['there.png', 'new.png']) await store.put(`.aside-x/${name}`, bytes(2))
    for (const name of ['there.png', 'new.png', 'gone.png']) await store.move(`.aside-x/${name}`, name)
    expect(await store.read('there.png')).toEqual(bytes(1))
    expect(await store.read('new.png')).toEqual(bytes(2))
    expect(await store.read('gone.png')).toBeNull()
    expect(await store.listAside()).toEqual([])
  })
})

describe('an object store that is not to be had', () => {
  it('is told, and never taken for a picture that is not there', async () => {
    process.env.PHOTOS_URL = standIn.url
    process.env.PHOTOS_KEY_ID = 'another-key'
    await expect((await pictureStore()).read('a.png')).rejects.toMatchObject({ kind: 'pictures' })
    process.env.PHOTOS_URL = 's3:///nowhere'
    await expect(pictureStore()).rejects.toMatchObject({ kind: 'pictures' })
  })
})
