import { describe, expect, it } from 'vitest'
import { addDays, isoDate } from '../calendar'
import { growPlant, plantTraits, raisedDay, type Cultivar } from '../crop'
import {
  byDecision,
  massAnHour,
  harvestWeeks,
  ownYield,
  pickBefore,
  ripeCues,
  ripeningBetween,
  sumOf,
  trussStages,
  type Ripening,
} from '.'
import { slicerTraits } from '../../test/slicer'

/** From 10 July, two seasons: 1 kg a day for three days, and 2 kg a day a week later. */
const ripening: Ripening = {
  from: isoDate('2026-07-10'),
  expected: Float64Array.from({ length: 12 }, (_, day) => (day < 3 ? 0.5 : day < 7 ? 0 : day < 10 ? 1 : 0)),
  seasons: [
    Float64Array.from({ length: 12 }, (_, day) => (day < 3 ? 1 : 0)),
    Float64Array.from({ length: 12 }, (_, day) => (day >= 7 && day < 10 ? 2 : 0)),
  ],
}

describe('what ripens', () => {
  it('between two days counts both, and nothing before and after it', () => {
    const between = (from: string, to: string) => ripeningBetween(ripening, isoDate(from), isoDate(to))
    expect(between('2026-07-11', '2026-07-12')).toBe(1)
    expect(between('2026-07-01', '2026-12-31')).toBe(4.5)
    expect(between('2026-08-01', '2026-12-31')).toBe(0)
    expect(between('2026-06-01', '2026-07-09')).toBe(0)
  })
  it('stands by week beside what was picked, also before and after it, with its spread', () => {
    const picked = [
      { on: isoDate('2026-07-05'), mass: 0.4 },
      { on: isoDate('2026-07-06'), mass: 0.1 },
      { on: isoDate('2026-10-20'), mass: 1 },
    ]
    const weeks = harvestWeeks([{ plants: 2, ripening }], picked)
    expect(weeks[0]).toMatchObject({ from: '2026-07-05', picked: 0.5, forecast: 2 })
    // Two plants: 4 kg in one season, nothing in the other.
    expect([weeks[0]!.low, weeks[0]!.high]).toEqual([expect.closeTo(0.4, 9), expect.closeTo(3.6, 9)])
    expect(weeks.at(-1)!.picked).toBe(1)
    expect(weeks.reduce((sum, { forecast }) => sum + forecast, 0)).toBeCloseTo(9, 9)
    expect(harvestWeeks([{ plants: 2, ripening }], [])[0]!.from).toBe('2026-07-10')
    expect(harvestWeeks([], [])).toEqual([])
  })
  it('of several plantings spreads as one season does: what one loses the other may gain', () => {
    const [one, other] = ripening.seasons as [Float64Array, Float64Array]
    const turned = { ...ripening, seasons: [other, one] }
    const [week] = harvestWeeks(
      [
        { plants: 1, ripening: { ...ripening, seasons: [one, one.map((kg) => 0 * kg)] } },
        { plants: 1, ripening: { ...turned, seasons: [one.map((kg) => 0 * kg), one] } },
      ],
      [],
    )
    expect([week!.low, week!.high]).toEqual([3, 3])
  })
  it('is by the garden’s own record the more plants it holds', () => {
    expect(ownYield(4, [])).toBe(4)
    expect(ownYield(4, [{ plants: 6, mass: 12 }])).toBeCloseTo(3, 9)
    expect(ownYield(4, [{ plants: 600, mass: 1200 }])).toBeCloseTo(2, 1)
  })
})

describe('picking early', () => {
  const day = (ahead: number, change: object = {}) => ({
    date: addDays(isoDate('2026-07-10'), ahead),
    tmin: 15,
    tmax: 28,
    rain: 0,
    ...change,
  })
  it('goes before frost first, then before the first rain or heat', () => {
    expect(pickBefore([day(0), day(1)])).toBeNull()
    expect(pickBefore([day(0), day(1, { rain: 24 }), day(2, { tmax: 38 })])).toEqual({
      why: 'rain',
      on: '2026-07-11',
      value: 24,
    })
    expect(pickBefore([day(0), day(1, { tmax: 36 }), day(2, { rain: 30 })])!.why).toBe('heat')
    expect(pickBefore([day(0), day(1, { rain: 24 }), day(3, { tmin: -1 })])!.why).toBe('frost')
  })
})

