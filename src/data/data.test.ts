import { GARDEN_VERSION } from '../core/facts'
import { dayOf } from '../core/garden-day'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createClient } from '@libsql/client'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { isoDate } from '../core/calendar'
import type { Supply } from '../core/facts'
import { ENTRY_KINDS, type LogEntry } from '../core/log'
import { changes, closeDatabase, reader, settingsInForce, write } from './database'
import { demoGarden } from './demo'
import { entrySchema } from './records/entry-schema'
import { addSupplies, putSupply } from './supplies'
import { connectDevice, deviceOfToken, keepReadings, revokeDevice } from './devices'
import { exportGarden, insertGardenFile } from './garden-file'
import { readGardenUpload } from './garden-reading'
import { takeGarden } from '../test/take-garden'
import { loadGarden } from './garden-state'
import { currentGarden, updateGarden } from './gardens'
import { todayIn } from './garden-row'
import { lastEntered } from './log'
import { mayPost, POSTS_A_MINUTE } from './post-limit'
import { DatabaseProblem } from './problem'
import { supplyRecord } from './records/supply'
import { entryRecord } from './records/entry'

let folder: string
const file = () => join(folder, 'garden.db')
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'prairie-'))
  process.env.DATABASE_URL = `file:${file()}`
})
afterEach(async () => {
  await closeDatabase()
  rmSync(folder, { recursive: true, force: true })
})

const demo = demoGarden()
const readText = (text: string) => readGardenUpload(new TextEncoder().encode(text))
const layDemo = () => write((tx) => insertGardenFile(tx, demo))
const note = (id: string, more: Partial<LogEntry> = {}) =>
  ({
    id,
    subject: { type: 'garden', id: demo.garden.id },
    kind: 'note',
    on: '2026-06-18',
    at: '2026-06-18T09:00:00.000Z',
    data: {},
    note: id,
    voids: null,
    ...more,
  }) as LogEntry

describe('the database', () => {
  it('has its settings in force after a transaction, on whichever connection', async () => {
    await layDemo()
    await Promise.all(
      Array.from({ length: 6 }, (_, at) =>
        write((tx) => entryRecord.insert(tx, demo.garden.id, [note(`n${at}`)])),
      ),
    )
    expect(await settingsInForce()).toEqual({
      journal_mode: 'wal',
      synchronous: 2,
      foreign_keys: 1,
      busy_timeout: 20,
    })
    await expect(write((tx) => entryRecord.insert(tx, 'no-such-garden', [note('x')]))).rejects.toMatchObject({
      cause: { extendedCode: 'SQLITE_CONSTRAINT_FOREIGNKEY' },
    })
  })
  it('takes writes one after the other, and refuses one inside another', async () => {
    await layDemo()
    const order: number[] = []
    await Promise.all(
      [30, 5, 0].map((wait, at) =>
        write(async () => {
          await new Promise((go) => setTimeout(go, wait))
          order.push(at)
        }),
      ),
    )
    expect(order).toEqual([0, 1, 2])
    await expect(write(() => write(async () => 1))).rejects.toThrow(/inside a write/)
    expect(await write(async () => 'still works')).toBe('still works')
  })
  it('keeps nothing of a transaction that failed, and counts the ones that did not', async () => {
    await layDemo()
    const before = await changes()
    await expect(
      write(async (tx) => {
        await entryRecord.insert(tx, demo.garden.id, [note('lost')])
        throw new Error('the hand slipped')
      }),
    ).rejects.toThrow('the hand slipped')
    expect((await entryRecord.of(demo.garden.id)).some(({ id }) => id === 'lost')).toBe(false)
    expect(await changes()).toBe(before)
  })
  it('finds the entry made last that is not taken back', async () => {
    await layDemo()
    const at = (second: number) => ({ at: `2026-06-18T09:00:0${second}.000Z` })
    const add = (entry: LogEntry) => write((tx) => entryRecord.insert(tx, demo.garden.id, [entry]))
    await add(note('first', at(1)))
    await add(note('second', at(2)))
    const last = async () => (await lastEntered(demo.garden.id, await reader()))?.id
    expect(await last()).toBe('second')
    await add(note('back', { ...at(3), kind: 'void', voids: 'second' }))
    expect(await last()).toBe('first')
  })
})

