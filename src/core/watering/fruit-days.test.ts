import { describe, expect, it } from 'vitest'
import type { IsoDate } from '../calendar'
import { fruitDays, plainWater, trussRisks, waterCourse } from '.'

const DAYS = 30
/** A root zone that is dry from one day to another, and drenched on the day after. */
const dryBetween = (from: number, to: number) =>
  waterCourse(
    Array.from({ length: DAYS }, (_, day) => ({
      et: 5,
      rain: 0,
      irrigation: day < from ? 5 : day === to ? 60 : day > to ? 5 : 0,
      zone: { taw: 50, raw: 12 },
      found: null,
    })),
  )
const gained = Array.from({ length: DAYS }, () => 10)

describe('a truss', () => {
  it('risks rot by the dry days of its own young weeks, whatever the others had', () => {
    const course = dryBetween(12, 20)
    const [old, young, late] = trussRisks(
      course,
      [
        { degreeDays: 290, ripeness: 0.6 },
        { degreeDays: 180, ripeness: 0.3 },
        { degreeDays: 50, ripeness: 0.1 },
      ],
      gained,
      1,
    )
    expect([old!.age, young!.age, late!.age]).toEqual([29, 18, 5])
    // The second one was 5 to 20 days old from day 17 on, the last one is not yet.
    expect(young!.dryDays).toBe(3)
    expect(young!.rot).toBeCloseTo(0.5, 9)
    expect(old!.dryDays).toBeGreaterThan(young!.dryDays)
    expect(late!.rot).toBe(0)
  })
  it('cracks only while it colours', () => {
    const course = dryBetween(20, 26)
    const [green, colouring] = trussRisks(
      course,
      [
        { degreeDays: 200, ripeness: 0.5 },
        { degreeDays: 290, ripeness: 0.9 },
      ],
      gained,
      1,
    )
    expect(green!.crack).toBe(0)
    expect(colouring!.crack).toBeGreaterThan(0.5)
  })
})

describe('the fruit of a place', () => {
  it('are young from five days after the first flower on, and colour ten before the first ripe one', () => {
    const dates = {
      'first-flower': { date: '2026-06-10' as IsoDate },
      'first-ripe': { date: '2026-07-01' as IsoDate },
    } as Parameters<typeof fruitDays>[0][number]['dates']
    const cultivar = { fruit: 'paste' } as Parameters<typeof fruitDays>[0][number]['cultivar']
    const { young, colouring, proneness } = fruitDays([{ dates, cultivar }], '2026-06-01' as IsoDate, 30)
    expect(young.indexOf(true)).toBe(14)
    expect(colouring.indexOf(true)).toBe(20)
    expect(proneness).toBeGreaterThan(0)
    expect(fruitDays([], '2026-06-01' as IsoDate, 3)).toEqual({
      young: [false, false, false],
      colouring: [false, false, false],
      proneness: 0,
    })
  })
})

describe('a pot or bed of which only this is known', () => {
  it('takes ET0 by the crop’s Kc over its ground', () => {
    const bed = { area: 4, soil: 'loam', depth: 0.5, canopy: 1 } as const
    expect(plainWater('tomato', bed, 5).need).toBeCloseTo(24, 9)
    // TAW 80 mm on 4 m²; p 0.4 less what an ETc over 5 mm takes.
    expect(plainWater('tomato', bed, 5).holds).toBeCloseTo(320, 9)
    expect(plainWater('tomato', bed, 5).readily).toBeCloseTo(320 * (0.4 - 0.04), 9)
    expect(() => plainWater('tomato', bed, 0)).toThrow(/et0/)
  })
  it('lasts shorter in heat, longer in a larger pot', () => {
    const pot = (litres: number, et0: number) =>
      plainWater('tomato', { litres, plants: 1, canopy: 0.6 }, et0).untilLimp
    expect(pot(20, 7)).toBeLessThan(pot(20, 4))
    expect(pot(40, 4)).toBeCloseTo(2 * pot(20, 4), 9)
  })
})
