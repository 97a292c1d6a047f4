import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SOILS, type SoilTexture } from '../facts'
import {
  availableWater,
  climateOfKc,
  cropCoefficient,
  cycleAndSoak,
  depletionOfContent,
  depletionOfFeel,
  dripDesign,
  evenness,
  holidayPlan,
  infiltration,
  irrigationMinutes,
  mulchNeeded,
  nextWatering,
  potLasts,
  rootDepth,
  rootZone,
  waterBalanceDay,
  waterButt,
  waterCourse,
  wiltingPoint,
  type MoistureFeel,
  type WaterDay,
  type WayToWater,
} from '.'
import { wayAhead } from './by-school'

describe('a day of the root zone', () => {
  it('follows the worked example of dry-down under stress [FAO-56 ch. 8, example 37]', () => {
    // Grown tomatoes, Kc 1.2, ET0 5 mm/d; θFC 0.32, θWP 0.12, Zr 0.8 m, p 0.4: TAW 160 mm, RAW 64 mm; 55 mm depleted.
    const zone = { taw: 160, raw: 64 }
    let depletion = 55
    const days = Array.from({ length: 10 }, () => {
      const day = waterBalanceDay({ depletion }, { et: 6, rain: 0, irrigation: 0 }, zone)
      depletion = day.depletion
      return day
    })
    expect(days.map(({ stress }) => Math.round(stress * 100) / 100)).toEqual([
      1, 1, 0.97, 0.91, 0.85, 0.8, 0.75, 0.7, 0.66, 0.62,
    ])
    expect(depletion).toBeCloseTo(104.5, 0)
  })
  it('keeps every drop and stays between nothing and all', () => {
    const anyDay = fc.record({
      et: fc.double({ min: 0, max: 15, noNaN: true }),
      rain: fc.double({ min: 0, max: 80, noNaN: true }),
      irrigation: fc.double({ min: 0, max: 60, noNaN: true }),
    })
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 200, noNaN: true }),
        fc.double({ min: 0.1, max: 0.8, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.array(anyDay, { minLength: 1, maxLength: 60 }),
        (taw, p, start, days) => {
          const zone = { taw, raw: p * taw }
          let depletion = start * taw
          for (const day of days) {
            const after = waterBalanceDay({ depletion }, day, zone)
            const change = depletion - after.depletion
            expect(
              Math.abs(day.rain + day.irrigation - after.drainage - after.actualEt - change),
            ).toBeLessThan(1e-9)
            expect(after.depletion).toBeGreaterThanOrEqual(0)
            expect(after.depletion).toBeLessThanOrEqual(taw + 1e-9)
            expect(after.stress).toBeGreaterThanOrEqual(0)
            expect(after.stress).toBeLessThanOrEqual(1)
            depletion = Math.min(taw, after.depletion)
          }
        },
      ),
    )
  })
  it('refuses what cannot be', () => {
    expect(() =>
      waterBalanceDay({ depletion: 70 }, { et: 1, rain: 0, irrigation: 0 }, { taw: 60, raw: 30 }),
    ).toThrow(/depletion/)
    expect(() =>
      waterBalanceDay({ depletion: 0 }, { et: NaN, rain: 0, irrigation: 0 }, { taw: 60, raw: 30 }),
    ).toThrow(/et/)
  })
})

describe('a root zone', () => {
  it('holds by soil and depth, and gives less easily on a thirsty day', () => {
    expect(rootZone('tomato', availableWater('loam'), 0.7, 5)).toEqual({
      taw: 112,
      raw: expect.closeTo(44.8, 9),
    })
    expect(rootZone('tomato', 0.16, 0.7, 9).raw).toBeLessThan(44.8)
    expect(rootZone('pepper', 0.16, 0.7, 5).raw).toBeCloseTo(33.6, 9)
    expect(rootZone('tomato', 0.16, 0.7, 60).raw).toBeCloseTo(11.2, 9)
  })
  it('goes down with the roots, from the planting depth on, as deep as the soil is', () => {
    expect(rootDepth('tomato', 0, 0, 0.9)).toBe(0.2)
    expect(rootDepth('tomato', 940, 0, 0.9)).toBeCloseTo(0.7, 9)
    expect(rootDepth('tomato', 0, 0.3, 0.9)).toBe(0.3)
    expect(rootDepth('tomato', 2000, 0, 0.25)).toBe(0.25)
  })
  it('is emptied by the canopy: Kc from bare to grown, to the end', () => {
    expect(cropCoefficient('tomato', { canopy: 0, late: 0, staked: true })).toBe(0.6)
    expect(cropCoefficient('tomato', { canopy: 1, late: 0, staked: true })).toBe(1.2)
    expect(cropCoefficient('tomato', { canopy: 1, late: 0, staked: false })).toBe(1.15)
    expect(cropCoefficient('tomato', { canopy: 1, late: 1, staked: true })).toBeCloseTo(0.8, 9)
    expect(cropCoefficient('pepper', { canopy: 1, late: 0, staked: false })).toBe(1.05)
  })
})