describe('an older database', () => {
  it('is copied whole before it is brought to this version', async () => {
    const old = createClient({ url: `file:${file()}` })
    await old.executeMultiple(`
      CREATE TABLE __drizzle_migrations (id SERIAL PRIMARY KEY, hash text NOT NULL, created_at numeric);
      INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('long ago', 1);
      CREATE TABLE keepsake (word text); INSERT INTO keepsake VALUES ('kept');
    `)
    old.close()
    await reader()
    const copies = readdirSync(folder).filter((name) => name.includes('before-update'))
    expect(copies).toHaveLength(1)
    const copy = createClient({ url: `file:${join(folder, copies[0]!)}` })
    expect((await copy.execute('SELECT word FROM keepsake')).rows[0]?.word).toBe('kept')
    expect((await copy.execute("SELECT 1 FROM sqlite_master WHERE name = 'garden'")).rows).toHaveLength(0)
    copy.close()
    expect(await currentGarden()).toBeNull()
  })
  it('is not copied when there is nothing to bring', async () => {
    await layDemo()
    await closeDatabase()
    await reader()
    expect(readdirSync(folder).filter((name) => name.includes('before'))).toEqual([])
  })
})

describe('seasons that were numbered by the year of their coldest day', () => {
  it('are numbered by their summer, where the two were not the same', async () => {
    const old = createClient({ url: `file:${file()}` })
    const months = (garden: string, cold: number) =>
      Array.from({ length: 12 }, (_, at) => `('${garden}', ${at + 1}, ${at + 1 === cold ? 0 : 10}, 20)`)
    await old.executeMultiple(`
      CREATE TABLE garden (id text, climate_shift real); INSERT INTO garden VALUES ('a', -2), ('b', 0);
      CREATE TABLE climate_normal (garden_id text, month integer, tmin real, tmax real);
      INSERT INTO climate_normal VALUES ${[...months('a', 12), ...months('b', 1)].join()};
      CREATE TABLE planting (garden_id text, season integer); INSERT INTO planting VALUES ('a', 2025), ('b', 2025);
      CREATE TABLE archived_season (garden_id text, season integer, PRIMARY KEY (garden_id, season));
      INSERT INTO archived_season VALUES ('a', 2023), ('a', 2024), ('b', 2024);
    `)
    await old.executeMultiple(readFileSync('drizzle/0009_climate-bend.sql', 'utf8'))
    const rows = async (sql: string) =>
      (await old.execute(sql)).rows.map((row) => Object.values(row).join(' '))
    expect(await rows('SELECT garden_id, season FROM planting ORDER BY 1')).toEqual(['a 2026', 'b 2025'])
    expect(await rows('SELECT garden_id, season FROM archived_season ORDER BY 1, 2')).toEqual([
      'a 2024',
      'a 2025',
      'b 2024',
    ])
    expect(await rows('SELECT id, climate_hot FROM garden ORDER BY 1')).toEqual(['a -2', 'b 0'])
    old.close()
  })
})

describe('a database that cannot be used', () => {
  it('is left alone when it is none', async () => {
    writeFileSync(file(), 'this is a shopping list, not a garden'.repeat(400))
    const before = readFileSync(file())
    await expect(reader()).rejects.toMatchObject({ kind: 'broken' })
    expect(readFileSync(file()).equals(before)).toBe(true)
  })
  it('is left alone when a newer version wrote it', async () => {
    await layDemo()
    await closeDatabase()
    const client = createClient({ url: `file:${file()}` })
    await client.execute(
      "INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('from the future', 9999999999999)",
    )
    // All of it into the one file: what waits in the log beside it would be brought in by whoever closes next.
    await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
    client.close()
    const before = readFileSync(file())
    await expect(reader()).rejects.toMatchObject({ kind: 'newer' })
    expect(readFileSync(file()).equals(before)).toBe(true)
  })
  it('is unreachable where no file can be', async () => {
    writeFileSync(file(), '')
    process.env.DATABASE_URL = `file:${join(file(), 'garden.db')}`
    await expect(reader()).rejects.toMatchObject({ kind: 'unreachable' })
    expect(DatabaseProblem.from(new Error('what?')).kind).toBe('unreachable')
  })
})

