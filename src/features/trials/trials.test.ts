import { beforeEach, describe, expect, it } from 'vitest'
import { dayOf } from '../../core/garden-day'
import { seasonWeathers } from '../../core/season-model'
import { runTrial } from '../../core/trial'
import { write } from '../../data/database'
import { demoGarden } from '../../data/demo'
import { insertGardenFile } from '../../data/garden-file'
import { loadGarden } from '../../data/garden-state'
import { gathered, type TrialSky } from '../../workers/trial-sky'
import { scratchDatabase } from '../../test/scratch'
import { southGarden } from '../../test/south-garden'
import { stateOfFile } from '../../test/state-of-file'
import { putTriedBack, takeTried } from './actions'
import { askedOf, trialAddress, wayText } from './address'
import { trialsView, trialSky } from './queries'
import { trialCsv } from './trial-csv'

scratchDatabase()
const south = southGarden()
beforeEach(() => write((tx) => insertGardenFile(tx, south.garden.file)))

const dayNow = async () => {
  const state = (await loadGarden())!
  return dayOf(state, state.now)
}
const demo = () => {
  const state = stateOfFile(demoGarden(), 40)
  return dayOf(state, state.now)
}
/** As it arrives in a worker. */
const weathersOf = (sky: TrialSky) => {
  const steps = gathered(JSON.parse(JSON.stringify(sky)) as TrialSky)
  let step = steps.next()
  while (!step.done) step = steps.next()
  return seasonWeathers(step.value, sky, sky.air)
}

describe('an address', () => {
  it('says its trial and is read as it was said', () => {
    const ways = [
      [{ aspect: 'stems', choice: 'cage' } as const, { aspect: 'mulch', choice: 'dark-film' } as const],
      [{ aspect: 'day', choice: '-14' } as const],
    ]
    const address = trialAddress({ planting: 'a', ask: 'stems', ways }, '2026-06-01')
    const query = new URLSearchParams(address.split('?')[1])
    expect(
      askedOf({ planting: query.get('planting')!, ask: query.get('ask')!, way: query.getAll('way') }),
    ).toEqual({
      planting: 'a',
      place: null,
      ask: 'stems',
      ways,
    })
    expect(query.get('on')).toBe('2026-06-01')
  })

  it('of no other way stays so, and does not begin the question anew', async () => {
    const none = trialAddress({ planting: south.planned.id, ask: 'mulch', ways: [] }, null)
    const query = Object.fromEntries(new URLSearchParams(none.split('?')[1]))
    expect(trialsView(await dayNow(), query).trial!.ways.map(({ id }) => id)).toEqual(['now'])
  })

  it.each([
    [{ ask: 'luck', way: 'luck.good' }],
    [{ ask: 'stems', way: ['', 'stems', 'stems.none-such', 'mulch.velvet~day.x'] }],
    [{ planting: 'gone', ask: ['stems', 'mulch'], way: 'constructor.name' }],
    [{ ask: 'day', way: ['day.99999', 'pot.-4', 'shade.NaN', 'cultivar.'] }],
  ])('that is nonsense still shows a trial or says why: %j', async (query) => {
    const { trial } = trialsView(await dayNow(), query)
    expect(trial!.ways.length).toBeGreaterThanOrEqual(1)
    expect(trial!.ways.length + trial!.refused.length).toBeGreaterThanOrEqual(1)
    for (const why of trial!.refused) expect(why).toMatch(/\.$/)
  })
})