describe('a Kc in its climate', () => {
  it('is FAO-56’s own: maize of 2 m, 1.20 by the table, at Taipei and at Mocha [example 28]', () => {
    expect(1.2 + climateOfKc({ wind: 1.3, minimumHumidity: 75, height: 2 })).toBeCloseTo(1.07, 2)
    expect(1.2 + climateOfKc({ wind: 4.6, minimumHumidity: 44, height: 2 })).toBeCloseTo(1.3, 2)
  })
  it('is the table’s in its own air, moves a bare bed not at all, and no further than its bounds', () => {
    const table = { wind: 2, minimumHumidity: 45, height: 1.5 }
    const dry = { wind: 6, minimumHumidity: 20, height: 1.5 }
    const kc = (canopy: number, air: typeof dry) =>
      cropCoefficient('tomato', { canopy, late: 0, staked: true, air })
    expect(kc(1, table)).toBe(1.2)
    expect(kc(0, dry)).toBe(0.6)
    expect(kc(1, dry)).toBeGreaterThan(1.35)
    expect(kc(1, { ...dry, wind: 20, minimumHumidity: 2 })).toBe(kc(1, dry))
  })
})

const day = (change: Partial<WaterDay> = {}): WaterDay => ({
  ...{ et: 5, rain: 0, irrigation: 0, zone: { taw: 100, raw: 40 }, found: null },
  ...change,
})
const dry = (count: number) => Array.from({ length: count }, () => day())

