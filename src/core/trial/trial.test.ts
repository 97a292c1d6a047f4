import { describe, expect, it } from 'vitest'
import { indexOf, seasonStart, simulateSeasons } from '../climate'
import { addDays, daysBetween, type IsoDate } from '../calendar'
import { seasonOutlook, type PlantingOutlook } from '../season'
import { seasonWeathers, simulateSeason, withValue, type SeasonPlan } from '../season-model'
import type { Supply, SupplyKind } from '../facts'
import { usualFeeding } from '../transplant'
import { entryOf, plain, sampleGarden, sixSlicers } from '../../test/sample-garden'
import { cultivarOf, modelClimate } from '../../test/season-plans'
import {
  choicesOf,
  goingOn,
  grownAsPlanned,
  grownSo,
  knownDays,
  planOf,
  runTrial,
  trialing,
  TRIAL_ASPECTS,
  turningValues,
  waysAsked,
  type TrialResult,
  usualPlan,
  wayCost,
  type Grown,
} from '.'
import { pairedTo } from './paired'
import { quantile } from '../random'
import { splitOf } from './weather-split'

const climate = modelClimate('humid-warm-summer', 60)
const slicer = (change: Partial<SeasonPlan> = {}) =>
  usualPlan(cultivarOf('slicer'), 'two-stems', climate.day('05-12'), change)
const trial = (...plans: SeasonPlan[]) =>
  runTrial({ ways: plans.map((plan, at) => ({ id: `way ${at}`, plan })), seasons: climate.weathers })