describe('ripe fruit', () => {
  it('shows its own colour first, a cherry by its truss, a pepper by its turning', () => {
    const rules = (change: Partial<Cultivar>) =>
      ripeCues({ ...slicerTraits, ...change }).map(({ rule }) => rule)
    expect(rules({})).toEqual(['ripe.colour', 'ripe.shoulder', 'ripe.gives', 'ripe.knuckle'])
    expect(rules({ fruit: 'cherry' })).toContain('ripe.truss')
    expect(rules({ crop: 'pepper', habit: null, fruit: 'bell' })).toEqual([
      'ripe.turned',
      'ripe.green',
      'ripe.stalk',
    ])
    expect(rules({ crop: 'pepper', habit: null, fruit: 'hot-small' })).toContain('ripe.cork')
  })
  it('hangs by stages that follow one another as the plant grows', () => {
    const grown = (days: number) =>
      trussStages(
        growPlant(
          plantTraits(slicerTraits),
          Array.from({ length: days }, () => ({ ...raisedDay('tomato'), degreeDays: 14, tmax: 27 })),
          [],
        ),
        4.5,
      )
    const [young, late] = [grown(60), grown(110)]
    expect(young.ripe.trusses).toBe(0)
    expect(young.flower.trusses + young.growing.trusses).toBeGreaterThan(0)
    expect(late.ripe.trusses).toBeGreaterThan(0)
    expect(late.ripe.mass).toBeGreaterThan(late.flower.mass)
    const hangs = Object.values(grown(200)).reduce((sum, { mass }) => sum + mass, 0)
    expect(hangs).toBeLessThan(4.5)
    expect(hangs).toBeGreaterThan(2)
  })
})

describe('a season’s review', () => {
  const result = (season: number, plants: number, mass: number, training: string, more: object = {}) => ({
    season,
    plants,
    mass,
    area: plants * 0.5,
    counted: 10,
    faulty: 1,
    decisions: { training },
    ...more,
  })
  it('adds plantings by their plants and ground, and nothing up to nothing', () => {
    const sum = sumOf([result(2025, 4, 8, 'a'), result(2025, 6, 24, 'b', { counted: 0, faulty: 0 })])
    expect(sum).toEqual({ plantings: 2, plants: 10, mass: 32, aPlant: 3.2, aSquareMetre: 6.4, sound: 0.9 })
    expect(sumOf([])).toEqual({ plantings: 0, plants: 0, mass: 0, aPlant: 0, aSquareMetre: 0, sound: null })
  })
  it('gives the harvest of an hour, and no boundless one where hardly any work was told', () => {
    expect(massAnHour(12, 3)).toBe(4)
    expect(massAnHour(2, 0)).toBe(20)
    expect(massAnHour(2, 0.05)).toBe(massAnHour(2, 0.1))
    expect(() => massAnHour(2, -1)).toThrow(/hours/)
    expect(() => massAnHour(NaN, 1)).toThrow(/mass/)
  })
  it('sets ways side by side with their counts, and says when they are too few', () => {
    const [training, ...others] = byDecision([
      result(2025, 4, 8, 'cage'),
      result(2025, 4, 12, 'two-stems'),
      result(2026, 2, 8, 'two-stems'),
    ])
    expect(others).toEqual([])
    expect(training!.ways.map(({ way, sum }) => [way, sum.plantings, sum.plants])).toEqual([
      ['two-stems', 2, 6],
      ['cage', 1, 4],
    ])
    expect(training!.enough).toBe(false)
    expect(byDecision([result(2025, 4, 8, 'cage'), result(2026, 4, 8, 'cage')])).toEqual([])
    const many = ['a', 'b'].flatMap((way) => Array.from({ length: 5 }, () => result(2025, 4, 8, way)))
    expect(byDecision(many)[0]!.enough).toBe(true)
  })
})