describe('the days of a place', () => {
  it('follow a reading rather than the estimate, and say by how much', () => {
    const course = waterCourse([day(), day({ found: 0.5 }), day()])
    expect(course[1]).toMatchObject({ depletion: 50, corrected: 40 })
    expect(course[2]!.depletion).toBeGreaterThan(50)
  })
  it('come to the trigger of the school, and name what refills them', () => {
    // 5 mm a day: 80 % of 40 mm is reached with the seventh day, RAW passed with the ninth.
    const next = nextWatering(0, dry(20))
    expect(next).toMatchObject({ inDays: 6, depth: 35, untilSlow: 8, splits: 1 })
    expect(nextWatering(0, dry(20), { school: 'dry-down' }).inDays).toBeGreaterThan(next.inDays!)
    expect(nextWatering(0, dry(20), { school: 'radiation-shots' }).inDays).toBeLessThan(next.inDays!)
    expect(nextWatering(0, dry(20), { school: 'eased' }).depth).toBeCloseTo(0.7 * 35, 9)
    expect(nextWatering(0, dry(3)).inDays).toBeNull()
  })
  it('are the same from a reading on, whatever was given before it on its day, and wetter by what came after', () => {
    const before = waterCourse([day(), day({ found: 0.5, irrigation: 20 })])
    expect(before[1]!.depletion).toBe(50)
    const after = waterCourse([day(), day({ found: 0.5, irrigation: 20, sinceFound: 20 })])
    expect(after[1]!.depletion).toBe(30)
    expect(waterCourse([day({ found: 0.5, irrigation: 90, sinceFound: 90 })])[0]!.depletion).toBe(0)
  })
  it('watered by one school or another differ in when, how much and what it costs', () => {
    // 5 mm a day of 40 mm easily taken, for four weeks.
    const way = (one: WayToWater, since = 0) => wayAhead(one, 0, dry(28), since)
    expect(way('even')).toMatchObject({ slowed: 0, limp: 0 })
    expect(way('even').waterings.map(({ inDays }) => inDays)).toEqual([6, 13, 20, 27])
    // Six days hold what is trusted to last: a day less than the balance takes.
    expect(way('fixed-days').waterings.map(({ inDays }) => inDays)).toEqual([5, 11, 17, 23])
    expect(way('fixed-days', 4).waterings[0]!.inDays).toBe(1)
    expect(way('dry-down').slowed).toBeGreaterThan(3)
    expect(way('dry-down').waterings.length).toBeLessThan(4)
    expect(way('radiation-shots').waterings).toHaveLength(9)
    expect(way('eased').depth).toBeLessThan(way('even').depth)
    // A pot that empties within the day is watered through it.
    const small = Array.from({ length: 5 }, () => day({ et: 12, zone: { taw: 12, raw: 4 } }))
    expect(wayAhead('even', 0, small)).toMatchObject({ slowed: 0 })
    expect(wayAhead('even', 0, small).waterings[0]).toMatchObject({ inDays: 0, portions: 4 })
  })
  it('are given in turns where water comes faster than the ground takes it in', () => {
    // 20 mm in two hours on clay: 6 mm go in, 14 stand; three turns leave 4.7 mm each, gone in 93 minutes.
    expect(cycleAndSoak({ depth: 20, minutes: 120 }, 'clay')).toEqual({
      runs: 3,
      minutes: 40,
      pause: expect.closeTo(14 / 3 / 0.05, 6) as number,
    })
    expect(cycleAndSoak({ depth: 20, minutes: 120 }, 'loam')).toBeNull()
    expect(cycleAndSoak({ depth: 4, minutes: 1 }, 'clay')).toBeNull()
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.double({ min: 0.1, max: 2000, noNaN: true }),
        fc.constantFrom(...SOILS),
        (depth, minutes, soil) => {
          const turns = cycleAndSoak({ depth, minutes }, soil)
          if (!turns) return
          const standing = depth / turns.runs - (infiltration(soil) / 60) * turns.minutes
          expect(standing).toBeLessThanOrEqual(5 + 1e-6)
          // The pause is as long as it takes to go.
          expect((turns.pause * infiltration(soil)) / 60).toBeCloseTo(standing, 6)
        },
      ),
    )
  })
  it('split the water where a small zone holds less than a day takes', () => {
    const small = Array.from({ length: 5 }, () => day({ et: 12, zone: { taw: 12, raw: 4 } }))
    expect(nextWatering(0, small)).toMatchObject({ inDays: 0 })
    // 12 mm a day, watered each time 80 % of 4 mm is gone: 3.75 times.
    expect(nextWatering(0, small).splits).toBe(4)
  })
  it('tell rot while fruit are young and dry, and cracks when they are drenched after', () => {
    const days = [...dry(12), day({ irrigation: 60 }), day()]
    const course = waterCourse(days)
    const all = days.map(() => true)
    const none = days.map(() => false)
    const risky = evenness(course, { young: all, colouring: all, proneness: 1 })
    expect(risky.dryDays).toBe(4)
    expect(risky.rot).toBeCloseTo(4 / 6, 9)
    expect(risky.crack).toBeGreaterThan(0.5)
    expect(risky.swing).toBeGreaterThan(1)
    expect(evenness(course, { young: none, colouring: none, proneness: 1 })).toMatchObject({
      rot: 0,
      crack: 0,
    })
    const even = waterCourse(days.map(() => day({ irrigation: 5 })))
    expect(evenness(even, { young: all, colouring: all, proneness: 1 })).toMatchObject({
      rot: 0,
      crack: 0,
      dryDays: 0,
    })
  })
  it('read a finger, a spade and a meter', () => {
    // Between a quarter and none of it gone; three eighths left; an eighth left.
    expect(['moist', 'dry', 'dust'].map((feel) => depletionOfFeel(feel as MoistureFeel, 0.4))).toEqual([
      0.25, 0.625, 0.875,
    ])
    // Whatever is easily taken, what is dry has passed it, and what is moist has not.
    for (const p of [0.1, 0.3, 0.8]) {
      expect(depletionOfFeel('dry', p)).toBeGreaterThan(p)
      expect(depletionOfFeel('moist', p)).toBeLessThan(p)
    }
    expect(depletionOfContent(0.25, 0.33, 0.16)).toBeCloseTo(0.5, 9)
    expect(depletionOfContent(0.5, 0.33, 0.16)).toBe(0)
  })
})

describe('a meter in a soil', () => {
  const told = (soil: SoilTexture, content: number) =>
    depletionOfContent(content, wiltingPoint(soil) + availableWater(soil), availableWater(soil))
  it('is read by its texture: sand that is wet through is not dry, half-empty clay is not wet', () => {
    // Water contents in the middle of FAO-56 table 19's ranges at field capacity.
    for (const [soil, fieldCapacity] of [
      ['sand', 0.125],
      ['loamy-sand', 0.155],
      ['loam', 0.28],
      ['clay', 0.37],
    ] as const) {
      expect(told(soil, fieldCapacity)).toBeCloseTo(0, 9)
      expect(told(soil, wiltingPoint(soil))).toBeCloseTo(1, 9)
    }
    expect(told('sand', 0.12)).toBeLessThan(0.1)
    expect(told('clay', 0.295)).toBeCloseTo(0.5, 9)
  })
})

