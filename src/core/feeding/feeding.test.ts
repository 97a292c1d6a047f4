import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { IsoDate } from '../calendar'
import {
  blendAnalysis,
  doseFor,
  ecOfFeed,
  feedingProgramme,
  glutIn,
  injectorStock,
  K_OF_K2O,
  ledger,
  milligramsPerLitre,
  P_OF_P2O5,
  readSoilTest,
  releasedBy,
  solveBlend,
  totalDemand,
  uptakeBy,
  yieldInSalt,
  type PlaceLedger,
} from '.'

const meal = { n: 5, p2o5: 2, k2o: 1, bulkDensity: 0.6 }
const potash = { n: 0, p2o5: 0, k2o: 50, bulkDensity: 1.3 }
const bone = { n: 3, p2o5: 15, k2o: 0, bulkDensity: 0.9 }

describe('a blend', () => {
  it('of a cup of one and half a cup of another, worked by hand', () => {
    // 240 mL × 0.6 = 144 g of 5–2–1, 120 mL × 0.9 = 108 g of 3–15–0: 252 g.
    const blend = blendAnalysis([
      { product: meal, volume: 240 },
      { product: bone, volume: 120 },
    ])
    expect(blend.mass).toBeCloseTo(252, 9)
    expect(blend.n).toBeCloseTo((144 * 5 + 108 * 3) / 252, 9)
    expect(blend.p2o5).toBeCloseTo((144 * 2 + 108 * 15) / 252, 9)
    expect(blend.k2o).toBeCloseTo(144 / 252, 9)
    expect(blendAnalysis([])).toEqual({ mass: 0, n: 0, p2o5: 0, k2o: 0 })
  })
  const anyProduct = fc
    .record({
      n: fc.double({ min: 0, max: 33, noNaN: true }),
      p2o5: fc.double({ min: 0, max: 33, noNaN: true }),
      k2o: fc.double({ min: 0, max: 33, noNaN: true }),
      bulkDensity: fc.double({ min: 0.2, max: 2, noNaN: true }),
    })
    .filter(({ n, p2o5, k2o }) => n + p2o5 + k2o > 1)
  it('keeps mass and nutrients', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ product: anyProduct, volume: fc.double({ min: 0, max: 5000, noNaN: true }) })),
        (parts) => {
          const { mass, n, p2o5, k2o } = blendAnalysis(parts)
          const sum = (of: (part: (typeof parts)[number]) => number) =>
            parts.reduce((all, part) => all + of(part), 0)
          expect(mass).toBeCloseTo(
            sum(({ product, volume }) => volume * product.bulkDensity),
            6,
          )
          for (const [key, value] of Object.entries({ n, p2o5, k2o }))
            expect(value * mass).toBeCloseTo(
              sum(({ product, volume }) => volume * product.bulkDensity * product[key as 'n']),
              4,
            )
        },
      ),
    )
  })
  it('is solved exactly where the products can, and brings the nitrogen that was asked', () => {
    const { volumes, analysis, residual } = solveBlend({
      products: [meal, potash, bone],
      ratio: { n: 3, p2o5: 2, k2o: 4 },
      nitrogen: 12,
    })
    expect(residual).toBeLessThan(1e-9)
    expect(analysis.k2o / analysis.n).toBeCloseTo(4 / 3, 9)
    expect(analysis.p2o5 / analysis.n).toBeCloseTo(2 / 3, 9)
    const { mass, n } = blendAnalysis(
      [meal, potash, bone].map((product, index) => ({ product, volume: volumes[index]! })),
    )
    expect((mass * n) / 100).toBeCloseTo(12, 9)
  })
  it('is never negative and no worse than any single product', () => {
    const gap = (a: number[], b: number[]) => {
      const [x, y] = [Math.hypot(...a), Math.hypot(...b)]
      return Math.hypot(...a.map((value, index) => value / x - b[index]! / y))
    }
    fc.assert(
      fc.property(fc.array(anyProduct, { minLength: 1, maxLength: 6 }), anyProduct, (products, ratio) => {
        const usable = products.filter(({ n }) => n > 0.5)
        if (usable.length === 0) return
        const { volumes, residual } = solveBlend({ products: usable, ratio, nitrogen: 10 })
        expect(Math.min(...volumes)).toBeGreaterThanOrEqual(0)
        for (const one of usable)
          expect(residual).toBeLessThanOrEqual(
            gap([ratio.n, ratio.p2o5, ratio.k2o], [one.n, one.p2o5, one.k2o]) + 1e-6,
          )
      }),
    )
  })
  it('says how far off it stays where no blend can reach', () => {
    const far = solveBlend({ products: [potash], ratio: { n: 1, p2o5: 0, k2o: 1 }, nitrogen: 5 })
    expect(far.volumes).toEqual([0])
    expect(far.residual).toBeGreaterThan(0.7)
    const near = solveBlend({ products: [meal], ratio: { n: 1, p2o5: 1, k2o: 1 }, nitrogen: 5 })
    expect(near.residual).toBeGreaterThan(0.3)
    expect(near.volumes[0]).toBeCloseTo(5 / 0.05 / 0.6, 6)
  })
  it('refuses analyses over 100 %, no density, negative volumes, and no ratio', () => {
    expect(() => blendAnalysis([{ product: { ...meal, n: 60, k2o: 50 }, volume: 1 }])).toThrow(
      /at most 100 %/,
    )
    expect(() => blendAnalysis([{ product: { ...meal, bulkDensity: 0 }, volume: 1 }])).toThrow(/bulkDensity/)
    expect(() => blendAnalysis([{ product: meal, volume: -1 }])).toThrow(/volume/)
    expect(() => solveBlend({ products: [meal], ratio: { n: 0, p2o5: 0, k2o: 0 }, nitrogen: 1 })).toThrow(
      /ratio/,
    )
    expect(() => solveBlend({ products: [], ratio: { n: 1, p2o5: 0, k2o: 0 }, nitrogen: 1 })).toThrow(
      /products/,
    )
  })
})

