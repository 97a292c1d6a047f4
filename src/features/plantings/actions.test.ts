import { beforeEach, describe, expect, it } from 'vitest'
import { dayOf } from '../../core/garden-day'
import { daysBetween } from '../../core/calendar'
import { potVolume } from '../../core/containers'
import { potOf, type Place } from '../../core/facts'
import { boundsOf } from '../../core/ground'
import { write } from '../../data/database'
import { insertGardenFile } from '../../data/garden-file'
import { loadGarden } from '../../data/garden-state'
import { scratchDatabase } from '../../test/scratch'
import { southGarden } from '../../test/south-garden'
import { chooseSupport, chooseWay, plan } from './actions'
import { plantingView } from './queries'
import { firstSpot, NEW, type PlantingValues, type SpotValues } from './new-planting/values'
import { UNTOLD } from './new-planting/untold'

scratchDatabase()
const south = southGarden()
const { garden, tunnel, tub, row, lantern, reef, sown, planned } = south
beforeEach(() => write((tx) => insertGardenFile(tx, garden.file)))

type Typed = Partial<PlantingValues> & Partial<SpotValues>
const typed = ({ place, count, anyway, ...more }: Typed): PlantingValues => ({
  spots: [{ ...firstSpot(place ?? tunnel.id, count ?? '4', { units: 'us' }), anyway: anyway ?? '' }],
  ...UNTOLD,
  cultivar: lantern.id,
  season: '2026',
  training: 'single-stem',
  support: 'string',
  ...more,
})
/** The planting that was made; the screen goes on to it. */
async function made(values: PlantingValues) {
  const error = await plan(values).then(
    (problems) => problems,
    (thrown: unknown) => thrown,
  )
  const id = /\/plantings\/([^;?]+)/.exec((error as { digest?: string }).digest ?? '')?.[1]
  expect(id, JSON.stringify(error)).toBeDefined()
  const state = (await loadGarden())!
  const planting = state.record.plantings.find((one) => one.id === id)!
  return { planting, plants: state.plants.filter(({ plantingId }) => plantingId === id), state }
}
/** m of open ground between two places. */
const apart = (one: Place, other: Place) => {
  const [a, b] = [boundsOf([one]), boundsOf([other])]
  return Math.max(b.west - a.east, a.west - b.east, b.south - a.north, a.south - b.north)
}
const xs = (plants: readonly { x: number }[]) => [...new Set(plants.map(({ x }) => Math.round(x * 1000)))]

describe('a new planting', () => {
  it('takes the west end of its place, and another has the rest', async () => {
    const first = await made(typed({ count: '4' }))
    expect(first.planting.season).toBe(2026)
    expect(first.plants.map(({ label }) => label)).toEqual(['1', '2', '3', '4'])
    expect(Math.max(...xs(first.plants))).toBeLessThan(tunnel.length * 500)
    const second = await made(typed({ cultivar: reef.id, training: 'bush', support: 'stake' }))
    expect(second.plants.map(({ label }) => label)).toEqual(['5', '6', '7', '8'])
    for (const one of first.plants)
      for (const other of second.plants)
        expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThan(0.3)
  })
  it('is laid line after line or over the whole place where that is asked', async () => {
    const lines = await made(typed({ count: '3', laying: 'line' }))
    expect(new Set(lines.plants.map(({ y }) => y)).size).toBe(1)
    expect(xs(lines.plants)).toHaveLength(3)
    const whole = await made(typed({ count: '2', laying: 'whole' }))
    expect(whole.plants).toHaveLength(2)
  })
  it('brings its place and its cultivar', async () => {
    const { planting, state } = await made(
      typed({
        spots: [
          { ...firstSpot('new:bed', '2', { units: 'us' }), name: 'Lee', length: '10 ft', width: '4 ft' },
        ],
        cultivar: NEW,
        cultivarName: 'Tern',
      }),
    )
    const place = state.record.places.find(({ id }) => id === planting.placeId)!
    expect(place).toMatchObject({ name: 'Lee', length: expect.closeTo(3.048, 3) })
    // Beside what lies there already.
    for (const other of state.record.places)
      if (other.id !== place.id) expect(apart(place, other)).toBeGreaterThan(0.5)
  })
  it('is planted anyway where that is asked, at the distance that is left', async () => {
    const { planting, plants } = await made(typed({ place: tub.id, count: '3', anyway: 'yes' }))
    expect(plants).toHaveLength(3)
    expect(planting.ownInRow).toBeLessThan(0.45)
  })
  it('keeps its own distances, and its season', async () => {
    const { planting, plants, state } = await made(
      typed({ count: '3', laying: 'line', ownInRow: '10 in', ownLines: '', season: '2027' }),
    )
    expect(planting).toMatchObject({ season: 2027, ownInRow: expect.closeTo(0.254, 3), ownLines: null })
    // Its page says the distance that it got.
    const { answer } = plantingView(dayOf(state, state.now), planting.id)!.spacing
    expect(answer.replaceAll('\u00a0', ' ')).toBe('10 in apart in the row, as you chose')
    const along = plants.map(({ x }) => x).sort((a, b) => a - b)
    expect(along[1]! - along[0]!).toBeCloseTo(0.254, 2)
    expect(await plan(typed({ season: '2056' }))).toEqual({ fields: { season: 'Choose 2026 or 2027.' } })
    expect(await plan(typed({ ownInRow: '40 lb' }))).toHaveProperty('fields.ownInRow')
  })
  it('is refused with what fits, with what is missing, and with a fruit of the other crop', async () => {
    const before = (await loadGarden())!.record.plantings.length
    expect(await plan(typed({ place: tub.id, count: '40' }))).toEqual({
      fields: { 'spots.0.count': expect.stringMatching(/^\d fit here at this spacing\. Plant fewer/) },
    })
    expect(await plan(typed({ laying: 'in-a-ring' }))).toHaveProperty('fields.laying')
    expect(await plan(typed({ place: 'gone' }))).toHaveProperty(['fields', 'spots.0.place'])
    expect(await plan(typed({ cultivar: NEW, cultivarName: 'Odd', fruit: 'bell' }))).toEqual({
      fields: { fruit: 'Choose a type of tomato.' },
    })
    expect((await loadGarden())!.record.plantings).toHaveLength(before)
  })
})

