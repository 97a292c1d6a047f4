import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { strToU8, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { scratchDatabase } from '../test/scratch'
import { takeGarden } from '../test/take-garden'
import { write } from './database'
import { photoRecord } from './records/photo'
import { demoGarden } from './demo'
import { insertGardenFile } from './garden-file'
import { readGardenUpload } from './garden-reading'
import { readGardenAside } from './aside/read-garden'
import { addPhoto, pictureOf } from './photos'

const { folder } = scratchDatabase()
const demo = demoGarden()
const entryId = demo.log.at(-1)!.id
/** Dots of pictures: 1 × 1 px, PNG; what follows the end is not looked at. */
const dot = (mark: string) =>
  Buffer.concat([
    Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      'base64',
    ),
    Buffer.from(mark),
  ])
const photo = (content: Buffer) => ({
  id: 'p1',
  entryId,
  type: 'image/png' as const,
  bytes: content.byteLength,
  width: 1,
  height: 1,
})
const withPicture = (file: object, content: Buffer) =>
  zipSync({
    'garden.json': strToU8(JSON.stringify({ ...file, photos: [photo(content)] })),
    'photos/p1.png': content,
  })
const pictures = () =>
  readdirSync(join(folder(), 'garden.photos')).map((name) =>
    readFileSync(join(folder(), 'garden.photos', name), 'utf8'),
  )
const text = (file: object) => new TextEncoder().encode(JSON.stringify(file))
const problem = (file: object) => {
  const read = readGardenUpload(text(file))
  return 'problem' in read ? read.problem : null
}

describe('pictures of a garden file', () => {
  it('change nothing when it is refused, and never take the place of another', async () => {
    await write((tx) => insertGardenFile(tx, demo))
    await addPhoto(photo(dot('mine')), dot('mine'))
    const before = pictures()
    expect(await takeGarden(withPicture(demo, dot('other!')), 'beside')).toMatchObject({
      problem: { kind: 'here-already' },
    })
    expect(pictures()).toEqual(before)
    expect(readdirSync(folder()).some((name) => name.includes('aside'))).toBe(false)
    // Taken in the garden's place: both pictures are there, each under its own name.
    expect(await takeGarden(withPicture(demo, dot('other!')))).toEqual({ gardenId: demo.garden.id })
    const [kept] = await photoRecord.of(demo.garden.id)
    expect(kept!.id).not.toBe('p1')
    expect(Buffer.from((await pictureOf(kept!))!).toString()).toContain('other!')
    expect(pictures().some((content) => content.includes('mine'))).toBe(true)
  })
})

describe('a garden file', () => {
  it('is told what stands in it twice, and nothing of it is taken', () => {
    expect(problem({ ...demo, log: [...demo.log, demo.log[0]] })).toEqual({
      kind: 'invalid',
      faults: [`log[${demo.log.length}] is there twice: it has the same id as log[0]`],
    })
    expect(problem({ ...demo, weather: [demo.weather[0], demo.weather[0]] })).toMatchObject({
      kind: 'invalid',
    })
  })
  it('is read no further than its first twenty faults', () => {
    const many = problem({ ...demo, weather: Array.from({ length: 5000 }, () => ({ date: 'x', tmin: 'y' })) })
    expect(many?.kind === 'invalid' && many.faults.length).toBe(20)
  })
  it.each([
    ['a soil of no depth', { places: [{ ...demo.places[0]!, soilDepth: 0 }] }, /soilDepth/],
    ['a bed of no length', { places: [{ ...demo.places[0]!, length: 0 }] }, /length/],
    [
      'a pot of a kilometre',
      { places: [{ ...demo.places.find(({ kind }) => kind === 'container')!, length: 1000 }] },
      /container/,
    ],
    ['an unknown time zone', { garden: { ...demo.garden, timeZone: 'Mars/Olympus' } }, /time zone/],
    [
      'a night over its day',
      { weather: [{ ...demo.weather[0]!, tmin: 20, tmax: 10 }] },
      /tmin must not be over/,
    ],
    ['a kind that is none', { log: [{ ...demo.log[0]!, kind: 'constructor' }] }, /kind/],
    [
      'a pepper with a tomato’s fruit',
      { cultivars: [{ ...demo.cultivars[0]!, crop: 'pepper', habit: null, fruit: 'slicer' }] },
      /fruit/,
    ],
  ])('is refused with %s', (_, change, fault) => {
    const found = problem({ ...demo, plantings: [], plants: [], cropHistory: [], readings: [], ...change })
    expect(found?.kind === 'invalid' && found.faults.join()).toMatch(fault)
  })
  it('of an earlier version is brought to what can be shown', () => {
    const old = {
      ...demo,
      version: 7,
      places: demo.places.map((place) => ({ ...place, soilDepth: 0 })),
      weather: [{ ...demo.weather[0]!, tmin: 20, tmax: 10 }],
      garden: { ...demo.garden, timeZone: 'Mars/Olympus' },
    }
    const read = readGardenUpload(text(old))
    expect('file' in read && read.file.places.every(({ soilDepth }) => soilDepth > 0)).toBe(true)
    expect('file' in read && [read.file.weather[0]!.tmin, read.file.weather[0]!.tmax]).toEqual([10, 20])
  })
  it('is read aside the same as here, and what would end the reader is refused there', async () => {
    const bytes = (content: Uint8Array) => new Uint8Array(content)
    const read = await readGardenAside(bytes(text(demo)))
    expect('file' in read && read.file).toEqual(JSON.parse(JSON.stringify(demo)))
    expect(await readGardenAside(bytes(strToU8('['.repeat(3_000_000))))).toEqual({
      problem: { kind: 'too-deep' },
    })
    const bomb = zipSync({ 'garden.json': strToU8(`[${' '.repeat(30_000_000)}`) })
    expect(await readGardenAside(bytes(bomb))).toEqual({ problem: { kind: 'too-large' } })
    expect(
      await readGardenAside(
        bytes(
          text({
            ...demo,
            garden: { ...demo.garden, houseSchools: JSON.parse('['.repeat(60) + ']'.repeat(60)) as object },
          }),
        ),
      ),
    ).toEqual({ problem: { kind: 'too-deep' } })
  }, 60_000)
})
