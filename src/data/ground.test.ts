import { describe, expect, it } from 'vitest'
import type { IsoDate } from '../core/calendar'
import type { GroundEdit, Place } from '../core/facts'
import { scratchDatabase } from '../test/scratch'
import { carryOver } from './carry-over'
import { write } from './database'
import { demoGarden } from './demo'
import { insertGardenFile } from './garden-file'
import { loadGarden } from './garden-state'
import { putGround } from './ground'
import type { EntryDraft } from '../core/log'
import { enterEntries } from './log-writing'
import { plantRecord } from './records/plant'
import { placeRecord } from './records/place'

scratchDatabase()
const demo = demoGarden()
const lay = () => write((tx) => insertGardenFile(tx, demo))
const bed = demo.places.find(({ id }) => id === 'demo-bed-1')!
const sound = () => null
const edit = (change: Partial<Place>, seen: Place = bed): GroundEdit => ({
  of: 'place',
  id: bed.id,
  row: { ...bed, ...change },
  seen,
})
const kept = async () => (await placeRecord.of(demo.garden.id)).find(({ id }) => id === bed.id)!

describe('two hands at one row of the ground', () => {
  it('both keep what they changed where the fields differ', async () => {
    await lay()
    expect(await putGround([edit({ name: 'Long bed' })], sound)).toMatchObject({ ok: true })
    // Answered with the row as it is now, and by which change: the next edit has seen that.
    expect(await putGround([edit({ mulch: 'clear-film' })], sound)).toMatchObject({
      ok: true,
      kept: [{ row: { name: 'Long bed', mulch: 'clear-film' } }],
      changes: (await loadGarden())!.changes,
    })
    expect(await kept()).toMatchObject({ name: 'Long bed', mulch: 'clear-film' })
  })
  it('are told of both values where they changed the same, and nothing is kept until one is chosen', async () => {
    await lay()
    await putGround([edit({ mulch: 'dark-film' })], sound)
    const second = await putGround([edit({ mulch: 'clear-film', name: 'Long bed' })], sound)
    expect(second).toMatchObject({
      ok: false,
      conflict: { fields: ['mulch'], mine: { mulch: 'clear-film' }, theirs: { mulch: 'dark-film' } },
    })
    expect(await kept()).toMatchObject({ mulch: 'dark-film', name: bed.name })
    // Mine is kept: the edit has seen theirs now.
    const theirs = await kept()
    expect(await putGround([edit({ mulch: 'clear-film', name: 'Long bed' }, theirs)], sound)).toMatchObject({
      ok: true,
    })
    expect(await kept()).toMatchObject({ mulch: 'clear-film', name: 'Long bed' })
  })
  it('do not bring back what the other removed', async () => {
    await lay()
    const pot = { ...bed, id: 'new-pot' }
    await putGround([{ of: 'place', id: pot.id, row: pot, seen: null }], sound)
    await putGround([{ of: 'place', id: pot.id, row: null }], sound)
    expect(
      await putGround([{ of: 'place', id: pot.id, row: { ...pot, name: 'x' }, seen: pot }], sound),
    ).toMatchObject({
      ok: false,
      message: expect.stringMatching(/Another window removed this/),
    })
  })
})

describe('a plant that is taken out', () => {
  it('keeps its entries: it is archived, and comes back when that is undone', async () => {
    await lay()
    const plant = demo.plants.find(({ plantingId }) => plantingId === 'demo-2026-bed-1-1')!
    await enterEntries([
      {
        id: 'of-plant',
        subject: { type: 'plant', id: plant.id },
        kind: 'note',
        on: '2026-06-18' as IsoDate,
        data: {},
        note: 'a sucker was left',
      } as EntryDraft,
    ])
    const removed = await putGround([{ of: 'plant', id: plant.id, row: null }], sound)
    const there = async () => (await plantRecord.of(demo.garden.id)).find(({ id }) => id === plant.id)
    expect((await there())?.to).toBe('2026-06-17')
    if (!removed.ok) throw new Error('It must be archived.')
    await putGround(removed.undo, sound)
    expect(await there()).toEqual(plant)
  })
})

describe('the next season', () => {
  it('is refused where more plants are asked for than fit, and nothing of it is planned', async () => {
    await lay()
    const line = { from: 'demo-2026-pot-1-1', count: 40, placeId: 'demo-pot-1' }
    expect(await carryOver(2026, [line])).toMatchObject({
      ok: false,
      message: expect.stringMatching(/do not fit in Pot 1/),
    })
    expect(await carryOver(2026, [{ ...line, count: 1 }])).toMatchObject({ ok: true })
  })
})