describe('several at once', () => {
  const pots = { ...firstSpot('new:container', '1', { units: 'us' }), many: '4', litres: '10 gal' }
  it('are four new pots with one each, numbered, and full of what was said', async () => {
    const { planting, state } = await made({ ...typed({}), spots: [pots] })
    const mine = state.record.plantings.filter(
      ({ cultivarId, season }) => cultivarId === planting.cultivarId && season === 2026,
    )
    const places = state.record.places.filter(({ name }) => /^Pot \d$/.test(name))
    expect(places.map(({ name }) => name).sort()).toEqual(['Pot 1', 'Pot 2', 'Pot 3', 'Pot 4'])
    for (const place of places) {
      expect(potVolume(potOf(place)!).brim).toBeCloseTo(37.85, 0)
      expect(mine.filter(({ placeId }) => placeId === place.id).map(({ count }) => count)).toEqual([1])
    }
  })
  it('go into two places in one form, all of them or none', async () => {
    const spots = [firstSpot(tunnel.id, '3', { units: 'us' }), firstSpot(row.id, '4', { units: 'us' })]
    const { state } = await made({ ...typed({ support: 'none' }), spots })
    const before = state.record.plantings.length
    const refused = await plan({ ...typed({}), spots: [pots, firstSpot(tub.id, '40', { units: 'us' })] })
    expect(refused).toEqual({ fields: { 'spots.1.count': expect.stringMatching(/^\d+ fit here/) as string } })
    const after = (await loadGarden())!
    expect(after.record.plantings).toHaveLength(before)
    expect(after.record.places).toHaveLength(state.record.places.length)
  })
  it('are at most so many as one form can lay, and say so', async () => {
    expect(await plan({ ...typed({}), spots: [{ ...pots, many: '500' }] })).toHaveProperty([
      'fields',
      'spots.0.many',
    ])
    expect(
      await plan({
        ...typed({}),
        spots: [
          { ...pots, many: '50' },
          { ...pots, many: '50' },
        ],
      }),
    ).toHaveProperty(['fields', 'spots.1.many'])
    // A pipe is no pot.
    const pipe = { ...pots, litres: '200 L', length: '10 cm' }
    expect(await plan({ ...typed({}), spots: [pipe] })).toHaveProperty(['fields', 'spots.0.length'])
  })
})

describe('a cultivar that a planting brings', () => {
  it('is one that is typical of its type, once', async () => {
    const first = await made(typed({ cultivar: 'typical:slicer' }))
    const again = await made(typed({ cultivar: 'typical:slicer', place: row.id, count: '1' }))
    expect(again.planting.cultivarId).toBe(first.planting.cultivarId)
    const own = first.state.record.cultivars.find(({ id }) => id === first.planting.cultivarId)
    expect(own).toMatchObject({
      fruit: 'slicer',
      habit: 'indeterminate',
      daysToMaturity: 75,
      ripeColour: 'red',
    })
  })
  it('is like another but for what is told, and needs no name', async () => {
    const { planting, state } = await made(
      typed({
        cultivar: lantern.id,
        differs: 'yes',
        fruit: 'cherry',
        daysToMaturity: '55',
        grafted: 'yes',
        unionHeight: '3 in',
      }),
    )
    expect(state.record.cultivars.find(({ id }) => id === planting.cultivarId)).toMatchObject({
      name: 'Little Lantern, other',
      daysToMaturity: 55,
      grafted: true,
    })
    expect(planting.unionHeight).toBeCloseTo(0.0762, 4)
    const plain = await made(
      typed({ cultivar: NEW, fruit: 'paste', ripeColour: 'red', place: row.id, count: '1' }),
    )
    expect(plain.state.record.cultivars.map(({ name }) => name)).toContain('Red paste tomato')
  })
})