describe('a dilution', () => {
  it('reaches mg/L as published: 100 mg/L N of a 20 % product is 0.5 g/L, 1:100 stock of 150 mg/L is 75 g/L', () => {
    expect(milligramsPerLitre(0.5, 20)).toBe(100)
    expect(injectorStock({ target: 150, ratio: 100, nitrogen: 20 })).toBe(75)
    expect(injectorStock({ target: 200, ratio: 128, nitrogen: 15 })).toBeCloseTo(170.7, 1)
    expect(() => injectorStock({ target: 150, ratio: 100, nitrogen: 0 })).toThrow(/nitrogen/)
  })
  it('goes by the label, and says when it goes over it', () => {
    expect(doseFor(2, 10, 0.5)).toEqual({ amount: 10, strength: 0.5, overLabel: false })
    expect(doseFor(2, 10, 1.5).overLabel).toBe(true)
    expect(doseFor(2, 10, 1).overLabel).toBe(false)
  })
  it('adds its EC to the water’s', () => {
    expect(ecOfFeed(1, 0.4, { form: 'nitrate' })).toBeCloseTo(1.6, 9)
    // A 20-20-20 on urea carries far less salt than ammonium does; its label's own figure goes before both.
    expect(ecOfFeed(1, 0.4, { form: 'urea' })).toBeCloseTo(1.2, 9)
    expect(ecOfFeed(1, 0, { form: 'ammonium' })).toBeGreaterThan(ecOfFeed(1, 0, { form: 'mixed' }))
    expect(ecOfFeed(2, 0.4, { form: 'urea', label: 1.05 })).toBeCloseTo(2.5, 9)
    expect(() => ecOfFeed(1, 0, { label: 11 })).toThrow(/label/)
  })
  it('counts P and K of the oxides: molar masses 61.95/141.94 and 78.20/94.20', () => {
    expect(P_OF_P2O5).toBeCloseTo(61.95 / 141.94, 3)
    expect(K_OF_K2O).toBeCloseTo(78.2 / 94.2, 3)
  })
  it('in salty soil costs yield [Maas & Hoffman 1977]', () => {
    expect(yieldInSalt('tomato', 2.5)).toBe(1)
    expect(yieldInSalt('tomato', 4.5)).toBeCloseTo(1 - 2 * 0.099, 9)
    expect(yieldInSalt('pepper', 1.5)).toBe(1)
    expect(yieldInSalt('pepper', 3.5)).toBeCloseTo(0.72, 9)
    expect(yieldInSalt('pepper', 30)).toBe(0)
  })
})

describe('what comes free', () => {
  const warm = Array.from({ length: 120 }, () => 20)
  it('is all at once of what dissolves, by the days of what is coated, and first order of meals', () => {
    expect(releasedBy('soluble', [20])[0]).toBe(1)
    const coated = releasedBy(
      'coated',
      Array.from({ length: 90 }, () => 21),
      90,
    )
    expect(coated[44]).toBeCloseTo(0.5, 9)
    expect(coated[89]).toBeCloseTo(1, 9)
    // 65 % in the season; half of that after ln 2 / 0.02 = 35 days at 20 °C.
    expect(releasedBy('meal', warm)[34]).toBeCloseTo(0.65 * (1 - Math.exp(-0.7)), 9)
    expect(releasedBy('castings', warm)[119]!).toBeLessThan(0.4)
  })
  it('of compost comes by nutrient: an eighth of its N, half its P, most of its K', () => {
    const year = Array.from({ length: 400 }, () => 20)
    const all = (nutrient: 'n' | 'p' | 'k') => releasedBy('compost', year, undefined, nutrient).at(-1)!
    expect([all('n'), all('p'), all('k')].map((share) => Math.round(share * 1000) / 1000)).toEqual([
      0.125, 0.5, 0.8,
    ])
  })
  it('is twice as fast in soil 10 °C warmer, and nothing in cold soil', () => {
    const at = (temperature: number, days: number) =>
      releasedBy(
        'meal',
        Array.from({ length: days }, () => temperature),
      ).at(-1)!
    expect(at(30, 20)).toBeCloseTo(at(20, 40), 9)
    expect(at(5, 60)).toBe(0)
  })
})

