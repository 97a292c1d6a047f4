import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, daysBetween, isoDate, type IsoDate } from '../calendar'
import { emptySeries, normalsFor, OPEN_GROUND, seasonOf, simulateSeasons, type RecordedDay } from '../climate'
import { climateNear } from '../climate/stations'
import { thermalTraits } from '../crop'
import { plainPlace, type Planting } from '../facts'
import {
  hardeningPlan,
  raisingNeeds,
  riskiestDates,
  seasonOutlook,
  seedsInPlace,
  seedsToSow,
  shortSeasons,
  stageDays,
  stagePlan,
  type Stage,
  STAGES,
  succession,
  warningsAhead,
  waysToRaise,
  weatherOf,
  yearsIn,
  type GardenRecord,
} from '.'
import { bed, entryOf, plain, sampleGarden, sixSlicers, slicer } from '../../test/sample-garden'

const spring = isoDate('2026-02-01')
const june = isoDate('2026-06-18')
const outlookOf = (
  on: IsoDate,
  planting: Partial<Planting> = {},
  entries: Parameters<typeof sampleGarden>[0] = [],
  change: Partial<GardenRecord> = {},
) =>
  seasonOutlook(
    sampleGarden([...entries], { plantings: [{ ...sixSlicers, ...planting }], ...change }),
    on,
    null,
  )
const datesOf = (...of: Parameters<typeof outlookOf>) => outlookOf(...of).plantings[0]!.dates

describe('the stages of a planting', () => {
  const years = yearsIn(sampleGarden().ensemble, OPEN_GROUND)
  const planOf = (plannedSow: number, change: Partial<Planting> = {}) => ({
    ...stagePlan({ ...sixSlicers, ...change }, slicer, [], spring, () => 0),
    plannedSow,
  })

  it('never come earlier for a later sowing, under the same weather', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 150 }),
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 0, max: years.length - 1 }),
        fc.constantFrom('plug', 'plant', 'big-plant', 'direct'),
        (sow, later, year, raising) => {
          const [early, late] = [sow, sow + later].map((day) =>
            stageDays(planOf(day, { raising: raising as Planting['raising'] }), years[year]!),
          )
          // Where seed grows where it lies, nothing later can overtake it; a tray may wait out a cold spell indoors.
          const stages = [
            'emerge',
            'set-out',
            ...(raising === 'direct' ? ['first-flower', 'first-ripe'] : []),
          ]
          for (const stage of stages as Stage[])
            expect(early![stage] ?? Infinity).toBeLessThanOrEqual(late![stage] ?? Infinity)
        },
      ),
    )
  })
  it('follow one another, and end with the frost', () => {
    for (const year of years) {
      const days = stageDays(planOf(70), year)
      const order = (['sow', 'emerge', 'pot-up', 'set-out', 'first-flower', 'first-ripe', 'peak'] as const)
        .map((stage) => days[stage])
        .filter((day) => day !== null)
      expect([...order].sort((a, b) => a - b)).toEqual(order)
      expect(days.end).toBe(year.firstFrost)
    }
  })
  it('have ordered percentiles, whenever they are asked for', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 300 }), (after) => {
        const dates = datesOf(addDays(spring, after))
        for (const stage of STAGES) {
          const spread = dates[stage].spread
          if (!spread) continue
          expect(
            (spread.p10 ?? '9') <= (spread.p50 ?? '9') && (spread.p50 ?? '9') <= (spread.p90 ?? '9'),
          ).toBe(true)
          expect(spread.share).toBeGreaterThanOrEqual(0)
        }
      }),
      { numRuns: 15 },
    )
  })
  it('have narrower spreads the later they are asked for', () => {
    const width = (on: IsoDate) => {
      const { p10, p90 } = datesOf(on, {}, [entryOf('1', 'set-out', '2026-05-20')], { weather })['first-ripe']
        .spread!
      return daysBetween(p10!, p90!)
    }
    const weather = Array.from({ length: 220 }, (_, day): RecordedDay => {
      const date = addDays(isoDate('2026-01-10'), day)
      return { date, tmin: day < 120 ? 4 : 16, tmax: day < 120 ? 14 : 28 }
    })
    expect(width(isoDate('2026-07-10'))).toBeLessThan(width(isoDate('2026-05-21')))
  })
  it('move with a sowing date that is meant', () => {
    const [april, may] = [
      datesOf(spring, { plannedSow: isoDate('2026-04-01') }),
      datesOf(spring, { plannedSow: isoDate('2026-05-10') }),
    ]
    expect(april.sow).toMatchObject({ date: '2026-04-01', how: 'planned' })
    expect(daysBetween(isoDate('2026-05-10'), may['set-out'].date!)).toBeGreaterThanOrEqual(35)
    expect(may['first-ripe'].date! > april['first-ripe'].date!).toBe(true)
  })
  it('peak after the first ripe fruit; a vine is topped, a bush is not and is done in five weeks', () => {
    const vine = datesOf(spring)
    expect(vine.peak.date! > vine['first-ripe'].date!).toBe(true)
    expect(vine.top.date).toBe(vine['last-flower-green'].date)
    const bush = datesOf(spring, {}, [], { cultivars: [{ ...slicer, habit: 'determinate' }] })
    expect(bush.top.date).toBeNull()
    expect(daysBetween(bush['first-ripe'].date!, bush.end.date!)).toBe(35)
  })
})

