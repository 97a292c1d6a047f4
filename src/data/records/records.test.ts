import { GARDEN_VERSION } from '../../core/facts'
import { getTableName, sql } from 'drizzle-orm'
import { describe, expect, it } from 'vitest'
import { EVERY_RECORD } from '.'
import { scratchDatabase } from '../../test/scratch'
import { southGarden } from '../../test/south-garden'
import { reader, write } from '../database'
import { demoGarden } from '../demo'
import { exportGarden, insertGardenFile, removeGarden } from '../garden-file'
import { upgraded } from '../garden-upgrade'
import { gardenRecord } from './garden'

scratchDatabase()

const ROW = { id: 'one' }
/** A row as the version before wrote it, and as the step makes it; by list and the version that the step leads to. */
const STEPS: Record<string, [before: object, after: object][]> = {
  'garden 10': [[{ climateShift: -2.2 }, { climateShift: -2.2, climateHot: -2.2 }]],
  'garden 13': [
    [{ units: 'us' }, { units: 'us', currency: 'USD' }],
    [{ units: 'metric' }, { units: 'metric', currency: null }],
  ],
  'garden 15': [[{}, { ownRecord: null }]],
  'garden 8': [
    [{ timeZone: 'Prairie/Nowhere' }, { timeZone: 'UTC' }],
    [{ timeZone: 'America/Chicago' }, { timeZone: 'America/Chicago' }],
    [{ timeZone: 5 }, { timeZone: 5 }],
  ],
  'plantings 11': [[ROW, { ...ROW, ownCage: null, unionHeight: null }]],
  'plantings 10': [[ROW, { ...ROW, ownInRow: null, ownLines: null }]],
  'plantings 2': [
    [ROW, { ...ROW, raising: 'plant', plannedSow: null }],
    [
      { ...ROW, raising: 'direct' },
      { ...ROW, raising: 'direct', plannedSow: null },
    ],
  ],
  'places 3': [
    [
      { ...ROW, kind: 'bed' },
      { ...ROW, kind: 'bed', turn: 0, height: null, emitterFirst: null, pot: null },
    ],
    [
      { ...ROW, kind: 'container', turn: 30 },
      {
        ...ROW,
        kind: 'container',
        turn: 30,
        height: null,
        emitterFirst: null,
        pot: { shape: 'round', bottom: null, selfWatering: false },
      },
    ],
  ],
  'places 6': [[ROW, { ...ROW, emitterFlow: null }]],
  'places 8': [
    [
      { kind: 'bed', length: 0, width: 2000, height: null, soilDepth: 0 },
      { kind: 'bed', length: 0.1, width: 1000, height: null, soilDepth: 0.05 },
    ],
    // No larger than one place can be.
    [
      { kind: 'bed', length: 1000, width: 1000, height: 30, soilDepth: 0.3 },
      { kind: 'bed', length: 1000, width: 10, height: 20, soilDepth: 0.3 },
    ],
    [
      { kind: 'container', length: 9, width: 0.01, height: 5, soilDepth: 4 },
      { kind: 'container', length: 3, width: 0.05, height: 2, soilDepth: 4 },
    ],
  ],
  'places 9': [[ROW, { ...ROW, walk: null }]],
  'supplies 12': [[ROW, { ...ROW, across: null, material: null }]],
  'weather 8': [
    [
      { tmin: 20, tmax: 8 },
      { tmin: 8, tmax: 20 },
    ],
    [
      { tmin: -200, tmax: 'warm' },
      { tmin: -70, tmax: 'warm' },
    ],
  ],
}

const STEPPED = [['garden', gardenRecord] as const, ...EVERY_RECORD].flatMap(([list, { versions }]) =>
  Object.keys(versions).map((to) => `${list} ${to}`),
)

