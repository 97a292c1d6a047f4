import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, isoDate, type IsoDate } from '../calendar'
import {
  normalsFor,
  OPEN_GROUND,
  shiftTemperatures,
  simulateSeasons,
  weatherLine,
  type Normals,
  type WeatherSource,
} from '../climate'
import { thermalTraits, USUAL_VINE, type Cultivar } from '../crop'
import type { Planting } from '../facts'
import type { LogEntry } from '../log'
import { entryOf, plain, sampleGarden, sixSlicers } from '../../test/sample-garden'
import {
  canopiesIn,
  daysToEmergence,
  depthConditions,
  judgeSetOut,
  lastUsefulFlower,
  seasonOutlook,
  seedsToSow,
  transplantWindow,
  yearsIn,
  type GardenRecord,
} from '.'

describe('daysToEmergence', () => {
  it.each([
    ['tomato', 10, 43],
    ['tomato', 15, 14],
    ['tomato', 20, 8],
    ['tomato', 30, 6],
    ['tomato', 35, 9],
    ['pepper', 15, 25],
    ['pepper', 20, 13],
    ['pepper', 25, 8],
  ] as const)('%s at %d °C takes %d days [Harrington & Minges 1954]', (crop, soil, expected) => {
    expect(daysToEmergence(crop, soil)).toBeCloseTo(expected, 9)
  })
  it('interpolates the speed, not the days', () => {
    expect(daysToEmergence('tomato', 12.5)).toBeCloseTo(2 / (1 / 43 + 1 / 14), 9)
  })
  it('never comes up in the cold or above 35 °C', () => {
    expect(daysToEmergence('tomato', 9.9)).toBeNull()
    expect(daysToEmergence('pepper', 14.9)).toBeNull()
    expect(daysToEmergence('tomato', 35.1)).toBeNull()
    expect(() => daysToEmergence('tomato', NaN)).toThrow(RangeError)
  })
})

describe('seedsToSow', () => {
  const chance = (seeds: number, wanted: number, success: number) => {
    let below = 0
    let term = (1 - success) ** seeds
    for (let alive = 0; alive < wanted; alive++) {
      below += term
      term *= ((seeds - alive) / (alive + 1)) * (success / (1 - success))
    }
    return 1 - below
  }
  it('is the smallest number that meets the confidence', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 0.3, max: 0.98, noNaN: true }),
        (plantsWanted, success) => {
          const seeds = seedsToSow({ plantsWanted, germination: success, survival: 1 })
          expect(chance(seeds, plantsWanted, success)).toBeGreaterThanOrEqual(0.95 - 1e-9)
          if (seeds > plantsWanted) expect(chance(seeds - 1, plantsWanted, success)).toBeLessThan(0.95 + 1e-9)
        },
      ),
    )
  })
  it('is worked by hand for one plant: 1 − 0.2ⁿ ≥ 0.95', () => {
    expect(seedsToSow({ plantsWanted: 1, germination: 0.8, survival: 1 })).toBe(2)
    expect(seedsToSow({ plantsWanted: 5, germination: 1, survival: 1 })).toBe(5)
    expect(seedsToSow({ plantsWanted: 10_000, germination: 0.9, survival: 0.9 })).toBeGreaterThan(12_345)
  })
  it('refuses what cannot be', () => {
    expect(() => seedsToSow({ plantsWanted: 0, germination: 1, survival: 1 })).toThrow(/plantsWanted/)
    expect(() => seedsToSow({ plantsWanted: 2.5, germination: 1, survival: 1 })).toThrow(/plantsWanted/)
    expect(() => seedsToSow({ plantsWanted: 2, germination: 1.2, survival: 1 })).toThrow(/germination/)
    expect(() => seedsToSow({ plantsWanted: 2, germination: 1, survival: NaN })).toThrow(/survival/)
  })
})