describe('ways to raise', () => {
  const ways = (on = spring, planting: Partial<Planting> = {}, change: Partial<GardenRecord> = {}) => {
    const outlook = outlookOf(on, planting, [], change)
    return Object.fromEntries(waysToRaise(outlook, outlook.plantings[0]!).map((way) => [way.way, way]))
  }
  it('date the plug, the usual plant, the bigger one and the seed in place', () => {
    const { plug, plant, direct, 'big-plant': big } = ways()
    expect(plant!.later).toBe(0)
    expect(
      big!.dates.sow.date! < plant!.dates.sow.date! && plant!.dates.sow.date! < plug!.dates.sow.date!,
    ).toBe(true)
    expect(big!.later!).toBeLessThan(0)
    expect(plug!.later!).toBeGreaterThan(0)
    expect(direct!.dates['set-out'].date).toBeNull()
  })
  it('say that sowing in place costs weeks, about six where it is warm', () => {
    const warm = simulateSeasons({
      normals: normalsFor('two-season-hot', { latitude: 28, elevation: 20 }),
      latitude: 28,
      count: 40,
    })
    const day = 100
    const ripe = (change: Partial<Planting>, planned: object) =>
      yearsIn(warm, OPEN_GROUND).map(
        (year) =>
          stageDays(
            { ...stagePlan({ ...sixSlicers, ...change }, slicer, [], spring, () => 0), ...planned },
            year,
          )['first-ripe']!,
      )
    const plants = ripe({}, { plannedSow: day - 49, plannedSetOut: day })
    const seed = ripe({ raising: 'direct' }, { plannedSow: day })
    const days = seed.map((ripens, index) => ripens - plants[index]!).sort((a, b) => a - b)
    expect(days[0]).toBeGreaterThan(17)
    expect(days[20]! / 7).toBeGreaterThanOrEqual(3)
    expect(days[20]! / 7).toBeLessThan(7)
    expect(ways().direct!.later!).toBeGreaterThan(7)
  })
  it('grow a tunnel’s plants earlier than the open bed’s', () => {
    const tunnel = { ...plainPlace({ id: 'p', name: 'T', kind: 'tunnel', length: 6, width: 3 }) }
    const [open, inside] = [datesOf(spring), datesOf(spring, {}, [], { places: [tunnel] })]
    expect(daysBetween(inside['set-out'].date!, open['set-out'].date!)).toBeGreaterThan(5)
    expect(inside['first-ripe'].date! < open['first-ripe'].date!).toBe(true)
    expect(inside.end.date! > open.end.date!).toBe(true)
  })
})

describe('succession', () => {
  const follow = (habit: 'determinate' | 'indeterminate', latitude: number) => {
    const ensemble = simulateSeasons({
      normals: normalsFor(latitude < 35 ? 'two-season-hot' : 'short-summer-plain', {
        latitude,
        elevation: 100,
      }),
      latitude,
      count: 40,
    })
    const outlook = outlookOf(spring, {}, [], { ensemble, cultivars: [{ ...slicer, habit }] })
    return succession(outlook, outlook.plantings[0]!)
  }
  it('follows a determinate where the season is long, and is told not to ripen where it is short', () => {
    const long = follow('determinate', 28)!
    expect(long.dates['set-out'].date! >= long.free.date!).toBe(true)
    expect(long.dates['first-ripe'].spread!.share).toBeGreaterThan(0.9)
    expect(follow('determinate', 48)!.dates['first-ripe'].spread!.share).toBeLessThan(0.1)
  })
  it('is none for a vine, which bears on', () => expect(follow('indeterminate', 28)).toBeNull())
})