/** A metric garden of a version that did not know its money. */
const signless = <Garden extends object>(garden: Garden) => ({ ...garden, currency: null })
/** The shed as it was before its pieces had a thickness. */
const unmeasuredOf = (supplies: readonly Supply[]) =>
  supplies.map((line) => ({ ...line, across: null, material: null }))

describe('the shed', () => {
  const canes: Supply = {
    id: 'canes',
    kind: 'stake',
    name: 'Canes',
    quantity: 5,
    length: 1.2,
    across: 0.016,
    material: 'bamboo',
    pack: 10,
    price: 6,
  }
  it('keeps, grows, takes out and puts back a line', async () => {
    await layDemo()
    expect(await putSupply('canes', canes)).toEqual({ ok: true, before: null })
    await addSupplies([
      { ...canes, quantity: 20, name: '' },
      { ...canes, id: 'new', kind: 'tie', length: null },
    ])
    const lines = await supplyRecord.of(demo.garden.id)
    expect(lines.find(({ id }) => id === 'canes')).toEqual({ ...canes, quantity: 25 })
    expect(lines.find(({ id }) => id === 'new')).toMatchObject({ kind: 'tie', quantity: 5 })
    const out = await putSupply('canes', null)
    expect(out).toMatchObject({ ok: true, before: { quantity: 25 } })
    expect((await supplyRecord.of(demo.garden.id)).some(({ id }) => id === 'canes')).toBe(false)
  })
  it('belongs to a garden', async () => {
    expect(await putSupply('canes', canes)).toMatchObject({ ok: false })
    expect(await addSupplies([canes])).toMatchObject({ ok: false })
  })
})

describe('a sensor', () => {
  it('posts for its place while its secret holds, each reading once, and goes out in the garden file', async () => {
    await layDemo()
    const token = (await connectDevice('demo-bed-1'))!
    const device = (await deviceOfToken(token))!
    expect(device).toMatchObject({ placeId: 'demo-bed-1', gardenId: demo.garden.id })
    expect(await deviceOfToken(token.slice(1))).toBeNull()
    const readings = [
      { at: '2026-06-18T10:00:00.000Z', content: 0.27 },
      { at: '2026-06-18T11:00:00.000Z', content: 0.26 },
    ]
    await keepReadings(device, readings)
    await keepReadings(device, readings)
    // Another sensor of the place, at the very same moment: both are kept, once.
    const other = { at: '2026-06-18T11:00:00Z', content: 0.11 }
    await keepReadings(device, [other])
    await keepReadings(device, [other])
    const kept = (await exportGarden(demo.garden.id)).readings.filter(
      ({ placeId }) => placeId === 'demo-bed-1',
    )
    // Its clock is held: what is read counts for the held day.
    expect(kept).toEqual(
      [...readings, { at: '2026-06-18T11:00:00.001Z', content: 0.11 }].map((reading) => ({
        ...reading,
        placeId: 'demo-bed-1',
        on: '2026-06-18',
      })),
    )
    await revokeDevice(device.id)
    expect(await deviceOfToken(token)).toBeNull()
    expect((await exportGarden(demo.garden.id)).readings).toHaveLength(kept.length + demo.readings.length)
    expect(await connectDevice('no-such-place')).toBeNull()
  })
  it('may post so often in a minute, and again in the next', async () => {
    await layDemo()
    const ids: string[] = []
    for (const place of ['demo-bed-1', 'demo-bed-2'])
      ids.push((await deviceOfToken((await connectDevice(place))!))!.id)
    for (let post = 0; post < POSTS_A_MINUTE; post++) expect(await mayPost(ids[0]!, 1000 + post)).toBe(true)
    expect(await mayPost(ids[0]!, 2000)).toBe(false)
    expect(await mayPost(ids[1]!, 2000)).toBe(true)
    expect(await mayPost(ids[0]!, 62_000)).toBe(true)
  })
})