describe('a trial', () => {
  it('of every question and planting of two gardens grows, with a name for every way', async () => {
    for (const day of [demo(), await dayNow()]) {
      const { plantings } = trialsView(day, {})
      const weathers = weathersOf(trialSky(day, plantings[0]!.id)!).slice(0, 2)
      for (const { id } of plantings.slice(0, 8))
        for (const { ask } of trialsView(day, { planting: id }).trial!.questions) {
          const trial = trialsView(day, { planting: id, ask }).trial!
          const names = trial.ways.map(({ name }) => name)
          expect(new Set(names).size, names.join()).toBe(names.length)
          const { ways } = runTrial({ ways: trial.ways, seasons: weathers, measure: trial.measure })
          expect(ways.flatMap(({ measured }) => measured).every(Number.isFinite)).toBe(true)
        }
    }
  }, 60_000)

  it('expects of the present way what the Basket expects', () => {
    const day = demo()
    const trial = trialsView(day, {}).trial!
    const seasons = weathersOf(trialSky(day, trial.planting.id)!).slice(0, 30)
    const { ways } = runTrial({ ways: trial.ways, seasons, measure: trial.measure, usual: trial.usual })
    const sorted = [...ways[0]!.sound].sort((one, other) => one - other)
    expect((sorted[14]! + sorted[15]!) / 2).toBeCloseTo(trial.usual, 6)
  })

  it('dates the first fruit as the Season does, within a week', () => {
    const day = demo()
    for (const own of day.outlook.plantings.filter(({ phase }) => phase === 'standing').slice(0, 6)) {
      const first = own.dates['first-ripe']
      if (first.date === null || first.date < day.on) continue
      const { trial } = trialsView(day, { planting: own.planting.id })
      const seasons = weathersOf(trialSky(day, own.planting.id)!).slice(0, 40)
      const { ways } = runTrial({ ways: trial!.ways.slice(0, 1), seasons })
      const days = ways[0]!.firstRipe.filter((one) => one !== null).sort((one, other) => one - other)
      const middle = days[Math.floor(days.length / 2)]!
      const said = (Date.parse(first.date) - Date.parse(own.start)) / 86_400_000
      expect(Math.abs(middle - said), own.planting.id).toBeLessThanOrEqual(7)
    }
  })

  it('goes on from today where the planting stands, and has whole seasons where it does not', () => {
    const day = demo()
    const stands = trialsView(day, { planting: 'demo-2026-bed-1-1', ask: 'watering' }).trial!
    expect(stands.goesOn).toBe(true)
    expect(stands.ways[1]!.plan.earlier).not.toBeNull()
    expect(stands.questions.find(({ ask }) => ask === 'spacing')!.cannot).toMatch(/planted out already/)
    const planned = trialsView(day, { planting: 'demo-2026-bed-4-1', ask: 'spacing' }).trial!
    expect(planned).toMatchObject({ goesOn: false, measure: 'area' })
    expect(planned.ways.every(({ plan }) => plan.earlier === null)).toBe(true)
  })

  it('has nothing to try in an empty garden, and takes what grows in a place', async () => {
    const day = demo()
    const pot = day.outlook.plantings.find(({ place }) => place.pot)!
    expect(trialsView(day, { place: pot.place.id }).trial!.planting.place).toBe(pot.place.name)
    const empty = { ...demoGarden(), plantings: [], plants: [], log: [], photos: [] }
    const state = stateOfFile(empty, 4)
    expect(trialsView(dayOf(state, state.now), {})).toMatchObject({ trial: null, plantings: [] })
    expect(trialSky(day, 'gone')).toBeNull()
  })

  it('is saved as a table, a line a season', async () => {
    const day = demo()
    const trial = trialsView(day, { ask: 'mulch' }).trial!
    const seasons = weathersOf(trialSky(day, trial.planting.id)!).slice(0, 3)
    const lines = (await trialCsv(trial, runTrial({ ways: trial.ways, seasons }))).split('\r\n')
    expect(lines).toHaveLength(4)
    expect(lines[0]).toContain('(now): sound ripe fruit per plant, kg')
    expect(lines[1]).toMatch(/^1,\d/)
  })
})

describe('a way that was tried', () => {
  const standing = () => south.planned
  it('is used and put back: of the planting, its place and the garden', async () => {
    const { id } = standing()
    const before = (await dayNow()).state
    const planting = () => dayNow().then(({ state }) => state.record.plantings.find((one) => one.id === id)!)
    const place = () =>
      dayNow().then(({ state }) =>
        state.record.places.find(
          (one) => one.id === before.record.plantings.find((one) => one.id === id)!.placeId,
        )!,
      )
    const was = { planting: await planting(), place: await place() }
    const stems = trialsView(await dayNow(), { planting: id, ask: 'stems' }).trial!.ways[1]!
    const way = wayText([
      ...stems.choices,
      { aspect: 'mulch', choice: 'dark-film' },
      { aspect: 'feeding', choice: 'steady-liquid' },
    ])
    const used = await takeTried(id, way)
    expect(used).toMatchObject({ ok: true })
    expect((await planting()).training).toBe(stems.plan.training)
    expect((await place()).mulch).toBe('dark-film')
    expect((await dayNow()).state.garden.houseSchools.feeding).toBe('steady-liquid')
    const back = await putTriedBack(id, (used as Extract<typeof used, { ok: true }>).before)
    expect(back.ok).toBe(true)
    expect(await planting()).toEqual(was.planting)
    expect(await place()).toEqual(was.place)
    expect((await dayNow()).state.garden.houseSchools).toEqual(before.garden.houseSchools)
  })

  it('that cannot be planned, is nonsense or is gone changes nothing', async () => {
    const { id } = standing()
    const kept = async () => {
      const { record, garden } = (await dayNow()).state
      return { plantings: record.plantings, places: record.places, garden }
    }
    const before = await kept()
    for (const [planting, way] of [
      [id, 'shade.30'],
      [id, 'mulch.velvet'],
      [id, ''],
      ['gone', 'mulch.straw'],
    ] as const)
      expect(await takeTried(planting, way)).toMatchObject({ ok: false })
    for (const sent of [
      { planting: { training: 'upside-down' } },
      { planting: { plannedSetOut: 'never' } },
      { planting: { id: 'other' } },
      { mulch: 'velvet' },
      { house: { feeding: 'luck' } },
      { house: { constructor: 'x' } },
      null,
    ])
      expect(await putTriedBack(id, sent as never), JSON.stringify(sent)).toMatchObject({ ok: false })
    expect(await putTriedBack(id, { planting: { cultivarId: 'nobody' } })).toMatchObject({
      ok: false,
      message: 'This cultivar is gone. Load the screen again.',
    })
    expect(await kept()).toEqual(before)
  })
})