describe('the records', () => {
  it('have no step between versions that is not tried here', () => {
    expect(Object.keys(STEPS).sort()).toEqual([...STEPPED].sort())
  })
  it.each(Object.entries(STEPS))('bring a row up: %s', (step, cases) => {
    const [list, to] = [step.split(' ')[0]!, Number(step.split(' ')[1])]
    const versions =
      list === 'garden' ? gardenRecord.versions : new Map(EVERY_RECORD).get(list as 'log')!.versions
    for (const [before, after] of cases) expect(versions[to as 8]!({ ...before })).toEqual(after)
  })
  it('begin their lists empty in the version that knew them first, and only there', () => {
    for (const [list, { since }] of EVERY_RECORD) {
      if (since === 1) continue
      expect(upgraded({ version: since - 1 })[list]).toEqual([])
      if (since < GARDEN_VERSION) expect(upgraded({ version: since })[list]).toBeUndefined()
    }
    expect(upgraded({ version: 1, places: 'none' })).toMatchObject({
      version: GARDEN_VERSION,
      places: 'none',
    })
  })
  it('number a season by its summer where its coldest day lay in the year before', () => {
    const file = (cold: number) => ({
      version: 9,
      normals: Array.from({ length: 12 }, (_, at) => ({
        month: at + 1,
        tmin: at + 1 === cold ? 0 : 10,
        tmax: 20,
      })),
      plantings: [{ season: 2025 }, 'no row'],
      archive: [{ season: 2024 }],
    })
    expect(upgraded(file(12))).toMatchObject({
      plantings: [{ season: 2026 }, 'no row'],
      archive: [{ season: 2025 }],
    })
    expect(upgraded(file(1))).toMatchObject({ plantings: [{ season: 2025 }, 'no row'] })
    expect(upgraded({ ...file(12), normals: null }).archive).toEqual([{ season: 2024 }])
  })
  it('lead to no version that the file does not have', () => {
    const last = STEPPED.map((step) => Number(step.split(' ')[1]))
    expect(Math.max(...last, ...EVERY_RECORD.map(([, { since }]) => since))).toBeLessThanOrEqual(
      GARDEN_VERSION,
    )
  })
  it('name only records that are written before them', () => {
    const written: string[] = []
    for (const [, { name, references }] of EVERY_RECORD) {
      for (const of of Object.values(references ?? {})) expect(written).toContain(of)
      written.push(name)
    }
    expect(new Set(written).size).toBe(written.length)
  })
  it('are written, counted and read again as they were, beside another garden', async () => {
    const demo = demoGarden()
    const south = southGarden().garden.file
    await write((tx) => insertGardenFile(tx, demo))
    await write((tx) => insertGardenFile(tx, south))
    for (const [list, record] of EVERY_RECORD) {
      expect(await record.count(demo.garden.id), list).toBe(demo[list].length)
      expect(await record.count(south.garden.id), list).toBe(south[list].length)
    }
    const read = await exportGarden(south.garden.id)
    for (const [list, { key }] of EVERY_RECORD) {
      const keyOf = (row: object) => key.map((field) => (row as Record<string, unknown>)[field]).join()
      const byKey = (rows: readonly object[]) => rows.toSorted((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1))
      expect(byKey(read[list]), list).toEqual(byKey(south[list]))
    }
  })
  it('leave nothing of a garden that is removed, and all of the other', async () => {
    const [demo, south] = [demoGarden(), southGarden().garden.file]
    await write((tx) => insertGardenFile(tx, demo))
    await write((tx) => insertGardenFile(tx, south))
    const before = await exportGarden(south.garden.id)
    await write((tx) => removeGarden(tx, demo.garden.id))
    expect(await exportGarden(south.garden.id)).toEqual(before)
    const db = await reader()
    for (const [list, { table }] of EVERY_RECORD) {
      const [found] = await db.select({ rows: sql<number>`count(*)` }).from(table)
      expect(found!.rows, getTableName(table)).toBe(south[list].length)
    }
  })
})
