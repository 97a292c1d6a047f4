import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { freshWanted, implausiblePicking, plantsFor, splitPicking } from '.'

describe('how many plants', () => {
  const wish = { people: 4, weeks: 8, aWeek: 0.7, sauce: 20, dried: 1, pickled: 10, given: 5 }
  it('adds up what a household wants', () => {
    expect(freshWanted(wish)).toEqual({
      fresh: expect.closeTo(22.4, 9),
      sauce: 50,
      dried: 12,
      pickled: 6.5,
      given: 5,
    })
  })
  it('is counted by hand: 50 kg of paste at 3 kg a plant, a tenth lost, are 19', () => {
    expect(plantsFor(50, 3)).toBe(19)
    expect(plantsFor(0, 3)).toBe(0)
  })
  it('bears at least what is wanted, and one fewer would not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        fc.double({ min: 0.3, max: 6, noNaN: true }),
        (kg, aPlant) => {
          const plants = plantsFor(kg, aPlant)
          expect(plants * aPlant * 0.9).toBeGreaterThanOrEqual(kg - 1e-6)
          expect((plants - 1) * aPlant * 0.9).toBeLessThan(kg)
        },
      ),
    )
  })
  it('refuses less than nobody', () => {
    expect(() => freshWanted({ ...wish, people: -1 })).toThrow(/people/)
    expect(() => plantsFor(1, 0)).toThrow(/aPlant/)
  })
})

describe('a weighing of several plantings', () => {
  it('is told to each by its plants', () => {
    expect(splitPicking({ mass: 3, count: 10, faults: { cracked: 3 } }, [2, 1])).toEqual([
      { mass: 2, count: 7, faults: { cracked: 2 } },
      { mass: 1, count: 3, faults: { cracked: 1 } },
    ])
    expect(splitPicking({ mass: 1, count: null }, [4])).toEqual([{ mass: 1, count: null }])
    expect(() => splitPicking({ mass: 1, count: null }, [])).toThrow(/plants/)
  })
  it('loses nothing, and no part has more with a fault than fruit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 500 }),
        fc.integer({ min: 0, max: 60 }),
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 6 }),
        (count, faulty, plants) => {
          const parts = splitPicking({ mass: 7.5, count, faults: { eaten: Math.min(count, faulty) } }, plants)
          const sum = (of: (part: (typeof parts)[number]) => number) =>
            parts.reduce((all, part) => all + of(part), 0)
          expect(sum(({ mass }) => mass)).toBeCloseTo(7.5, 9)
          expect(sum((part) => part.count!)).toBe(count)
          for (const part of parts) expect(part.faults?.eaten ?? 0).toBeLessThanOrEqual(part.count!)
        },
      ),
    )
  })
})

describe('a weight that cannot be', () => {
  it('is more than the plants bear, or of fruit too heavy or too light', () => {
    expect(implausiblePicking({ mass: 450, count: 3 }, 6)).toBe('a-plant')
    expect(implausiblePicking({ mass: 12, count: 3 }, 6)).toBe('heavy-fruit')
    expect(implausiblePicking({ mass: 0.01, count: 300 }, 6)).toBe('light-fruit')
    expect(implausiblePicking({ mass: 12, count: 40 }, 6)).toBeNull()
    expect(implausiblePicking({ mass: 2, count: null }, 1)).toBeNull()
    expect(implausiblePicking({ mass: 0, count: 4 }, 1)).toBeNull()
  })
})