describe('two short seasons', () => {
  const split = (template: 'hot-semi-arid' | 'humid-warm-summer', latitude: number) => {
    const normals = normalsFor(template, { latitude, elevation: 350 })
    const ensemble = simulateSeasons({ normals, latitude, count: 40 })
    return shortSeasons(yearsIn(ensemble, OPEN_GROUND), 'tomato', thermalTraits(slicer))
  }
  it('stand on either side of the heat', () => {
    const { before, gap, after, share } = split('hot-semi-arid', 32.5)!
    expect(share).toBeGreaterThan(0.9)
    expect(before.opens.p50!).toBeLessThan(before.closes.p50!)
    expect(before.closes.p50!).toBeLessThan(gap.begins.p50!)
    expect(after.opens.p50!).toBeGreaterThan(gap.begins.p50!)
    expect(after.opens.p50!).toBeLessThan(after.closes.p50!)
  })
  it('are none where nights cool', () => expect(split('humid-warm-summer', 41)).toBeNull())
})

describe('raising needs', () => {
  it('are seeds, cells, trays, mix and room by stage', () => {
    const needs = raisingNeeds({ count: 60, germination: 0.85, survival: 0.9 }, 'plant')
    expect(needs.seeds).toBe(seedsToSow({ plantsWanted: 60, germination: 0.85, survival: 0.9 }))
    expect(needs.trays).toBe(2)
    const [cells, pots] = needs.stages
    expect(cells!.mix).toBeCloseTo(needs.seeds * 0.04 * 1.15)
    expect(pots!.area).toBeGreaterThan(cells!.area)
    expect(pots!.plants).toBeGreaterThanOrEqual(60)
    expect(raisingNeeds({ count: 60, germination: 0.85, survival: 0.9 }, 'plug').stages).toHaveLength(1)
  })
  it('sow each spot in place so that one lives', () => {
    // 1 − (1 − 0.765)ⁿ ≥ 0.95 wants three.
    expect(seedsInPlace({ count: 4, germination: 0.85, survival: 0.9 })).toBe(12)
  })
})

describe('hardening off', () => {
  const line = () => {
    const air = emptySeries(Math.round(Date.UTC(2026, 4, 1) / 86_400_000), 60)
    air.tmin.fill(12)
    air.tmax.fill(20)
    air.wind.fill(2)
    return { air, sources: Array<'forecast'>(60).fill('forecast') }
  }
  it('takes eight days, a little longer out each, with sun, wind and night in their turn', () => {
    const plan = hardeningPlan(line(), isoDate('2026-05-03'))
    expect(plan.map(({ hours }) => hours)).toEqual([1.5, 3, 4.5, 6, 7.5, 9, 10.5, 12])
    expect(plan.findIndex(({ sun }) => sun)).toBe(2)
    expect(plan.findIndex(({ wind }) => wind)).toBe(4)
    expect(plan.findIndex(({ nightOut }) => nightOut)).toBe(6)
    expect(plan[0]!.date).toBe('2026-05-03')
  })
  it('rests on a day below 8 °C or above 40 km/h, and goes on with the same step', () => {
    const rough = line()
    rough.air.tmax[4] = 7.9
    rough.air.wind[6] = 6
    rough.air.tmin[12] = 9
    const plan = hardeningPlan(rough, isoDate('2026-05-03'))
    expect(plan.map(({ rest }) => rest)).toEqual([
      null,
      null,
      'cold',
      null,
      'wind',
      null,
      null,
      null,
      null,
      null,
    ])
    expect(plan.map(({ step }) => step)).toEqual([1, 2, 3, 3, 4, 4, 5, 6, 7, 8])
    expect(plan.map(({ nightOut }) => nightOut).slice(-2)).toEqual([true, false])
  })
  it('goes on from the steps that were done', () => {
    expect(hardeningPlan(line(), isoDate('2026-05-03'), 6).map(({ step }) => step)).toEqual([7, 8])
    expect(hardeningPlan(line(), isoDate('2026-05-03'), 8)).toEqual([])
  })
})

