import { dayOf, houseOf } from '../core/garden-day'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { eq } from 'drizzle-orm'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { IsoDate } from '../core/calendar'
import { callsOf } from '../core/calls'
import type { LogEntry } from '../core/log'
import { closeDatabase, write } from './database'
import { demoGarden } from './demo'
import { insertGardenFile } from './garden-file'
import { loadGarden, type GardenState } from './garden-state'
import { cultivar } from './records/cultivar'
import { place } from './records/place'
import { planting } from './records/planting'
import { entryRecord } from './records/entry'
import { putWeather } from './records/weather-day'

let folder: string
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'prairie-'))
  process.env.DATABASE_URL = `file:${join(folder, 'garden.db')}`
  await write((tx) => insertGardenFile(tx, demo))
})
afterEach(async () => {
  await closeDatabase()
  rmSync(folder, { recursive: true, force: true })
})

const demo = demoGarden()
const TODAY = '2026-06-18' as IsoDate

const callsIn = (state: GardenState, on: IsoDate) =>
  callsOf(dayOf(state, on).outlook, {
    id: state.garden.id,
    plants: dayOf(state, on).plants,
    water: dayOf(state, on).water,
    wetness: dayOf(state, state.now).wetness,
    bears: dayOf(state, on).bears,
    vigour: dayOf(state, on).vigour,
    house: houseOf(state.garden),
  })

/** The same worked out from copies, of which nothing is remembered. */
const anew = (state: GardenState, on: IsoDate) => callsIn(structuredClone(state), on)

const entry = (id: string, kind: LogEntry['kind'], subject: LogEntry['subject'], data: object) =>
  ({
    id,
    subject,
    kind,
    on: TODAY,
    at: '2026-06-18T09:00:00.000Z',
    data,
    note: '',
    voids: null,
  }) as LogEntry
const put = (one: LogEntry) => write((tx) => entryRecord.insert(tx, demo.garden.id, [one]))

describe('what is remembered', () => {
  it('is never older than the log, the facts and the weather', async () => {
    const bed: LogEntry['subject'] = { type: 'place', id: 'demo-bed-2' }
    const own: LogEntry['subject'] = { type: 'planting', id: 'demo-2026-bed-2-1' }
    const sucker = { cuts: [{ stem: 0, node: 9, organ: 'sucker' }] }
    const changes: (() => Promise<unknown>)[] = [
      () => put(entry('x1', 'watered', bed, { litres: 40 })),
      () => put(entry('x2', 'pruned', own, sucker)),
      () => put(entry('x3', 'tended', own, { works: ['tie'] })),
      () =>
        put(entry('x4', 'soil-read', { type: 'place', id: 'demo-bed-4' }, { depth: 0.15, temperature: 9 })),
      () => put({ ...entry('x5', 'void', bed, {}), voids: 'x1' }),
      () => write((tx) => tx.update(planting).set({ training: 'cage' }).where(eq(planting.id, own.id))),
      () => write((tx) => tx.update(place).set({ mulch: 'bare' }).where(eq(place.id, 'demo-bed-1'))),
      () =>
        write((tx) =>
          tx.update(cultivar).set({ habit: 'determinate' }).where(eq(cultivar.id, 'demo-old-harrow')),
        ),
      () =>
        write((tx) =>
          putWeather(
            tx,
            demo.garden.id,
            [
              {
                ...demo.weather.at(-1)!,
                date: '2026-06-17' as IsoDate,
                tmax: 41,
                rain: 60,
                source: 'entered',
              },
            ],
            'all',
          ),
        ),
    ]
    let before = callsIn((await loadGarden())!, TODAY)
    for (const [at, change] of changes.entries()) {
      await change()
      const state = (await loadGarden())!
      const calls = callsIn(state, TODAY)
      expect(calls, `change ${at}`).toEqual(anew(state, TODAY))
      expect(calls, `change ${at}`).not.toEqual(before)
      before = calls
    }
    // Everything is worked out from nothing ten times.
  }, 90_000)
  it('is another one for each day that is asked', async () => {
    const state = (await loadGarden())!
    for (const on of ['2026-06-10', '2026-06-18', '2026-06-25', '2026-08-30'] as IsoDate[])
      expect(callsIn(state, on)).toEqual(anew(state, on))
  }, 60_000)
  it('is the very same while nothing is written', async () => {
    const state = (await loadGarden())!
    expect(await loadGarden()).toBe(state)
    expect(dayOf(state, TODAY).outlook).toBe(dayOf(state, TODAY).outlook)
    await put(entry('y', 'watered', { type: 'place', id: 'demo-bed-1' }, { litres: 9 }))
    const later = (await loadGarden())!
    expect(later).not.toBe(state)
    // What the writing does not touch is not worked out anew.
    const of = (one: GardenState) =>
      dayOf(one, TODAY).outlook.plantings.find(({ planting: { id } }) => id === 'demo-2026-row-a-1')
    expect(of(later)).toBe(of(state))
  })
})