describe('lastUsefulFlower', () => {
  const days = (count: number, tmin = 15, tmax = 25) =>
    Array.from({ length: count }, (_, day) => ({ date: addDays(isoDate('2026-07-01'), day), tmin, tmax }))
  it('counts its own day and the end’s: fourteen a day, 784 in all', () => {
    // At 15 to 25 °C no hour passes 26: 56 days of 14 °C d end on 30 September when they begin on 6 August.
    expect(
      lastUsefulFlower({ days: days(120), end: '2026-09-30', ripeningDegreeDays: 56 * 14, crop: 'tomato' }),
    ).toBe('2026-08-06')
  })
  it('is none when the days do not bring the sum', () => {
    expect(
      lastUsefulFlower({ days: days(30), end: '2026-07-30', ripeningDegreeDays: 560, crop: 'tomato' }),
    ).toBeNull()
    expect(
      lastUsefulFlower({ days: [], end: '2026-07-30', ripeningDegreeDays: 1, crop: 'tomato' }),
    ).toBeNull()
    expect(
      lastUsefulFlower({ days: days(30), end: '2026-06-30', ripeningDegreeDays: 1, crop: 'tomato' }),
    ).toBeNull()
  })
  it('refuses gaps', () => {
    const gap = [days(1)[0]!, days(3)[2]!]
    expect(() =>
      lastUsefulFlower({ days: gap, end: '2026-07-30', ripeningDegreeDays: 1, crop: 'tomato' }),
    ).toThrow(/gaps/)
  })
  it('comes no later when the fruit needs more', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 200 }), (sum, more) => {
        const at = (ripeningDegreeDays: number) =>
          lastUsefulFlower({ days: days(120), end: '2026-10-15', ripeningDegreeDays, crop: 'pepper' })
        expect((at(sum + more) ?? '') <= (at(sum) ?? '')).toBe(true)
      }),
    )
  })
})

describe('thermal traits', () => {
  const slicer: Cultivar = {
    crop: 'tomato',
    habit: 'indeterminate',
    fruit: 'slicer',
    origin: 'hybrid',
    daysToMaturity: 75,
    maturityFrom: 'transplanting',
    ripeColour: 'red',
    grafted: false,
  }
  it('reads the packet: 75 × 15.5 − 785', () => {
    expect(thermalTraits(slicer)).toEqual({
      fromEmergence: 627.5,
      toFirstFlower: 377.5,
      toGreen: null,
      ripening: 785,
    })
    expect(thermalTraits({ ...slicer, maturityFrom: 'sowing', daysToMaturity: 120 }).toFirstFlower).toBe(
      377.5,
    )
    expect(thermalTraits({ ...slicer, daysToMaturity: 40 })).toMatchObject({
      fromEmergence: 426,
      ripening: 549.5,
    })
    expect(
      thermalTraits({ ...slicer, crop: 'pepper', habit: null, fruit: 'bell', daysToMaturity: 72 }),
    ).toEqual({ fromEmergence: 668, toFirstFlower: 398, toGreen: 430, ripening: 650 })
    expect(() => thermalTraits({ ...slicer, daysToMaturity: 5 })).toThrow(/daysToMaturity/)
  })
})

describe('transplantWindow', () => {
  const thermal = thermalTraits(USUAL_VINE)
  const windowOf = (normals: Normals, crop: 'tomato' | 'pepper' = 'tomato', around = OPEN_GROUND) =>
    transplantWindow(yearsIn(simulateSeasons({ normals, latitude: 41, count: 80 }), around), crop, thermal)
  it('opens later for peppers, in the cold, and under straw; earlier under film', () => {
    const open = windowOf(plain)
    expect(open.opens.p10!).toBeLessThan(open.opens.p50!)
    expect(open.opens.p50!).toBeLessThan(open.closes.p50!)
    expect(windowOf(plain, 'pepper').opens.p50!).toBeGreaterThan(open.opens.p50!)
    expect(windowOf(shiftTemperatures(plain, -2)).opens.p50!).toBeGreaterThan(open.opens.p50!)
    expect(windowOf(plain, 'tomato', { ...OPEN_GROUND, mulch: 'dark-film' }).opens.p50!).toBeLessThanOrEqual(
      open.opens.p50!,
    )
  })
  it('never opens where it never gets warm', () => {
    expect(windowOf(shiftTemperatures(plain, -18)).opens).toMatchObject({ p50: null, share: 0 })
  })
  it('never closes where no frost comes', () => {
    expect(windowOf(shiftTemperatures(plain, 34)).closes.share).toBe(0)
  })
})