describe('warnings and risks', () => {
  const set = [entryOf('1', 'set-out', '2026-05-20'), entryOf('2', 'flowered', '2026-06-10')]
  const days = (tmin: number, tmax: number): RecordedDay[] =>
    Array.from({ length: 60 }, (_, day) => ({ date: addDays(isoDate('2026-04-20'), day), tmin, tmax }))
  const rules = (weather: RecordedDay[]) =>
    warningsAhead(outlookOf(june, {}, set, { weather })).map(({ rule }) => rule)

  it('tell of nights too cold and days too hot to set, with when the failed truss shows', () => {
    expect(rules(days(15, 26))).toEqual([])
    expect(rules(days(8.5, 26))).toContain('warn.cold-spell')
    const [hot] = warningsAhead(outlookOf(june, {}, set, { weather: days(25, 36) }))
    // Eight days of the record since it flowers, each as hot: one spell, that cherries come through better.
    expect(hot).toMatchObject({
      rule: 'warn.heat-spell-cherry',
      plantings: ['a'],
      values: { night: { value: 25 }, high: { value: 36 }, date: { value: '2026-06-10' } },
    })
    const { date, until, from, to, set: setting, cherry } = hot!.values
    expect(daysBetween(date!.value as IsoDate, from!.value as IsoDate)).toBe(7)
    expect(daysBetween(until!.value as IsoDate, to!.value as IsoDate)).toBe(10)
    expect(cherry!.value as number).toBeGreaterThan(setting!.value as number)
  })
  it('tell of a single night as one, and of two with a better day between as a spell', () => {
    const but = (...cold: number[]) =>
      days(15, 26).map((day, index) => (cold.includes(index) ? { ...day, tmin: 8.5 } : day))
    const [one] = warningsAhead(outlookOf(june, {}, set, { weather: but(54) }))
    expect(one).toMatchObject({ rule: 'warn.set-cold', values: { value: { value: 8.5 } } })
    const [two] = warningsAhead(outlookOf(june, {}, set, { weather: but(53, 55) }))
    expect(two).toMatchObject({ rule: 'warn.cold-spell' })
    expect(daysBetween(two!.values.date!.value as IsoDate, two!.values.until!.value as IsoDate)).toBe(2)
  })
  it('tell of a planting that will hardly ripen, with the odds', () => {
    const late = warningsAhead(outlookOf(isoDate('2026-07-28'), {}, [entryOf('1', 'set-out', '2026-07-27')]))
    expect(late.map(({ rule }) => rule)).toContain('warn.not-ripe')
  })
  it('tell of a frost night that is forecast while plants stand out', () => {
    const forecast = emptySeries(Math.round(Date.UTC(2026, 5, 18) / 86_400_000), 10)
    forecast.tmin.fill(12)
    forecast.tmax.fill(22)
    forecast.tmin[4] = 1
    const [frost] = warningsAhead(seasonOutlook(sampleGarden(set), june, forecast))
    expect(frost).toMatchObject({ rule: 'warn.frost-night-simulated', date: '2026-06-22' })
    const cold = { date: isoDate('2026-06-21'), tmin: 1, tmax: 15, source: 'forecast' as const }
    const told = warningsAhead(seasonOutlook({ ...sampleGarden(set), weather: [cold] }, june, null))
    expect(told[0]).toMatchObject({ rule: 'warn.frost-night', date: '2026-06-21' })
    const warmInside = plainPlace({ id: 'p', name: 'T', kind: 'tunnel', length: 6, width: 3 })
    const inside = warningsAhead(seasonOutlook(sampleGarden(set, { places: [warmInside] }), june, forecast))
    expect(inside.map(({ rule }) => rule)).not.toContain('warn.frost-night-simulated')
  })
  it('name the riskiest dates first, with odds that grow the earlier one plants', () => {
    const odds = (plannedSetOut: string) =>
      riskiestDates(outlookOf(spring, { plannedSetOut: isoDate(plannedSetOut) }))[0]?.odds ?? 0
    expect(odds('2026-04-15')).toBeGreaterThan(odds('2026-06-10'))
    expect(odds('2026-04-15')).toBeGreaterThan(0.8)
  })
})

describe('in other parts of the world', () => {
  it('sows in one calendar year and picks in the next, south of the equator', () => {
    const south = simulateSeasons({
      normals: normalsFor('southern-temperate', { latitude: -37, elevation: 50 }),
      latitude: -37,
      count: 40,
    })
    const dates = datesOf(isoDate('2026-08-01'), {}, [], { ensemble: south })
    expect(dates.sow.date!.slice(0, 4)).toBe('2026')
    expect(dates['first-ripe'].date!.slice(0, 4)).toBe('2027')
  })
  it('has no end where no frost comes, and still a first ripe fruit', () => {
    const tropics = simulateSeasons({
      normals: climateNear({ latitude: -1.3, longitude: 36.8, elevation: 1700, sea: 450 }).normals,
      latitude: -1.3,
      count: 40,
    })
    const day = isoDate('2026-03-01')
    const season = seasonOf(tropics.normals, day)
    const dates = datesOf(day, { season }, [], { ensemble: tropics })
    expect(dates.end).toMatchObject({ date: null, spread: { share: 0 } })
    expect(dates['last-flower-ripe'].date).toBeNull()
    expect(dates['first-ripe'].date).not.toBeNull()
  })
  it('takes the thermometer’s word for a bed’s own window', () => {
    const warm = entryOf(
      '1',
      'soil-read',
      '2026-05-01',
      { depth: 0.15, temperature: 24 },
      { subject: { type: 'place', id: bed.id } },
    )
    const outlook = outlookOf(isoDate('2026-05-02'), {}, [warm])
    expect(
      weatherOf(outlook, outlook.plantings[0]!).here.soil[daysBetween(outlook.start, isoDate('2026-05-01'))],
    ).toBeCloseTo(24, 6)
    expect(plain).toHaveLength(12)
  })
})
