import { describe, expect, it } from 'vitest'
import { evenLeafHeights, FEEDING_SCHOOLS, holeAmendment, plantingChecks, usualFeeding, USUAL_PLANT } from '.'

const good: Parameters<typeof plantingChecks>[0] = {
  crop: 'tomato',
  tmax: 22,
  wind: 2,
  nights: [12, 13, 11],
  hardeningDays: 8,
  soil: 'moist',
  rootsCircle: false,
  flowers: false,
  seasonSlackDays: 60,
}
const of = (change: Partial<typeof good>, about: string) =>
  plantingChecks({ ...good, ...change }).find((check) => check.about === about)!

describe('what is looked at before planting', () => {
  it('lets a good day go', () => {
    expect(plantingChecks(good).map(({ verdict }) => verdict)).toEqual(Array<string>(6).fill('go'))
  })
  it('says what to do first, and when to wait', () => {
    expect(of({ tmax: 33 }, 'sky')).toMatchObject({ verdict: 'first', reason: { rule: 'check.sky-hot' } })
    expect(of({ wind: 7 }, 'sky').reason.rule).toBe('check.sky-windy')
    expect(of({ nights: [11, 8] }, 'nights')).toMatchObject({
      verdict: 'go',
      reason: { rule: 'check.nights-cool' },
    })
    expect(of({ nights: [9, 6.5] }, 'nights').verdict).toBe('wait')
    expect(of({ nights: [12, 3] }, 'nights').verdict).toBe('wait')
    expect(of({ hardeningDays: 4 }, 'hardening').verdict).toBe('first')
    expect(of({ hardeningDays: 0 }, 'hardening').verdict).toBe('wait')
    expect(of({ soil: 'dry' }, 'soil').verdict).toBe('first')
    expect(of({ soil: 'wet' }, 'soil').verdict).toBe('wait')
    expect(of({ rootsCircle: true }, 'roots').verdict).toBe('first')
  })
  it('pinches the first flowers where the season is long, and leaves them where it is short', () => {
    expect(of({ flowers: true }, 'flowers').reason.rule).toBe('check.flowers-pinch')
    expect(of({ flowers: true, seasonSlackDays: 10 }, 'flowers').reason.rule).toBe('check.flowers-leave')
  })
  it('says nothing of nights that nobody forecasts, and refuses what is no weather', () => {
    expect(plantingChecks({ ...good, nights: [] }).some(({ about }) => about === 'nights')).toBe(false)
    expect(() => plantingChecks({ ...good, tmax: NaN })).toThrow(/tmax/)
  })
})

describe('what goes into the hole', () => {
  it('is two tablespoons of meal off the stem, or compost worked in, or nothing', () => {
    expect(holeAmendment('slow-organic', 'tomato')).toMatchObject({
      needs: [{ kind: 'meal', litres: 0.03 }],
      awayFromStem: 0.025,
    })
    // 6 cm over a square of 45 cm.
    expect(holeAmendment('soil-first', 'tomato').needs[0]!.litres).toBeCloseTo(12.15, 6)
    expect(holeAmendment('nutrient-solution', 'pepper').needs).toEqual([])
    expect(new Set(FEEDING_SCHOOLS.map((school) => holeAmendment(school, 'pepper').school)).size).toBe(4)
  })
  it('suits the place', () => {
    const pot = { shape: 'round', bottom: null, selfWatering: false } as const
    expect(usualFeeding({ pot, raised: false })).toBe('steady-liquid')
    expect(usualFeeding({ pot: null, raised: true })).toBe('slow-organic')
    expect(usualFeeding({ pot: null, raised: false })).toBe('soil-first')
  })
})

describe('leaves evenly up a stem', () => {
  it('rise from the lowest to just under the tip', () => {
    const heights = evenLeafHeights(USUAL_PLANT.tomato)
    expect(heights).toHaveLength(8)
    expect(heights[0]).toBeCloseTo(0.03, 9)
    expect(heights.at(-1)).toBeCloseTo(0.279, 9)
    expect(evenLeafHeights({ height: 0.3, leaves: 3, lowestLeaf: 0.12 })[0]).toBe(0.12)
    expect(evenLeafHeights({ height: 0.3, leaves: 0 })).toEqual([])
  })
  it('cannot start over the tip', () => {
    expect(() => evenLeafHeights({ height: 0.2, leaves: 4, lowestLeaf: 0.3 })).toThrow(/lowestLeaf/)
  })
})
