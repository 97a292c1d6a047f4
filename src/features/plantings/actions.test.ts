import { beforeEach, describe, expect, it } from 'vitest'
import { dayOf } from '../../core/garden-day'
import { usualLaying } from '../../core/spacing'
import { write } from '../../data/database'
import { insertGardenFile } from '../../data/garden-file'
import { loadGarden } from '../../data/garden-state'
import { scratchDatabase } from '../../test/scratch'
import { southGarden } from '../../test/south-garden'
import { chooseSupport, chooseWay, plan } from './actions'
import { plantingView } from './queries'
import { NEW, type PlantingValues } from './new-planting/values'

scratchDatabase()
const south = southGarden()
const { garden, tunnel, tub, row, lantern, reef, sown, planned } = south
beforeEach(() => write((tx) => insertGardenFile(tx, garden.file)))

const typed = (more: Partial<PlantingValues>): PlantingValues => ({
  place: tunnel.id,
  placeName: '',
  placeKind: 'bed',
  placeLength: '10 ft',
  placeWidth: '4 ft',
  cultivar: lantern.id,
  cultivarName: '',
  crop: 'tomato',
  habit: 'indeterminate',
  fruit: 'slicer',
  daysToMaturity: '',
  maturityFrom: 'transplanting',
  begins: 'seed',
  sownOn: '',
  got: 'now',
  potVolume: '',
  height: '',
  leaves: '',
  carries: 'nothing',
  since: '',
  watered: 'every-few-days',
  season: '2026',
  count: '4',
  ownInRow: '',
  ownLines: '',
  anyway: '',
  training: 'single-stem',
  support: 'string',
  spacingSchool: 'standard',
  laying: usualLaying(tunnel),
  germination: '85',
  survival: '90',
  ...more,
})
/** The planting that was made; the screen goes on to it. */
async function made(values: PlantingValues) {
  const error = await plan(values).then(
    (problems) => problems,
    (thrown: unknown) => thrown,
  )
  const id = /\/plantings\/([^;]+)/.exec((error as { digest?: string }).digest ?? '')?.[1]
  expect(id, JSON.stringify(error)).toBeDefined()
  const state = (await loadGarden())!
  const planting = state.record.plantings.find((one) => one.id === id)!
  return { planting, plants: state.plants.filter(({ plantingId }) => plantingId === id), state }
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
      typed({ place: NEW, placeName: 'Lee', cultivar: NEW, cultivarName: 'Tern', count: '2' }),
    )
    const place = state.record.places.find(({ id }) => id === planting.placeId)!
    expect(place).toMatchObject({ name: 'Lee', length: expect.closeTo(3.048, 3) })
    // North of what lies there already.
    for (const other of state.record.places)
      if (other.id !== place.id) expect(place.y).toBeGreaterThan(other.y + other.width)
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
      fields: { count: expect.stringMatching(/^\d fit here at this spacing\. Plant fewer/) },
    })
    expect(await plan(typed({ laying: 'in-a-ring' }))).toHaveProperty('fields.laying')
    expect(await plan(typed({ place: 'gone' }))).toHaveProperty('fields.place')
    expect(await plan(typed({ cultivar: NEW, cultivarName: 'Odd', fruit: 'bell' }))).toEqual({
      fields: { fruit: 'Choose a tomato’s type of fruit.' },
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