describe('the ledger of a place', () => {
  const days = 70
  const flat = (value: number) => Array.from({ length: days }, () => value)
  const run = (grams: number, more: { drainage?: number; demand?: number } = {}) =>
    ledger('n', {
      days,
      temperature: flat(20),
      soil: flat(0.05),
      demand: flat(more.demand ?? 0.3),
      drainage: flat(more.drainage ?? 0),
      applications: [{ day: 7, grams, release: 'meal' }],
    })
  it('keeps every gram: what came is what was taken, washed out and left', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        (grams, drainage) => {
          const weeks = run(grams, { drainage })
          const sum = (of: (week: (typeof weeks)[number]) => number) =>
            weeks.reduce((all, week) => all + of(week), 0)
          const taken = sum(({ demand, gap }) => demand - gap)
          expect(sum(({ supply, soil }) => supply + soil)).toBeCloseTo(
            taken + sum(({ leached }) => leached) + weeks.at(-1)!.left,
            9,
          )
          expect(sum(({ supply }) => supply)).toBeLessThanOrEqual(grams + 1e-9)
        },
      ),
    )
  })
  it('shows the gap of a poor place and the glut of an overfed one', () => {
    expect(run(0).every(({ gap }) => gap > 0)).toBe(true)
    expect(glutIn(run(0))).toBeNull()
    expect(glutIn(run(200))).not.toBeNull()
  })
  it('refuses an application of no day of it', () => {
    expect(() =>
      ledger('n', {
        ...{ days, temperature: flat(20), soil: [], demand: [], drainage: [] },
        applications: [{ day: 90, grams: 1, release: 'soluble' }],
      }),
    ).toThrow(/day/)
  })
})

describe('demand', () => {
  it('is by the fruit, and steepest while they swell', () => {
    expect(totalDemand('tomato', 10)).toEqual({ n: 26, p: 4, k: 36, ca: 18, mg: 4 })
    const running = Array.from({ length: 101 }, (_, day) => day * 14)
    const taken = uptakeBy(running, 700)
    expect(taken[0]).toBe(0)
    expect(taken.at(-1)).toBe(1)
    expect(taken[50]).toBeCloseTo(0.5, 6)
    taken.slice(1).forEach((share, day) => expect(share).toBeGreaterThanOrEqual(taken[day]!))
  })
})

describe('a soil test', () => {
  const good = { ph: 6.5, organicMatter: 5, p: 60, k: 200, ca: 1500, mg: 150, ec: 0.8 }
  const rules = (change: Partial<typeof good>) =>
    readSoilTest({ ...good, ...change }, 2.5).map(({ rule }) => rule)
  it('changes nothing where all is well, and names what is off', () => {
    expect(rules({})).toEqual(['soil.ph-good'])
    expect(rules({ ph: 5.4, ca: 300 })).toEqual(['soil.ph-low', 'soil.ca-low'])
    expect(rules({ p: 180, ec: 4 })).toEqual(['soil.salty', 'soil.ph-good', 'soil.p-high'])
    expect(() => rules({ ph: 14 })).toThrow(/ph/)
  })
})

describe('a season by a school', () => {
  /** A place that goes on for a year, whose plants take up 30 g of nitrogen in a bell about its day 60. */
  const place = (days: number): PlaceLedger => {
    const bell = Array.from({ length: days }, (_, day) => Math.exp(-(((day - 60) / 30) ** 2)))
    const all = bell.reduce((sum, one) => sum + one, 0)
    const share = (grams: number) => bell.map((one) => (grams * one) / all)
    const none = Array.from({ length: days }, () => 0)
    return {
      from: '2026-09-01' as IsoDate,
      days,
      today: 0,
      temperature: none.map(() => 20),
      drainage: none,
      demand: { n: share(30), p: share(5), k: share(40) },
      soil: { n: none.map(() => 0.04), p: none, k: none },
      fed: [],
    }
  }
  const plants = { count: 4, crop: 'tomato', flowers: 30 } as const
  it('ends when its plants have taken up what they want, however long the place goes on', () => {
    const [short, long] = [140, 365].map((days) => feedingProgramme('slow-organic', place(days), plants))
    const lastOf = ({ feeds }: typeof short & {}) => feeds.at(-1)!.day
    expect(lastOf(long!)).toBe(lastOf(short!))
    expect(lastOf(long!)).toBeGreaterThan(60)
    expect(lastOf(long!)).toBeLessThan(110)
    expect(long!.glut).toBe(short!.glut)
  })
  it('feeds soluble nitrogen as nitrate once it flowers, and washes less of the other out', () => {
    const { feeds } = feedingProgramme('steady-liquid', place(140), plants)
    const forms = (from: number, to: number) =>
      new Set(feeds.filter(({ day }) => day >= from && day < to).map(({ nitrogen }) => nitrogen))
    expect([...forms(0, 30)]).toEqual(['mixed'])
    expect([...forms(30, 140)]).toEqual(['nitrate'])
  })
})