describe('judgeSetOut', () => {
  const line = (low: number) => {
    const made = weatherLine({
      normals: plain,
      from: isoDate('2026-04-01'),
      days: 120,
      today: isoDate('2026-05-01'),
      record: [],
      forecast: null,
    })
    made.air.tmin.fill(low)
    return made
  }
  const soil = (value: number) => new Float64Array(120).fill(value)
  it('goes when seven nights and the soil are warm on average, at the very limit', () => {
    expect(judgeSetOut(line(8), soil(15), 'tomato', 30).answer).toEqual({ go: true, suits: '2026-05-01' })
    expect(judgeSetOut(line(11), soil(17), 'pepper', 30).answer.go).toBe(true)
    expect(judgeSetOut(line(10.9), soil(18), 'pepper', 30).answer.go).toBe(false)
    expect(judgeSetOut(line(10), soil(14.9), 'tomato', 30).answer).toEqual({ go: false, suits: null })
  })
  it('says whether it is enough, or warm enough to grow on at once', () => {
    const rules = (low: number, ground: number) =>
      judgeSetOut(line(low), soil(ground), 'tomato', 30).reasons.map(({ rule }) => rule)
    expect(rules(9, 15.5)).toEqual(['set-out.soil-bearable', 'set-out.nights-bearable'])
    expect(rules(10, 16)).toEqual(['set-out.soil-warm', 'set-out.nights-warm'])
  })
  it('bears a day of the odds only where the forecast reaches past it', () => {
    const known = { ...line(12), sources: new Array<WeatherSource>(120).fill('normal') }
    expect(judgeSetOut(known, soil(17), 'tomato', 30, 35).answer).toEqual({ go: false, suits: '2026-05-06' })
    expect(judgeSetOut(known, soil(17), 'tomato', 30, 30).answer.go).toBe(true)
    known.sources.fill('forecast', 30, 40)
    expect(judgeSetOut(known, soil(17), 'tomato', 30, 35).answer.go).toBe(true)
    expect(judgeSetOut(known, soil(17), 'tomato', 30, 45).reasons[0]).toMatchObject({
      rule: 'set-out.frost-likely',
      values: { date: { value: '2026-05-16' } },
    })
  })
  it('waits for the cold night to pass, and names it', () => {
    const cold = { ...line(12), sources: new Array<WeatherSource>(120).fill('forecast') }
    cold.air.tmin[33] = 4
    const { answer, reasons } = judgeSetOut(cold, soil(17), 'tomato', 30)
    expect(answer).toEqual({ go: false, suits: '2026-05-05' })
    expect(reasons.find(({ rule }) => rule === 'set-out.one-cold-night')).toMatchObject({
      weight: 'decides',
      values: { low: { value: 4 } },
    })
  })
  it('does not go before a frost, though the first nights are warm', () => {
    const frost = line(12)
    frost.air.tmin[38] = -1
    const { answer, reasons } = judgeSetOut(frost, soil(17), 'tomato', 30)
    expect(answer.go).toBe(false)
    expect(reasons[0]).toMatchObject({
      rule: 'set-out.frost-ahead',
      values: { date: { value: '2026-05-09' } },
    })
  })
})