describe('a garden file', () => {
  it('goes out and in again the same', async () => {
    await layDemo()
    const out = await exportGarden(demo.garden.id)
    expect({ ...out, log: out.log.length }).toMatchObject({
      format: 'prairie-garden',
      version: GARDEN_VERSION,
      log: demo.log.length,
    })
    await takeGarden(JSON.stringify(out))
    expect(await exportGarden(demo.garden.id)).toEqual(out)
    expect(readdirSync(folder).some((name) => name.includes('before-import'))).toBe(true)
  })
  it('goes in as an earlier version wrote it', async () => {
    await layDemo()
    const out = await exportGarden(demo.garden.id)
    const plantings = out.plantings.map(({ raising: _, plannedSow: __, ...planting }) => planting)
    const unmeasured = { ...out, garden: signless(out.garden), supplies: unmeasuredOf(out.supplies) }
    await takeGarden(JSON.stringify({ ...out, version: 1, plantings }))
    expect(await exportGarden(demo.garden.id)).toEqual(unmeasured)
    await takeGarden(JSON.stringify({ ...out, version: 4 }))
    expect(await exportGarden(demo.garden.id)).toEqual(unmeasured)
  })
  it('goes in as it was before there was a shed', async () => {
    await layDemo()
    const { supplies, ...out } = await exportGarden(demo.garden.id)
    expect(supplies.length).toBeGreaterThan(5)
    await takeGarden(JSON.stringify({ ...out, version: 3 }))
    expect(await exportGarden(demo.garden.id)).toEqual({ ...out, garden: signless(out.garden), supplies: [] })
  })
  it('goes in as it was before feeds were kept and emitters measured', async () => {
    await layDemo()
    const { products, ...out } = await exportGarden(demo.garden.id)
    expect(products.length).toBeGreaterThan(1)
    const places = out.places.map(({ emitterFlow: _, walk: __, ...place }) => place)
    await takeGarden(JSON.stringify({ ...out, places, version: 5 }))
    expect(await exportGarden(demo.garden.id)).toEqual({
      ...out,
      garden: signless(out.garden),
      products: [],
      supplies: unmeasuredOf(out.supplies),
    })
  })
  it('goes in whatever is entered', async () => {
    const values = {
      count: 3,
      seeds: 4,
      potVolume: 0.5,
      day: 2,
      hours: 3,
      depth: 0.15,
      temperature: 19.5,
      method: 'trench',
      school: 'deep',
      stemBuried: 0.1,
      holeDepth: 0.2,
      leavesStripped: 1,
      nightLow: -1,
      mass: 1.25,
      call: 'a:sow',
      until: '2026-07-01',
      why: '',
      leaves: 11,
      height: 0.62,
      trusses: 2,
      cuts: [{ stem: 0, node: 3, organ: 'sucker' }],
      except: ['demo-2026-bed-1-1-3'],
      marks: [{ stem: 0, node: 8, organ: 'truss', state: 'set', count: 4 }],
      works: ['tie', 'scout'],
      faults: { cracked: 2 },
      verdict: 'keep',
      level: 'two-stems',
      seed: 7,
      points: 80,
      litres: 12,
      as: 'bought',
      carries: 'flowers',
      name: 'Seed meal',
      grams: 90,
      n: 5,
      p2o5: 2,
      k2o: 1,
      release: 'meal',
      nitrogen: 'urea',
      feel: 'dry',
      signs: ['target-rings', 'from-below'],
      absent: ['pecks'],
      since: '2026-06-01',
      cause: 'early-blight',
      case: 'k1',
      course: 'worse',
      outcome: 'gone',
      ph: 6.4,
      organicMatter: 4,
      p: 60,
      k: 210,
      ca: 1500,
      mg: 140,
      ec: 0.8,
      plant: 'demo-2026-bed-1-1-3',
      work: 'tend',
      minutes: 12,
      usual: 10,
      asked: 'planting=demo-2026-bed-1-1&ask=stems',
      seasons: 200,
      said: 'In a cage: more in 176 of 200 seasons',
      measure: 'plant',
      ways: [{ name: 'Two stems (now)', low: 2, middle: 3, high: 4 }],
    }
    const fields: Record<LogEntry['kind'], (keyof typeof values)[]> = {
      sown: ['seeds'],
      emerged: ['count'],
      'potted-up': ['count', 'potVolume'],
      hardened: ['day', 'hours'],
      'soil-read': ['depth', 'temperature'],
      met: ['as', 'height', 'leaves', 'potVolume', 'carries'],
      'set-out': ['count', 'method', 'school', 'stemBuried', 'holeDepth', 'leavesStripped'],
      covered: ['nightLow'],
      flowered: [],
      picked: ['mass', 'count', 'faults', 'plant'],
      judged: ['verdict'],
      seen: ['leaves', 'height', 'trusses'],
      pruned: ['cuts', 'except'],
      marked: ['marks'],
      practised: ['level', 'seed', 'points'],
      tried: ['asked', 'seasons', 'said', 'measure', 'ways'],
      watered: ['litres'],
      fed: ['name', 'grams', 'n', 'p2o5', 'k2o', 'release', 'nitrogen'],
      'moisture-read': ['method', 'feel'],
      'soil-tested': ['ph', 'organicMatter', 'p', 'k', 'ca', 'mg', 'ec'],
      tended: ['works', 'except'],
      noticed: ['signs', 'absent', 'since', 'cause'],
      followed: ['case', 'course', 'signs', 'cause'],
      closed: ['case', 'outcome', 'cause'],
      timed: ['work', 'minutes', 'usual'],
      topped: [],
      cleared: [],
      'put-off': ['call', 'until'],
      declined: ['call', 'why'],
      note: [],
      void: [],
    }
    const entries = ENTRY_KINDS.map((kind, at) =>
      note(`k${at}`, {
        kind,
        data: Object.fromEntries(
          fields[kind].map((field) => [
            field,
            field === 'method' && kind === 'moisture-read' ? 'finger' : values[field],
          ]),
        ) as never,
        note: '=1+1 "quoted"\n\tü 🌶',
      } as Partial<LogEntry>),
    )
    const whole = { ...demo, log: entries }
    await takeGarden(JSON.stringify(whole))
    expect((await exportGarden(demo.garden.id)).log).toEqual(
      [...entries].sort((a, b) => (a.id < b.id ? -1 : 1)),
    )
  })
  it('is refused with the place of the fault wherever it is cut, and nothing changes', async () => {
    await layDemo()
    const text = JSON.stringify(await exportGarden(demo.garden.id), null, 1)
    const before = await changes()
    await fc.assert(
      fc.asyncProperty(fc.integer({ min: 1, max: text.length - 2 }), async (length) => {
        const result = await takeGarden(text.slice(0, length))
        expect(result).toMatchObject({ problem: { kind: 'not-json' } })
        const { line, column } = (result as { problem: { line: number; column: number } }).problem
        const lines = text.slice(0, length).split('\n')
        expect(line).toBeLessThanOrEqual(lines.length)
        expect(column).toBeGreaterThan(0)
      }),
      { numRuns: 40 },
    )
    expect(await changes()).toBe(before)
    const cut = text.slice(0, 5000)
    expect(await takeGarden(cut)).toEqual({
      problem: { kind: 'not-json', line: cut.split('\n').length, column: cut.split('\n').at(-1)!.length + 1 },
    })
  })
  it('is refused when it is none, newer, or holds what cannot be', () => {
    const problem = (change: object) =>
      (readText(JSON.stringify({ ...demo, ...change })) as { problem: { faults: string[] } }).problem
    expect(readText('[]')).toEqual({ problem: { kind: 'not-a-garden' } })
    expect(readText('null')).toEqual({ problem: { kind: 'not-a-garden' } })
    expect(problem({ version: GARDEN_VERSION + 1 })).toEqual({ kind: 'newer', version: GARDEN_VERSION + 1 })
    expect(problem({ places: [] }).faults.join()).toMatch(/plantings\[0\]\.placeId names no place/)
    expect(problem({ normals: demo.normals.slice(1) }).faults[0]).toMatch(/normals/)
    expect(problem({ garden: { ...demo.garden, latitude: 123 } }).faults[0]).toMatch(/garden\.latitude/)
    expect(
      problem({ log: [note('bad', { kind: 'picked', data: { mass: -3, count: null } as never })] }).faults[0],
    ).toMatch(/log\[0\]\.data\.mass/)
    expect(problem({ log: [note('bad', { on: '2026-02-30' as never })] }).faults[0]).toMatch(/log\[0\]\.on/)
    expect(problem({ surprise: 1 }).faults[0]).toMatch(/surprise/)
  })
  it('holds the demo garden, which is sound', () => {
    expect(readText(JSON.stringify(demo))).toHaveProperty('file')
  })
})

