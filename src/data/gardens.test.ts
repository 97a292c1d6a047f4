import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strToU8, unzipSync, zipSync } from 'fflate'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { isoDate } from '../core/calendar'
import { LARGEST } from '../core/facts'
import type { LogEntry } from '../core/log'
import { archiveSeason, reopenSeason } from './archive'
import { closedBy } from './closed-by'
import { carryOver } from './carry-over'
import { closeDatabase, reader, write } from './database'
import { demoGarden } from './demo'
import { exportGarden, insertGardenFile, removeGarden } from './garden-file'
import { readGardenUpload } from './garden-reading'
import { readPhoto } from './photo-content'
import { takeGarden } from '../test/take-garden'
import { loadGarden, stateOf } from './garden-state'
import { zipGarden } from './garden-zip'
import { allGardens, currentGarden, takeToWork } from './gardens'
import { entriesOfAct } from './log'
import { importEntries } from './log-import'
import { addPhoto, findPhoto, photosOf, pictureOf, removePhoto } from './photos'
import { archiveRecord } from './records/archived-season'
import { entryRecord } from './records/entry'

let folder: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'prairie-'))
  process.env.DATABASE_URL = `file:${join(folder, 'garden.db')}`
})
afterEach(async () => {
  await closeDatabase()
  rmSync(folder, { recursive: true, force: true })
})

const demo = demoGarden()
const layDemo = () => write((tx) => insertGardenFile(tx, demo))
/** The same garden under ids of its own. */
const other = JSON.parse(
  JSON.stringify({ ...demo, garden: { ...demo.garden, name: 'Back Lot' } }).replaceAll('"demo-', '"other-'),
) as typeof demo

/** A dot of a picture: 1 × 1 px, PNG. */
const DOT = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
)
const entryId = demo.log.at(-1)!.id
const photo = (id: string, of = entryId) => ({
  id,
  entryId: of,
  type: 'image/png' as const,
  bytes: DOT.byteLength,
  width: 1,
  height: 1,
})

describe('photos', () => {
  it('are known by their own bytes, and refused when too large or none', () => {
    expect(readPhoto(DOT)).toEqual({ type: 'image/png', bytes: DOT.byteLength, width: 1, height: 1 })
    expect(readPhoto(new Uint8Array(LARGEST.photo + 1))).toEqual({ problem: 'too-large' })
    expect(readPhoto(strToU8('<script>alert(1)</script>'))).toEqual({ problem: 'not-a-photo' })
    expect(readPhoto(strToU8('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'))).toEqual({
      problem: 'not-a-photo',
    })
    expect(readPhoto(new Uint8Array(0))).toEqual({ problem: 'not-a-photo' })
  })
  it('lie beside the database, belong to an entry that is there, and go for good', async () => {
    await layDemo()
    expect(await addPhoto(photo('p1'), DOT)).toBe('kept')
    expect(await addPhoto(photo('p2', 'no-such-entry'), DOT)).toBe('no-entry')
    expect(readdirSync(join(folder, 'garden.photos'))).toEqual(['p1.png'])
    expect((await loadGarden())!.photos.get(entryId)).toEqual([photo('p1')])
    expect(Buffer.from((await pictureOf(photo('p1')))!)).toEqual(DOT)
    expect(await removePhoto('p1')).toBe(true)
    expect(await removePhoto('p1')).toBe(false)
    expect(readdirSync(join(folder, 'garden.photos'))).toEqual([])
    expect(await findPhoto(demo.garden.id, 'p1')).toBeNull()
  })
  it('count once when the same is sent twice, also at once, and after the power went between', async () => {
    await layDemo()
    await Promise.all([addPhoto(photo('p1'), DOT), addPhoto(photo('p1'), DOT), addPhoto(photo('p1'), DOT)])
    expect(await addPhoto(photo('p1'), DOT)).toBe('kept')
    expect(await addPhoto(photo('p1', demo.log[1]!.id), DOT)).toBe('no-entry')
    writeFileSync(join(folder, 'garden.photos', 'p2.png'), 'half')
    expect(await addPhoto(photo('p2'), DOT)).toBe('kept')
    for (const id of ['p1', 'p2']) expect(Buffer.from((await pictureOf(photo(id)))!)).toEqual(DOT)
    expect((await loadGarden())!.photos.get(entryId)).toEqual([photo('p1'), photo('p2')])
    expect(readdirSync(join(folder, 'garden.photos')).sort()).toEqual(['p1.png', 'p2.png'])
  })
  it('stop at twelve an entry', async () => {
    await layDemo()
    for (let at = 0; at < 12; at++) expect(await addPhoto(photo(`p${at}`), DOT)).toBe('kept')
    expect(await addPhoto(photo('more'), DOT)).toBe('too-many')
    expect(await photosOf(demo.garden.id, entryId, await reader())).toHaveLength(12)
  })
})