describe('a trial', () => {
  it('of equal ways finds no difference at all', () => {
    const [only] = trial(slicer(), slicer()).paired
    expect(only).toMatchObject({
      median: 0,
      low: 0,
      high: 0,
      better: 0,
      isSame: true,
      isClear: false,
      later: 0,
    })
    expect(only!.split).toBeNull()
  })

  it('grows every way as the model grows it alone, in the same seasons', () => {
    const plan = slicer({ mulch: 'bare' })
    const { ways } = trial(slicer(), plan)
    expect(ways[1]!.sound).toEqual(climate.weathers.map((weather) => simulateSeason(plan, weather).sound))
  })

  it.each([
    ['without water', slicer({ watering: { by: 'rain' } })],
    ['unmulched', slicer({ mulch: 'bare', clearStem: 0 })],
    ['a month later', slicer({ setOut: climate.day('06-12') })],
    ['unfed', slicer({ feeds: [] })],
    ['sprawling', usualPlan(cultivarOf('slicer'), 'sprawling', climate.day('05-12'))],
    ['in a pot of 10 L', slicer({ roots: { kind: 'pot', litres: 10, reservoir: 0 } })],
  ])('tells what made the difference, and it adds up: %s', (_, plan) => {
    const { ways, paired } = trial(slicer(), plan)
    const middle = (at: number) => ways[at]!.sound.reduce((sum, kg) => sum + kg, 0) / climate.weathers.length
    const causes = paired[0]!.causes
    expect(causes.reduce((sum, { kg }) => sum + kg, 0)).toBeCloseTo(middle(1) - middle(0), 9)
    expect(Math.abs(causes[0]!.kg)).toBe(Math.max(...causes.map(({ kg }) => Math.abs(kg))))
  })

  it('names thirst where it is not watered, and fruit on the ground where it sprawls', () => {
    const [dry, sprawling] = trial(
      slicer(),
      slicer({ watering: { by: 'rain' } }),
      usualPlan(cultivarOf('slicer'), 'sprawling', climate.day('05-12')),
    ).paired
    expect(dry).toMatchObject({ isClear: true, better: 0 })
    expect(dry!.causes.find(({ cause }) => cause === 'thirst')!.kg).toBeLessThan(-0.3)
    expect(sprawling!.causes.find(({ cause }) => cause === 'ground')!.kg).toBeLessThan(-0.3)
  })

  it('holds ways against each other by the square metre where it is asked to', () => {
    const wide = slicer({ ground: 1 })
    const close = slicer({ ground: 0.4 })
    const ways = [wide, close].map((plan, at) => ({ id: `${at}`, plan }))
    const input = { ways, seasons: climate.weathers }
    const [aPlant] = runTrial(input).paired
    const [anArea] = runTrial({ ...input, measure: 'area' }).paired
    expect(aPlant!.median).toBeLessThan(0)
    expect(anArea!.median).toBeGreaterThan(0)
  })

  it('tells what came so far, can be left, and begun again gives the same numbers', () => {
    const input = {
      ways: [
        { id: 'a', plan: slicer() },
        { id: 'b', plan: slicer({ mulch: 'bare' }) },
      ],
      seasons: climate.weathers,
    }
    const left = trialing(input)
    expect((left.next().value as TrialResult).done).toBe(20)
    const told: number[] = []
    const whole = runTrial({ ...input, onProgress: ({ done, of }) => told.push(done, of) })
    expect(told).toEqual([20, 60, 40, 60])
    expect(runTrial(input)).toEqual(whole)
    expect(whole).toMatchObject({ done: 60, of: 60 })
  })

  it('of what never goes out, of a pot of 1 L and without light has clear numbers, not none', () => {
    const result = trial(
      slicer({ setOut: null }),
      slicer({ roots: { kind: 'pot', litres: 1, reservoir: 0 } }),
      slicer({ sun: 0 }),
    )
    expect(JSON.stringify(result)).not.toMatch(/null,null,null.*NaN/)
    for (const { sound, litres, weeks } of result.ways) {
      expect(sound.every(Number.isFinite)).toBe(true)
      expect(litres).toBeGreaterThanOrEqual(0)
      expect(weeks.every(({ low, middle, high }) => low <= middle && middle <= high)).toBe(true)
    }
    expect(result.ways[0]!.lostWhole).toBe(0)
    expect(result.paired[0]!.later).toBeNull()
  })

  it('says what it cannot hold against each other', () => {
    const ways = ['a', 'b', 'c', 'd', 'e'].map((id) => ({ id, plan: slicer() }))
    expect(() => runTrial({ ways, seasons: climate.weathers })).toThrow(/ways/)
    expect(() => runTrial({ ways: [ways[0]!, ways[0]!], seasons: climate.weathers })).toThrow(/ids/)
    expect(() => runTrial({ ways: ways.slice(0, 2), seasons: [] })).toThrow(/seasons/)
  })
})

describe('paired differences', () => {
  it('are clear only where eight of ten lie on one side', () => {
    const tens = (bad: number) => Array.from({ length: 100 }, (_, at) => (at < bad ? -1 : 1))
    expect(pairedTo(tens(5), 1)).toMatchObject({ isClear: true, better: 0.95, median: 1 })
    expect(pairedTo(tens(30), 1)).toMatchObject({ isClear: false, better: 0.7 })
    expect(pairedTo(tens(97), 1)).toMatchObject({ isClear: true, median: -1 })
  })

  it('that are none worth telling, or none in lost seasons, do not blur what is clear', () => {
    const lost = Array.from({ length: 100 }, (_, at) => (at < 30 ? 0 : 1))
    expect(pairedTo(lost, 3)).toMatchObject({ isClear: true, low: 0 })
    expect(
      pairedTo(
        lost.map((kg) => -kg),
        3,
      ),
    ).toMatchObject({ isClear: true, median: -1 })
    expect(
      pairedTo(
        lost.map((kg) => kg / 100),
        3,
      ),
    ).toMatchObject({ isClear: false })
    expect(pairedTo([0, 0, 0], 0)).toMatchObject({ isClear: false, isSame: true })
  })

  it('lie between neighbours', () => {
    expect(quantile([4, 1, 3, 2, 5], 0.5)).toBe(3)
    expect(quantile([0, 10], 0.1)).toBe(1)
    expect(quantile([], 0.5)).toBeNaN()
  })

  it('are told apart by the weather that they really follow, and by none where they are chance', () => {
    const plan = slicer()
    const rainOf = ({ rain }: { rain: Float64Array }) =>
      rain.subarray(plan.setOut!, plan.setOut! + 130).reduce((sum, mm) => sum + mm, 0)
    const wet = climate.weathers.map((weather) => rainOf(weather) / 100)
    expect(splitOf(wet, climate.weathers, plan)).toMatchObject({ sign: 'rain', seasons: 18 })
    const chance = climate.weathers.map((_, at) => Math.sin(at * 7919))
    expect(splitOf(chance, climate.weathers, plan)).toBeNull()
  })
})

