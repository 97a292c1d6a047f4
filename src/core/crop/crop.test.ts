import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptySeries } from '../climate'
import {
  canopyWidth,
  dayReached,
  fruitMass,
  grownWidth,
  isBush,
  lastDayToReach,
  runningDegreeDays,
  trainingsFor,
} from '.'

const steady = (days: number) => {
  const air = emptySeries(20_000, days)
  air.tmin.fill(20)
  air.tmax.fill(20)
  return air
}

describe('thermal calendar', () => {
  const running = runningDegreeDays(steady(60), 'tomato')
  it('runs by fourteen a day at 20 °C', () => {
    expect(running[0]).toBe(0)
    expect(running[60]).toBe(840)
    expect(dayReached(running, 0, 140)).toBe(9)
    expect(dayReached(running, 5, 140)).toBe(14)
    expect(dayReached(running, 0, 841)).toBeNull()
    expect(lastDayToReach(running, 59, 140)).toBe(50)
    expect(lastDayToReach(running, 59, 840)).toBe(0)
    expect(lastDayToReach(running, 59, 841)).toBeNull()
  })
  it('finds the same day forward and back, whatever the weather', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 30, noNaN: true }), { minLength: 5, maxLength: 80 }),
        fc.double({ min: 1, max: 300, noNaN: true }),
        (temperatures, sum) => {
          const air = emptySeries(0, temperatures.length)
          temperatures.forEach((value, day) => {
            air.tmin[day] = value
            air.tmax[day] = value
          })
          const sums = runningDegreeDays(air, 'tomato')
          const last = lastDayToReach(sums, air.days - 1, sum)
          if (last === null) {
            expect(dayReached(sums, 0, sum)).toBeNull()
            return
          }
          const end = dayReached(sums, last, sum)!
          expect(end).toBeLessThan(air.days)
          // A day later, and the sum is not reached any more.
          if (last + 1 < air.days) expect(sums.at(-1)! - sums[last + 1]!).toBeLessThan(sum + 1e-6)
        },
      ),
    )
  })
})

describe('canopy', () => {
  it('widens from the transplant to its grown width, and never shrinks', () => {
    const grown = grownWidth({ crop: 'tomato', habit: 'indeterminate' }, 'two-stems')
    expect(grown).toBe(0.65)
    expect(canopyWidth('tomato', grown, 0)).toBeCloseTo(0.18)
    expect(canopyWidth('tomato', grown, 5000)).toBeCloseTo(grown)
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1000, noNaN: true }),
        fc.double({ min: 0, max: 200, noNaN: true }),
        (sum, more) => {
          expect(canopyWidth('tomato', grown, sum + more)).toBeGreaterThanOrEqual(
            canopyWidth('tomato', grown, sum) - 1e-12,
          )
        },
      ),
    )
  })
  it('goes by habit and training', () => {
    expect(grownWidth({ crop: 'pepper', habit: null }, 'pepper')).toBe(0.45)
    expect(grownWidth({ crop: 'tomato', habit: 'dwarf' }, 'bush')).toBe(0.5)
    expect(grownWidth({ crop: 'tomato', habit: 'determinate' }, 'weave')).toBe(0.7)
    expect(grownWidth({ crop: 'tomato', habit: 'indeterminate' }, 'sprawling')).toBe(1.4)
    expect(trainingsFor({ crop: 'tomato', habit: 'determinate' })).not.toContain('single-stem')
    expect(isBush({ crop: 'pepper', habit: null })).toBe(false)
    expect(fruitMass({ fruit: 'beefsteak' })).toBeCloseTo(0.32)
  })
})