describe('how a planting begins', () => {
  const kindsOf = (state: Awaited<ReturnType<typeof made>>['state'], id: string) =>
    state.record.entries.filter(({ subject }) => subject.id === id).map(({ kind, on }) => `${kind} ${on}`)
  it('is seed that was sown already', async () => {
    const { planting, state } = await made(typed({ begins: 'seed', sownOn: '12/20/2026' }))
    expect(planting.raising).toBe('plant')
    expect(kindsOf(state, planting.id)).toEqual(['sown 2026-12-20'])
  })
  it('is plants that are bought, or will be', async () => {
    const now = await made(typed({ begins: 'bought', height: '8 in', carries: 'flowers' }))
    expect(now.planting.raising).toBe('bought')
    expect(kindsOf(now.state, now.planting.id)).toEqual(['met 2027-01-20'])
    const later = await made(
      typed({ begins: 'bought', got: 'later', season: '2027', place: row.id, count: '2' }),
    )
    expect(kindsOf(later.state, later.planting.id)).toEqual([])
  })
  it('is what grows already: six plants met in their summer ask for a plausible first watering', async () => {
    const growing = {
      begins: 'growing',
      height: '3 ft',
      carries: 'green',
      since: '11/15/2026',
      watered: 'every-few-days',
    }
    const spots = [{ ...firstSpot('new:bed', '6', { units: 'us' }), length: '8 ft', width: '4 ft' }]
    const { planting, state } = await made({ ...typed(growing), spots })
    expect(planting.season).toBe(2026)
    expect(kindsOf(state, planting.id).sort()).toEqual(['met 2027-01-20', 'set-out 2026-11-15'])
    const day = dayOf(state, state.now)
    const own = day.calls.filter(({ placeId }) => placeId === planting.placeId)
    expect(own.filter(({ urgency }) => urgency === 'late')).toEqual([])
    const water = day.calls.find(({ kind, placeId }) => kind === 'water' && placeId === planting.placeId)
    const { litres } = water?.advice.answer as { litres: number }
    // Between a day's and a week's use of six plants.
    expect(litres).toBeGreaterThan(10)
    expect(litres).toBeLessThan(80)
    const { answer } = plantingView(day, planting.id)!
    expect(answer).not.toMatch(/[Ss]ow|harden/)
  })
  it('follows from their size where nobody knows since when', async () => {
    const sinceOf = async (height: string, place: string) => {
      const { planting, state } = await made(
        typed({ begins: 'growing', height, place, count: '1', support: 'none' }),
      )
      const setOut = state.record.entries.find(
        ({ subject, kind }) => subject.id === planting.id && kind === 'set-out',
      )!
      return daysBetween(setOut.on, state.now)
    }
    const tall = await sinceOf('5 ft', tunnel.id)
    expect(tall).toBeGreaterThan(await sinceOf('2 ft', row.id))
  })
  it('is refused where plants are taller than their age, and what was typed stays', async () => {
    const before = (await loadGarden())!.record.plantings.length
    const tall = typed({ begins: 'growing', height: '10 ft', since: '1/18/2027' })
    expect(await plan(tall)).toHaveProperty('fields.since')
    expect(await plan(typed({ support: 'cage', ownCage: '6 ft', place: row.id }))).toEqual({
      fields: { ownCage: expect.stringContaining('wider than Shore Row') as string },
    })
    expect((await loadGarden())!.record.plantings).toHaveLength(before)
  })
})

describe('a plan that is changed', () => {
  it('answers what it was, so that it can be put back', async () => {
    const answer = await chooseSupport(planned.id, 'stake')
    expect(answer).toMatchObject({ ok: true, before: { support: planned.support } })
    const now = (await loadGarden())!.record.plantings.find(({ id }) => id === planned.id)!
    expect(now.support).toBe('stake')
  })
  it('refuses what is none', async () => {
    expect(await chooseSupport(planned.id, 'hope' as never)).toMatchObject({ ok: false })
    expect(await chooseWay(planned.id, 'by-post' as never)).toMatchObject({ ok: false })
    expect(await chooseWay('gone', 'plant')).toMatchObject({ ok: false })
    // What is sown where it grows is raised no other way any more.
    expect(await chooseWay(sown.id, 'plant')).toMatchObject({ ok: false })
    expect(row.kind).toBe('rows')
  })
})