describe('how far a conclusion holds', () => {
  const turned = (was: SeasonPlan, is: SeasonPlan) => {
    const steps = turningValues({ ways: [was, is], seasons: climate.weathers })
    let step = steps.next()
    while (!step.done) step = steps.next()
    return step.value
  }
  it('holds whatever is off where nothing but water decides, and leaves every value as it was', () => {
    const dry = slicer({ watering: { by: 'rain' }, roots: { kind: 'pot', litres: 15, reservoir: 0 } })
    const before = simulateSeason(slicer(), climate.weathers[0]!).sound
    expect(turned({ ...dry, watering: { by: 'need', at: 0.8, every: 1, most: 40 } }, dry)).toEqual([])
    expect(simulateSeason(slicer(), climate.weathers[0]!).sound).toBe(before)
  })

  it('turns with what it hangs on alone', () => {
    const lies = usualPlan(cultivarOf('paste', 'determinate'), 'bush', climate.day('05-12'))
    const found = turned(slicer({ cloth: 0 }), slicer({ shade: 0.02 }))
    for (const { value, factor, says } of found) {
      expect([0.75, 1.25]).toContain(factor)
      expect(value).toMatch(/^[A-Z]+\.\w+$/)
      expect(['better', 'worse', 'neither']).toContain(says)
    }
    // Half a bush lies: with nothing lost on the soil, holding it up would change nothing.
    const losses = simulateSeason(lies, climate.weathers[0]!).lost.ground
    expect(
      withValue('LOSSES.bushLies', 0, () => simulateSeason({ ...lies }, climate.weathers[0]!).lost.ground),
    ).toBe(0)
    expect(losses).toBeGreaterThan(0)
    expect(() => withValue('LOSSES.luck', 1, () => 0)).toThrow(RangeError)
  })
})

