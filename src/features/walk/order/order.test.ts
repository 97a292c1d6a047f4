import { beforeEach, describe, expect, it } from 'vitest'
import { dayOf } from '../../../core/garden-day'
import { addPerson, people, removePerson } from '../../../data/access/people'
import { write } from '../../../data/database'
import { insertGardenFile } from '../../../data/garden-file'
import { loadGarden } from '../../../data/garden-state'
import { scratchDatabase } from '../../../test/scratch'
import { southGarden } from '../../../test/south-garden'
import { roundOf } from '../queries'
import { orderRound, shareRound } from './actions'
import { orderViewOf } from './queries'

scratchDatabase()
const NOW = new Date('2026-06-18T07:00:00Z')
const { garden, bed, row, tub, tunnel } = southGarden()

/** The day of the garden as it is kept. */
const today = async () => {
  const state = (await loadGarden())!
  return dayOf(state, state.now)
}
const names = async () => orderViewOf(await today(), []).places.map(({ name }) => name)
/** Places in which a stop of one urgency lies, each where it first comes. */
const walked = async () => [
  ...new Set(
    roundOf(await today())
      .stops.filter(({ urgency, subject }) => urgency === 'today' && subject.type !== 'garden')
      .map(({ place }) => place),
  ),
]

describe('the order of the round', () => {
  beforeEach(() => write((tx) => insertGardenFile(tx, garden.file)))

  it('goes by where the places lie until somebody puts them in order', async () => {
    const before = await names()
    expect(orderViewOf(await today(), [])).toMatchObject({ isOwn: false, query: '' })
    const own = [tub, tunnel, row, bed].map(({ id }) => id)
    expect(await orderRound(own)).toEqual({ ok: true })
    expect(await names()).toEqual(['Tub', 'Glass', 'Shore Row', 'North Strip'])
    expect(orderViewOf(await today(), []).isOwn).toBe(true)
    const stops = await walked()
    expect(stops.length).toBeGreaterThan(1)
    expect(stops).toEqual(['Tub', 'Glass', 'Shore Row', 'North Strip'].filter((name) => stops.includes(name)))
    expect(await orderRound(null)).toEqual({ ok: true })
    expect(await names()).toEqual(before)
  })
  it('says what stands in each place, a mixed bed by both its cultivars', async () => {
    const { places } = orderViewOf(await today(), [])
    expect(places.find(({ name }) => name === 'North Strip')!.holds).toBe('Little Lantern, Reef')
  })
  it('leaves places that are not named after those that are', async () => {
    await orderRound([row.id])
    expect((await names())[0]).toBe('Shore Row')
    expect((await loadGarden())!.record.places.filter(({ walk }) => walk === null)).toHaveLength(3)
  })
  it('shares the round out by person and by place, and nothing is in no part', async () => {
    await addPerson('Wren', 'helper', NOW)
    await addPerson('Asa', 'keeper', NOW)
    expect(await shareRound(row.id, 'Wren')).toEqual({ ok: true })
    expect(await shareRound(tub.id, 'Asa')).toEqual({ ok: true })
    const whose = orderViewOf(await today(), ['Asa', 'Wren']).places.map(({ name, whose }) => [name, whose])
    expect(whose).toContainEqual(['Shore Row', 'Wren'])
    expect(whose).toContainEqual(['Glass', null])
    const { stops, coming, parts, heading } = roundOf(await today())
    const all = [...stops, ...coming]
    const called = (name: string) => parts.find((part) => part.name === name)!.calls
    const placed = all.filter(({ subject }) => subject.type !== 'garden')
    for (const [name, place] of [
      ['Wren', 'Shore Row'],
      ['Asa', 'Tub'],
    ] as const)
      expect(placed.filter(({ call }) => called(name).includes(call)).map(({ place }) => place)).toEqual(
        placed.filter((stop) => stop.place === place).map(({ place }) => place),
      )
    const shared = parts.filter(({ of }) => of !== 'place').flatMap(({ calls }) => calls)
    expect(new Set(shared)).toEqual(new Set(all.map(({ call }) => call)))
    expect(parts.find(({ name }) => name === 'Wren')!.heading).not.toBe(heading)
    expect(
      parts
        .filter(({ of }) => of === 'place')
        .map(({ name }) => name)
        .sort(),
    ).toEqual([...new Set(placed.map(({ place }) => place))].sort())
    // Who is not there takes nothing from whom it is.
    expect(await shareRound(tub.id, 'Nobody')).toMatchObject({ ok: false })
    expect((await loadGarden())!.shares).toContainEqual({ placeId: tub.id, name: 'Asa' })
    // Back to anyone's; and nobody's once the person is gone.
    expect(await shareRound(tub.id, null)).toEqual({ ok: true })
    await removePerson((await people(NOW)).find(({ name }) => name === 'Wren')!.id)
    expect(roundOf(await today()).parts.every(({ of }) => of === 'place')).toBe(true)
    for (const [id, name] of [
      [row.id, 'Wren'],
      ['none', 'Asa'],
      [null, {}],
    ])
      expect(await shareRound(id as never, name as never)).toMatchObject({ ok: false })
  })
  it('is refused when it is none', async () => {
    for (const wrong of [[5], 'tub', { 0: 'tub' }, ['x'.repeat(65)]])
      expect(await orderRound(wrong as never)).toMatchObject({
        ok: false,
        message: expect.stringMatching(/order of places cannot be used/),
      })
    expect(orderViewOf(await today(), []).isOwn).toBe(false)
  })
})