describe('giving water', () => {
  it('runs drip by litres, emitters and flow', () => {
    expect(irrigationMinutes({ litres: 40, emitters: 20, flow: 2 })).toBe(60)
    expect(() => irrigationMinutes({ litres: 40, emitters: 0, flow: 2 })).toThrow(/emitters/)
    expect(() => irrigationMinutes({ litres: 40, emitters: 3, flow: 0 })).toThrow(/flow/)
  })
  it('finds plants that stand dry, and a barrel that hangs too low', () => {
    const line = [0.2, 0.5, 0.8].map((x) => ({ x, y: 0.5 }))
    const plants = [
      { x: 0.2, y: 0.5 },
      { x: 0.65, y: 0.5 },
    ]
    const design = dripDesign({ lines: [line], flow: 2 }, { plants, area: 1, head: 1.2 })
    expect(design).toMatchObject({ emitters: 3, flow: 6, rate: 6, dry: 1 })
    expect(design.pressure).toBeCloseTo(11.8, 1)
    expect(design.warnings).toEqual(['dry-plants', 'low-pressure'])
    expect(dripDesign({ lines: [], flow: 2 }, { plants, area: 1 }).warnings).toEqual(['no-emitter'])
  })
  it('plans an absence, the first to dry first', () => {
    const plan = holidayPlan(10, [
      { place: 'bed', isPot: false, hasDrip: true, mulched: false, untilSlow: 7, untilLimp: 20 },
      { place: 'pot', isPot: true, hasDrip: false, mulched: false, untilSlow: 1, untilLimp: 2 },
      { place: 'row', isPot: false, hasDrip: false, mulched: true, untilSlow: Infinity, untilLimp: Infinity },
    ])
    expect(plan.map(({ place, risk }) => [place, risk])).toEqual([
      ['pot', 'lost'],
      ['bed', 'slowed'],
      ['row', 'none'],
    ])
    expect(plan[0]!.acts).toEqual(['water-before', 'move-to-shade', 'neighbour'])
    expect(plan[1]!.acts).toEqual(['water-before', 'mulch', 'timer'])
    expect(plan[2]!.acts).toEqual(['nothing'])
  })
  it('catches rain from a roof, keeping every litre', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            rain: fc.double({ min: 0, max: 50, noNaN: true }),
            need: fc.double({ min: 0, max: 90, noNaN: true }),
          }),
        ),
        (days) => {
          const { level, caught, over, short } = waterButt({ roof: 12, holds: 300, starts: 100 }, days)
          const used = days.reduce((sum, { need }) => sum + need, 0) - short
          expect(100 + caught - over - used).toBeCloseTo(level.at(-1) ?? 100, 6)
          for (const litres of level) {
            expect(litres).toBeGreaterThanOrEqual(0)
            expect(litres).toBeLessThanOrEqual(300)
          }
        },
      ),
    )
    // 10.5 mm on 12 m²: 10 mm × 12 × 0.85 = 102 L.
    expect(waterButt({ roof: 12, holds: 300, starts: 0 }, [{ rain: 10.5, need: 0 }]).caught).toBeCloseTo(
      102,
      9,
    )
  })
  it('counts mulch with its settling', () => {
    expect(mulchNeeded(4, 0.05)).toBeCloseTo(260, 9)
  })
})

describe('how long a full pot lasts', () => {
  it('goes by canopy and weather: 30 L, a canopy of 60 cm, 6 mm', () => {
    // 6 × 1.2 × π × 0.3² × 1.3 = 2.65 L a day; of 7.5 L held, 3 L readily.
    const lasts = potLasts({ litres: 30, plants: [{ crop: 'tomato', canopy: 0.6 }] }, 6)
    expect(lasts.need).toBeCloseTo(2.646, 2)
    expect(lasts.untilSlow).toBeCloseTo(1.13, 2)
    expect(lasts.untilLimp).toBeCloseTo(2.83, 2)
  })
  it('lasts shorter in heat and for more plants, for ever for none', () => {
    const plants = [{ crop: 'pepper', canopy: 0.45 }] as const
    const at = (et0: number, many = 1) =>
      potLasts({ litres: 15, plants: Array.from({ length: many }, () => plants[0]) }, et0).untilSlow
    expect(at(9)).toBeLessThan(at(5))
    expect(at(5, 2)).toBeCloseTo(at(5) / 2, 9)
    expect(potLasts({ litres: 15, plants: [] }, 5).untilSlow).toBe(Infinity)
  })
})