describe('a trial from today on', () => {
  it('grows on from what was, and only what comes after is otherwise', () => {
    const before = slicer({ mulch: 'straw' })
    const setOut = before.setOut!
    const dry = { ...before, watering: { by: 'rain' } as const }
    const weather = climate.weathers[3]!
    const fromStart = simulateSeason({ ...dry, earlier: { plan: before, to: setOut } }, weather)
    expect(fromStart.sound).toBe(simulateSeason(dry, weather).sound)
    const never = simulateSeason({ ...dry, earlier: { plan: before, to: weather.days } }, weather)
    expect(never.sound).toBe(simulateSeason(before, weather).sound)
    const half = simulateSeason({ ...dry, earlier: { plan: before, to: setOut + 80 } }, weather)
    expect(half.sound).toBeGreaterThan(fromStart.sound)
    expect(half.sound).toBeLessThanOrEqual(never.sound)
  })

  it('lets stems grow from then on, and ends those that are no longer wanted', () => {
    const before = usualPlan(cultivarOf('slicer'), 'two-stems', climate.day('05-12'))
    const turned = (training: 'cage' | 'single-stem', day: number) =>
      simulateSeason(
        { ...before, training, earlier: { plan: before, to: before.setOut! + day } },
        climate.weathers[0]!,
      ).trusses
    const kept = simulateSeason(before, climate.weathers[0]!).trusses
    expect(turned('cage', 50)).toBeGreaterThan(turned('cage', 80))
    expect(turned('cage', 80)).toBeGreaterThan(kept)
    expect(turned('single-stem', 50)).toBeLessThan(turned('single-stem', 80))
    expect(turned('single-stem', 80)).toBeLessThan(kept)
  })

  it('takes what is known of the season, and lets each season go its own way after it', () => {
    const ensemble = simulateSeasons({ normals: plain, latitude: 41, count: 6 })
    const garden = sampleGarden([], { ensemble })
    const today = '2026-06-20' as IsoDate
    const { line } = seasonOutlook(garden, today, null)
    const start = seasonStart(plain, today)
    const known = knownDays(line, start, today)
    expect(known.days).toBe(daysBetween(start, today))
    const { seasons } = goingOn(ensemble, known)
    const at = (day: number) => new Set(seasons.map(({ tmax }) => tmax[day]))
    expect(at(known.days - 1)).toEqual(new Set([line.air.tmax[indexOf(line.air, addDays(today, -1))]]))
    expect(at(known.days).size).toBe(6)
    expect(ensemble.seasons[0]!.tmax[5]).not.toBe(seasons[0]!.tmax[5])
  })

  it('grows the days that all its seasons share once, and comes to the same as one by one', () => {
    const ensemble = simulateSeasons({ normals: plain, latitude: 41, count: 6 })
    const site = { latitude: 41, elevation: 450 }
    const series = { ...ensemble.seasons[2]!, days: 240 }
    const shared = goingOn(ensemble, { days: 240, series })
    const grown = (known: number, plan: SeasonPlan) =>
      seasonWeathers({ ...shared, known }, site, 'open').map((weather) => simulateSeason(plan, weather))
    const before = slicer({ mulch: 'bare' })
    const plans = [
      before,
      slicer({ topped: 200, cloth: 21, shaken: false }),
      { ...slicer({ training: 'cage' }), earlier: { plan: before, to: before.setOut! + 60 } },
      usualPlan(cultivarOf('bell', null), 'pepper', 150, {
        roots: { kind: 'pot', litres: 20, reservoir: 2 },
      }),
      slicer({ setOut: 260 }),
    ]
    for (const plan of plans) expect(grown(240, plan)).toEqual(grown(0, plan))
  })
})