describe('a garden file with its photos', () => {
  it('comes back the same after everything is wiped', async () => {
    await layDemo()
    await addPhoto(photo('p1'), DOT)
    await archiveSeason(2025)
    const before = await exportGarden(demo.garden.id)
    const zip = await zipGarden(before)
    await write((tx) => removeGarden(tx, demo.garden.id))
    rmSync(join(folder, 'garden.photos'), { recursive: true })
    expect(await currentGarden()).toBeNull()
    expect(await takeGarden(zip)).toEqual({ gardenId: demo.garden.id })
    expect(await exportGarden(demo.garden.id)).toEqual(before)
    expect(Buffer.from((await pictureOf(photo('p1')))!)).toEqual(DOT)
  })
  it('keeps the photos that lie here when only the document comes', async () => {
    await layDemo()
    await addPhoto(photo('p1'), DOT)
    const out = await exportGarden(demo.garden.id)
    await takeGarden(JSON.stringify(out))
    expect((await exportGarden(demo.garden.id)).photos).toEqual([photo('p1')])
    const elsewhere = { ...out, photos: [photo('p1'), photo('never-here')] }
    await takeGarden(JSON.stringify(elsewhere))
    expect((await exportGarden(demo.garden.id)).photos).toEqual([photo('p1')])
  })
  it('is refused when cut off, wherever, or with another picture than it tells of', async () => {
    await layDemo()
    await addPhoto(photo('p1'), DOT)
    const zip = await zipGarden(await exportGarden(demo.garden.id))
    fc.assert(
      fc.property(fc.integer({ min: 4, max: zip.length - 30 }), (length) => {
        expect(readGardenUpload(zip.slice(0, length))).toEqual({ problem: { kind: 'damaged-zip' } })
      }),
      { numRuns: 40 },
    )
    const parts = unzipSync(zip)
    parts['photos/p1.png'] = strToU8('no picture')
    expect(await takeGarden(zipSync(parts))).toEqual({
      problem: { kind: 'invalid', faults: ['photos[0] comes with a picture that is none, or too large'] },
    })
    const dangling = { ...demo, photos: [photo('p9', 'nobody')] }
    expect(await takeGarden(JSON.stringify(dangling))).toEqual({
      problem: { kind: 'invalid', faults: ['photos[0].entryId names no entry of this file'] },
    })
  })
  it('takes nothing from a zip file but the document and pictures in their place', () => {
    const upload = readGardenUpload(
      zipSync({
        'garden.json': strToU8(JSON.stringify(demo)),
        '../../evil.png': DOT,
        'photos/../x.png': DOT,
        'photos/ok.png': DOT,
        'photos/run.sh': strToU8('rm'),
      }),
    )
    expect('pictures' in upload && [...upload.pictures.keys()]).toEqual(['ok'])
    expect(readGardenUpload(zipSync({ 'other.json': strToU8('{}') }))).toEqual({
      problem: { kind: 'damaged-zip' },
    })
  })
})

describe('several gardens', () => {
  it('stand beside each other, one of them at work', async () => {
    await layDemo()
    expect(await takeGarden(JSON.stringify(other), 'beside')).toEqual({ gardenId: other.garden.id })
    expect((await currentGarden())!.name).toBe('Back Lot')
    expect((await allGardens()).map(({ name }) => name)).toEqual(['Windrow Lane', 'Back Lot'])
    await write((tx) => takeToWork(tx, demo.garden.id))
    expect((await loadGarden())!.garden.name).toBe('Windrow Lane')
    // A calendar's feed still reads the other one.
    expect((await stateOf(other.garden.id))!.garden.name).toBe('Back Lot')
    expect(await stateOf('nobody')).toBeNull()
    await write((tx) => removeGarden(tx, demo.garden.id))
    expect((await currentGarden())!.name).toBe('Back Lot')
    expect((await exportGarden(other.garden.id)).log).toHaveLength(other.log.length)
  })
  it('are not taken in twice, and one in place of another leaves the rest alone', async () => {
    await layDemo()
    const twice = await takeGarden(JSON.stringify(demo), 'beside')
    expect(twice).toEqual({ problem: { kind: 'here-already', name: 'Windrow Lane' } })
    const sameParts = { ...demo, garden: { ...demo.garden, id: 'new-id' } }
    expect(await takeGarden(JSON.stringify(sameParts), 'beside')).toEqual({
      problem: { kind: 'here-already', name: null },
    })
    expect(await allGardens()).toHaveLength(1)
    await takeGarden(JSON.stringify(other), 'beside')
    await takeGarden(JSON.stringify({ ...other, garden: { ...other.garden, name: 'Changed' } }))
    expect((await allGardens()).map(({ name }) => name).sort()).toEqual(['Changed', 'Windrow Lane'])
  })
})

