import { beforeEach, describe, expect, it } from 'vitest'
import { seedLinesOf } from '../../core/supplies'
import { write } from '../../data/database'
import { insertGardenFile } from '../../data/garden-file'
import { loadGarden } from '../../data/garden-state'
import { scratchDatabase } from '../../test/scratch'
import { southGarden } from '../../test/south-garden'
import { keepSeeds, openAgain, planNext, putAway } from './actions'

scratchDatabase()
const { garden, lantern, reef, bed, tub, raised, planned } = southGarden()
beforeEach(() => write((tx) => insertGardenFile(tx, garden.file)))
const state = async () => (await loadGarden())!

describe('a season', () => {
  it('is opened again and put away, and not before it is over', async () => {
    expect(await putAway(2025)).toMatchObject({ ok: false, message: expect.stringMatching(/already/) })
    expect(await openAgain(2025)).toEqual({ ok: true })
    expect((await state()).archive).toEqual([])
    expect(await putAway(2025)).toEqual({ ok: true })
    expect((await state()).archive.map(({ season }) => season)).toEqual([2025])
    expect(await putAway(2026)).toMatchObject({ ok: false, message: expect.stringMatching(/not over yet/) })
    expect(await putAway(1999)).toMatchObject({ ok: false, message: expect.stringMatching(/Nothing was/) })
  })
  it('is planned after this one, each planting laid where it was sent', async () => {
    const answer = await planNext(2026, [
      { from: raised.id, count: 5, placeId: bed.id },
      { from: planned.id, count: 1, placeId: tub.id },
    ])
    expect(answer).toEqual({ ok: true, plantings: 2 })
    const { record, plants } = await state()
    const next = record.plantings.filter(({ season }) => season === 2027)
    expect(next.map(({ count, plannedSow }) => ({ count, plannedSow }))).toEqual([
      { count: 5, plannedSow: null },
      { count: 1, plannedSow: null },
    ])
    for (const { id, count } of next)
      expect(plants.filter(({ plantingId }) => plantingId === id)).toHaveLength(count)
    expect(await planNext(2026, [{ from: raised.id, count: 1, placeId: bed.id }])).toMatchObject({
      ok: false,
      message: expect.stringMatching(/^2027 already has plantings/),
    })
  })
  it('is not planned with more than fits, or from nothing', async () => {
    expect(await planNext(2026, [{ from: raised.id, count: 400, placeId: tub.id }])).toMatchObject({
      ok: false,
      message: expect.stringMatching(/do not fit in Tub, which has room for \d/),
    })
    expect(await planNext(2026, [])).toMatchObject({ ok: false })
    expect(await planNext(2026, 'all' as never)).toMatchObject({ ok: false })
    expect((await state()).record.plantings.some(({ season }) => season === 2027)).toBe(false)
  })
})

describe('seeds that are left', () => {
  it('are one line of the shed, however often they are counted', async () => {
    expect(await keepSeeds(lantern.id, 12)).toMatchObject({ ok: true })
    expect(await keepSeeds(lantern.id, 9)).toMatchObject({ ok: true })
    expect(await keepSeeds(reef.id, 0)).toMatchObject({ ok: true })
    const { supplies } = await state()
    expect(seedLinesOf(supplies, lantern.name).map(({ quantity }) => quantity)).toEqual([9])
    expect(await keepSeeds(lantern.id, 2.5)).toMatchObject({ ok: false })
    expect(await keepSeeds('gone', 2)).toMatchObject({ ok: false })
  })
})