describe('what can be asked', () => {
  const by = {
    soil: 'loam',
    wetness: 'high',
    sun: 1,
    house: { depth: 'worked-out', watering: 'even', feeding: usualFeeding, flowers: 'worked-out' },
  } as const
  const ensemble = simulateSeasons({ normals: plain, latitude: 41, count: 8 })
  const grownOn = (today: string, entries: Parameters<typeof sampleGarden>[0] = []) => {
    const outlook = seasonOutlook(sampleGarden(entries, { ensemble }), today as IsoDate, null)
    const own = outlook.plantings[0] as PlantingOutlook
    return grownAsPlanned(own, daysBetween(own.start, today as IsoDate), by)
  }
  const setOut = entryOf(
    'out',
    'set-out',
    '2026-05-14',
    {
      count: 6,
      method: 'upright',
      school: 'deep',
      stemBuried: 0.12,
      holeDepth: 0.2,
      leavesStripped: 2,
    },
    { subject: { type: 'planting', id: sixSlicers.id } },
  )

  it('is grown as it is planned, and as it was planted out', () => {
    const planned = grownOn('2026-03-01')
    expect(planned).toMatchObject({ training: 'two-stems', stands: false, watering: 'even', litres: null })
    expect(planOf(planned, [])).toMatchObject({
      setOut: planned.setOut,
      roots: { kind: 'ground', raised: true },
    })
    const stood = grownOn('2026-07-01', [setOut])
    expect(stood).toMatchObject({ stands: true, buried: 0.12 })
    const base = planOf(stood, [])
    expect(planOf(stood, [], base).earlier).toEqual({ plan: base, to: stood.today })
  })

  it('costs what its support and its feeds cost, by the seasons that they last', () => {
    const grown = grownOn('2026-03-01')
    const sold = (kind: SupplyKind, price: number): Supply => ({
      ...{ id: kind, kind, name: '', quantity: 0, length: null, across: null, material: null },
      ...{ pack: 1, price },
    })
    const prices = {
      plants: [],
      site: { gust: 25, shelter: 'open', wetness: 'low', weave: 'sectional' } as const,
      supplies: [sold('cage', 12), sold('label', 0), sold('compost', 0), sold('meal', 0), sold('mulch', 0)],
      products: [],
    }
    const cost = (change: Partial<Grown>) => wayCost({ ...grown, feeding: 'nothing', ...change }, prices)
    const caged = cost({ training: 'cage' })
    // Six cages of 12, each good for ten seasons.
    expect(caged.cost).toBeCloseTo((6 * 12) / 10, 9)
    expect(cost({ training: 'sprawling' }).cost).toBe(0)
    // What has no price yet is told.
    expect(cost({ training: 'two-stems' }).open).toBe(true)
    expect(wayCost({ ...grown, training: 'cage', feeding: 'steady-liquid' }, prices).open).toBe(true)
  })

  it('holds every choice of every question to a plan that grows, or a reason', () => {
    for (const grown of [grownOn('2026-03-01'), grownOn('2026-07-01', [setOut])])
      for (const aspect of TRIAL_ASPECTS)
        for (const { choice, grown: so } of choicesOf(grown, aspect, [grown.cultivar])) {
          if (typeof so === 'string') continue
          const { sound } = simulateSeason(planOf(so, []), climate.weathers[0]!)
          expect(sound, `${aspect} ${choice}`).toBeGreaterThanOrEqual(0)
        }
  })

  it('begins with up to three ways beside the present one', () => {
    const grown = grownOn('2026-03-01')
    expect(waysAsked(grown, 'stems', []).map(({ choice }) => choice)).toEqual([
      'single-stem',
      'three-stems',
      'cage',
    ])
    expect(waysAsked(grownOn('2026-07-01', [setOut]), 'day', [])).toEqual([])
  })

  it.each([
    ['a stem that the plant has not', { aspect: 'stems', choice: 'pepper' }, 'unknown'],
    ['a mulch that there is not', { aspect: 'mulch', choice: 'velvet' }, 'unknown'],
    ['a pot for a bed', { aspect: 'pot', choice: '20' }, 'no-pot'],
    ['a day that is past', { aspect: 'day', choice: '-14' }, 'past'],
  ] as const)('refuses %s', (_, choice, why) => {
    const planned = grownOn('2026-03-01')
    const soon = { ...planned, today: planned.setOut! - 5 }
    expect(grownSo(soon, [choice], [soon.cultivar])).toBe(why)
  })

  it('refuses a string for a bush', () => {
    const vine = grownOn('2026-03-01')
    const bush = {
      ...vine,
      cultivar: { ...vine.cultivar, habit: 'determinate' as const },
      training: 'cage' as const,
    }
    expect(grownSo(bush, [{ aspect: 'stems', choice: 'single-stem' }], [])).toBe('bush')
    expect(grownSo(bush, [{ aspect: 'top', choice: 'last-flower' }], [])).toBe('bush')
  })

  it('puts several choices together', () => {
    const grown = grownOn('2026-03-01')
    const so = grownSo(
      grown,
      [
        { aspect: 'stems', choice: 'cage' },
        { aspect: 'mulch', choice: 'straw' },
      ],
      [],
    )
    expect(so).toMatchObject({ training: 'cage', place: { mulch: 'straw' } })
  })
})