describe('seasonOutlook', () => {
  const today = isoDate('2026-06-18')
  const datesOf = (entries: LogEntry[], on = today, change: Partial<GardenRecord> = {}) =>
    seasonOutlook(sampleGarden(entries, change), on, null).plantings[0]!.dates
  const spring = isoDate('2026-02-01')

  it('puts the stages in their order, and their spreads about them', () => {
    const dates = datesOf([], spring)
    const order = (
      ['sow', 'emerge', 'pot-up', 'harden', 'set-out', 'first-flower', 'first-ripe', 'end'] as const
    ).map((stage) => dates[stage].date!)
    expect([...order].sort()).toEqual(order)
    expect(dates.sow.date).toBe(addDays(dates['set-out'].date!, -49))
    const { p10, p50, p90, share } = dates['first-ripe'].spread!
    expect(p10! <= p50! && p50! <= p90!).toBe(true)
    expect(share).toBeGreaterThan(0.9)
    expect(dates['last-flower-ripe'].date! < dates['last-flower-green'].date!).toBe(true)
  })
  it('lets what is logged stand, and moves what follows by it', () => {
    const early = datesOf([entryOf('1', 'set-out', '2026-05-10')])
    const late = datesOf([entryOf('1', 'set-out', '2026-06-10')])
    expect(early['set-out']).toMatchObject({ date: '2026-05-10', how: 'logged' })
    expect(early['first-flower'].date! < late['first-flower'].date!).toBe(true)
    const flowered = datesOf([entryOf('1', 'set-out', '2026-05-10'), entryOf('2', 'flowered', '2026-06-17')])
    expect(flowered['first-flower']).toMatchObject({ date: '2026-06-17', how: 'logged' })
  })
  it('restores the exact state when an entry is taken back', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('set-out', 'sown', 'flowered', 'topped', 'cleared'),
        fc.integer({ min: 0, max: 100 }),
        (kind, ago) => {
          const before = [entryOf('1', 'sown', '2026-03-20', { seeds: 9 })]
          const on = addDays(today, -ago)
          const added = [...before, entryOf('2', kind as LogEntry['kind'], on)]
          const taken = [...added, entryOf('3', 'void', on, {}, { voids: '2' })]
          expect(datesOf(taken)).toEqual(datesOf(before))
        },
      ),
      { numRuns: 20 },
    )
  })
  it('does not depend on the order in which entries come', () => {
    const entries = [
      entryOf('1', 'sown', '2026-03-20', { seeds: 9 }),
      entryOf('2', 'emerged', '2026-03-28', { count: 8 }),
      entryOf('3', 'set-out', '2026-05-15'),
    ]
    expect(datesOf([...entries].reverse())).toEqual(datesOf(entries))
  })
  it('knows nothing of entries from later days', () => {
    expect(datesOf([entryOf('1', 'set-out', '2026-05-10')], isoDate('2026-05-01'))['set-out'].how).toBe(
      'planned',
    )
  })
  it('counts growth days less for plants that had too few days outside; where none are entered, they had them', () => {
    const raw = datesOf([entryOf('1', 'set-out', '2026-05-10')])
    const outside = (days: number) =>
      datesOf([
        ...Array.from({ length: days }, (_, day) =>
          entryOf(`h${day}`, 'hardened', addDays(isoDate('2026-05-01'), day), { day: day + 1, hours: 2 }),
        ),
        entryOf('1', 'set-out', '2026-05-10'),
      ])
    expect(outside(8)).toMatchObject({ 'first-flower': raw['first-flower'] })
    expect(outside(2)['first-flower'].date! > raw['first-flower'].date!).toBe(true)
  })
  it('says that nothing ripens when set out too late', () => {
    const dates = datesOf([entryOf('1', 'set-out', '2026-08-25')], isoDate('2026-08-26'))
    expect(dates['first-ripe'].date).toBeNull()
  })
  it('warms depth and soil by the thermometer', () => {
    const reading = entryOf(
      '1',
      'soil-read',
      today,
      { depth: 0.15, temperature: 30 },
      { subject: { type: 'place', id: 'p' } },
    )
    const plainOutlook = seasonOutlook(sampleGarden([]), today, null)
    const readOutlook = seasonOutlook(sampleGarden([reading]), today, null)
    const soilAt = (outlook: typeof plainOutlook) =>
      depthConditions(outlook, outlook.plantings[0]!).soilTemperatures.find(({ depth }) => depth === 0.15)!
        .temperature
    expect(soilAt(readOutlook)).toBeCloseTo(30, 9)
    expect(soilAt(plainOutlook)).toBeLessThan(29)
  })
  it('shows neighbours only where they stand', () => {
    const two: Planting = { ...sixSlicers, id: 'b' }
    const positions = ['a', 'b'].map((id) => ({
      id,
      plantingId: id,
      label: id,
      x: 1,
      y: 0.5,
      from: null,
      to: null,
    }))
    const outlook = (entries: LogEntry[]) =>
      seasonOutlook(sampleGarden(entries, { plantings: [sixSlicers, two] }), today, null)
    const seen = (entries: LogEntry[]) =>
      canopiesIn(outlook(entries).plantings[0]!, outlook(entries), positions).map(
        ({ id, stands }) => `${id}${stands}`,
      )
    expect(seen([])).toEqual(['afalse'])
    expect(
      seen([entryOf('1', 'set-out', '2026-05-20', {}, { subject: { type: 'planting', id: 'b' } })]),
    ).toEqual(['afalse', 'btrue'])
  })
  it('works in the southern half of the world, and where no frost comes', () => {
    const south = simulateSeasons({
      normals: normalsFor('southern-temperate', { latitude: -37, elevation: 50 }),
      latitude: -37,
      count: 60,
    })
    const dates = datesOf([], isoDate('2026-08-01'), { ensemble: south })
    // Its spring: after the frosts of September, before the heat.
    expect(dates['set-out'].date! >= '2026-10-10' && dates['set-out'].date! <= '2026-11-15').toBe(true)
    const tropics = simulateSeasons({
      normals: normalsFor('two-season-hot', { latitude: 10, elevation: 0 }),
      latitude: 10,
      count: 30,
    })
    const endless = datesOf([], isoDate('2026-06-01') as IsoDate, { ensemble: tropics })
    expect(endless.end.date).toBeNull()
    expect(endless['last-flower-ripe'].date).toBeNull()
    expect(endless['first-ripe'].date).not.toBeNull()
  })
  it('forgets a planting of another season', () => {
    expect(
      seasonOutlook(sampleGarden([], { plantings: [{ ...sixSlicers, season: 2025 }] }), today, null)
        .plantings,
    ).toEqual([])
  })
})