describe('a season that is put away', () => {
  it('closes the log through its last day, enters nothing where all was cleared, and opens again', async () => {
    await layDemo()
    const before = await entryRecord.of(demo.garden.id)
    expect(await archiveSeason(2026)).toBe('not-over')
    expect(await archiveSeason(2019)).toBe('nothing-there')
    expect(await archiveSeason(2025)).toBe('archived')
    expect(await archiveSeason(2025)).toBe('archived-before')
    const [season] = await archiveRecord.of(demo.garden.id)
    expect(season).toMatchObject({ season: 2025 })
    expect(season!.through > '2025-12-20' && season!.through < '2026-02-10').toBe(true)
    expect(closedBy([season!], season!.through)).toEqual(season)
    expect(closedBy([season!], isoDate('2026-06-18'))).toBeNull()
    // All of last year was cleared already: nothing had to be entered.
    expect(await entryRecord.of(demo.garden.id)).toEqual(before)
    await reopenSeason(2025)
    expect(await archiveRecord.of(demo.garden.id)).toEqual([])
  })
  it('enters as cleared what nobody cleared', async () => {
    const standing = demo.log.filter(
      ({ kind, subject }) => !(kind === 'cleared' && subject.id === 'demo-2025-bed-2-1'),
    )
    await write((tx) => insertGardenFile(tx, { ...demo, log: standing }))
    await archiveSeason(2025)
    const [archived] = await archiveRecord.of(demo.garden.id)
    const added = (await entryRecord.of(demo.garden.id)).filter(
      ({ id }) => !standing.some((one) => one.id === id),
    )
    expect(added).toMatchObject([
      { kind: 'cleared', subject: { id: 'demo-2025-bed-2-1' }, on: archived!.through },
    ])
  })
  it('takes no entries from a file either', async () => {
    await layDemo()
    await archiveSeason(2025)
    const entry = {
      ...demo.log[0]!,
      id: 'late',
      kind: 'note',
      data: {},
      on: isoDate('2025-07-01'),
    } as LogEntry
    expect(await importEntries({ entries: [{ line: 2, entry }], faults: [] }, false)).toMatchObject({
      ok: false,
      faults: [{ line: 2, kind: 'closed', season: 2025 }],
    })
  })
})

describe('what one act entered', () => {
  it('is known by the shared beginning of its ids, less what is taken back', async () => {
    await layDemo()
    const note = (id: string, more: Partial<LogEntry> = {}) =>
      ({ ...demo.log.at(-1)!, id, kind: 'note', data: {}, ...more }) as LogEntry
    await write((tx) =>
      entryRecord.insert(tx, demo.garden.id, [
        note('act1'),
        note('act1.2'),
        note('act1.10'),
        note('act12'),
        note('back', { kind: 'void', voids: 'act1.2' }),
      ]),
    )
    const db = await reader()
    const ids = async (id: string) => (await entriesOfAct(demo.garden.id, id, db)).map((one) => one.id)
    expect(await ids('act1.10')).toEqual(['act1', 'act1.10'])
    expect(await ids('act12')).toEqual(['act12'])
  })
})

describe('a logbook that comes in', () => {
  it('holds nothing picked before it was planted, and no weight that cannot be', async () => {
    await layDemo()
    const picked = (on: string, id: string) =>
      ({
        ...demo.log.find(({ kind }) => kind === 'picked')!,
        id,
        subject: { type: 'planting', id: 'demo-2026-pot-7-1' },
        on,
      }) as LogEntry
    const lines = [
      { line: 2, entry: picked('2026-02-01', 'early') },
      { line: 3, entry: picked('2026-06-16', 'fine') },
      { line: 4, entry: { ...picked('2026-06-16', 'grams'), data: { mass: 310, count: 3 } } as LogEntry },
    ]
    expect(await importEntries({ entries: lines, faults: [] }, false)).toEqual({
      ok: false,
      faults: [
        { line: 2, kind: 'picked-too-soon' },
        { line: 4, kind: 'weight' },
      ],
      more: 0,
      good: 1,
    })
  })
})

describe('the next season', () => {
  it('is planned from this one in one go, plants in their places, and not twice', async () => {
    await layDemo()
    const lines = [
      { from: 'demo-2026-bed-1-1', count: 4, placeId: 'demo-bed-5' },
      { from: 'demo-2026-bed-1-2', count: 4, placeId: 'demo-bed-5' },
    ]
    expect(await carryOver(2026, [{ ...lines[0]!, placeId: 'nowhere' }])).toMatchObject({ ok: false })
    expect(await carryOver(2026, [{ ...lines[0]!, count: 2.5 }])).toMatchObject({ ok: false })
    expect(await carryOver(2026, [])).toMatchObject({ ok: false })
    expect(await carryOver(2026, lines)).toEqual({ ok: true, plantings: 2 })
    expect(await carryOver(2026, lines)).toMatchObject({ ok: false })
    const { record, plants } = (await loadGarden())!
    const next = record.plantings.filter(({ season }) => season === 2027)
    expect(next.map(({ count, placeId }) => [count, placeId])).toEqual([
      [4, 'demo-bed-5'],
      [4, 'demo-bed-5'],
    ])
    const spots = plants.filter(({ plantingId }) => next.some(({ id }) => id === plantingId))
    expect(new Set(spots.map(({ x, y }) => `${x} ${y}`)).size).toBe(spots.length)
    expect(spots.length).toBeGreaterThan(4)
  })
})