describe('entries', () => {
  it.each([
    [{ kind: 'harvested' }, /kind/],
    [{ id: '../../etc' }, /id/],
    [{ kind: 'sown', data: { seeds: 0 } }, /seeds/],
    [{ kind: 'sown', data: { seeds: 2, extra: 1 } }, /extra|unknown|unspecified/],
    [{ kind: 'soil-read', data: { depth: 0.1, temperature: NaN } }, /temperature/],
    [{ note: 'x'.repeat(4001) }, /note/],
    [{ note: 'a\u0000b' }, /note/],
  ])('are refused when they cannot be, %#', (change, named) => {
    expect(() => entrySchema.validateSync(note('e', change as never))).toThrow(named)
  })
})

describe('the garden’s state', () => {
  it('is the same object until something is written, and new after', async () => {
    await layDemo()
    const first = (await loadGarden())!
    expect(await loadGarden()).toBe(first)
    expect(dayOf(first, first.now).outlook).toBe(dayOf(first, first.now).outlook)
    const { calls } = dayOf(first, first.now)
    await write((tx) =>
      entryRecord.insert(tx, demo.garden.id, [
        note('f', { kind: 'flowered', subject: { type: 'planting', id: 'demo-2026-pot-1-1' } }),
      ]),
    )
    const second = (await loadGarden())!
    expect(second).not.toBe(first)
    const lookedFor = (of: typeof calls) => of.filter(({ kind }) => kind === 'look-for-flowers').length
    expect(lookedFor(dayOf(second, second.now).calls)).toBe(lookedFor(calls) - 1)
    await write((tx) => updateGarden(tx, demo.garden.id, { clockDate: isoDate('2026-06-25') }))
    expect((await loadGarden())!.now).toBe('2026-06-25')
  })
  it('follows the computer’s clock in the garden’s own zone', () => {
    const midnight = new Date('2026-06-18T02:30:00Z')
    expect(todayIn({ clockDate: null, timeZone: 'America/Chicago' }, midnight)).toBe('2026-06-17')
    expect(todayIn({ clockDate: null, timeZone: 'UTC' }, midnight)).toBe('2026-06-18')
  })
  it('does not hang on when the database is made anew', async () => {
    await layDemo()
    await loadGarden()
    await closeDatabase()
    for (const name of readdirSync(folder)) rmSync(join(folder, name))
    expect(await loadGarden()).toBeNull()
    expect(await currentGarden()).toBeNull()
    expect(existsSync(file())).toBe(true)
  })
})
