import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { COMMON_PRODUCTS, feedCost, LAYINGS, ledger, plantDose, pricePerKilogram, type Product } from '.'

const pellets: Product = {
  ...COMMON_PRODUCTS[0]!,
  id: 'p',
  n: 4,
  bulkDensity: 0.7,
  labelPlant: 60,
  pack: 5000,
  price: 12,
}

describe('a product', () => {
  it('costs what its nutrient costs, a liquid by its mass', () => {
    // 5 kg of 4 % are 200 g of N for 12.
    expect(pricePerKilogram(pellets, 'n')).toBeCloseTo(60, 9)
    expect(pricePerKilogram({ ...pellets, liquid: true }, 'n')).toBeCloseTo(60 / 0.7, 9)
    expect(pricePerKilogram({ ...pellets, n: 0 }, 'n')).toBeNull()
    expect(pricePerKilogram({ ...pellets, price: null }, 'n')).toBeNull()
  })
  it('among the usual ones has a name of its own and a label that can be', () => {
    for (const key of ['id', 'name'] as const)
      expect(new Set(COMMON_PRODUCTS.map((product) => product[key])).size).toBe(COMMON_PRODUCTS.length)
    for (const { n, p2o5, k2o, release, releaseDays } of COMMON_PRODUCTS) {
      expect(n + p2o5 + k2o).toBeLessThanOrEqual(100)
      expect(releaseDays !== null).toBe(release === 'coated')
    }
  })
})

describe('the dose of one plant', () => {
  it('is worked from the nitrogen wanted, by weight and by the spoon', () => {
    const dose = plantDose(pellets, 'ring', { wanted: 2 })
    expect(dose.grams).toBeCloseTo(50, 9)
    expect(dose.millilitres).toBeCloseTo(50 / 0.7, 9)
    expect(dose.overLabel).toBe(false)
    expect(plantDose(pellets, 'ring', { wanted: 2.5 }).overLabel).toBe(true)
  })
  it('is ten grams of nitrogen in the strip of a box, away from the stem', () => {
    const dose = plantDose(pellets, 'band')
    expect(dose.grams * 0.04).toBeCloseTo(10, 9)
    expect(dose.from).toBeGreaterThan(0.1)
  })
  it('never touches the stem in a ring, nor leaves the canopy', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 2, noNaN: true }), (canopy) => {
        const { from, to } = plantDose(pellets, 'ring', { wanted: 1, canopy })
        expect(from).toBeGreaterThanOrEqual(0.02)
        expect(to).toBeGreaterThan(from)
        expect(to).toBeLessThanOrEqual(Math.max(0.1, canopy / 2) + 1e-9)
      }),
    )
    for (const laying of LAYINGS) expect(() => plantDose({ ...pellets, n: 0 }, laying)).toThrow(/product\.n/)
  })
})

describe('ammonium and urea', () => {
  it('stay while nitrate washes out, and follow it in warm soil', () => {
    const wet = (held: number, temperature: number) =>
      ledger('n', {
        days: 28,
        temperature: Array.from({ length: 28 }, () => temperature),
        soil: [],
        demand: [],
        drainage: Array.from({ length: 28 }, () => 0.1),
        applications: [{ day: 0, grams: 10, release: 'soluble', held }],
      })
    const left = (weeks: ReturnType<typeof wet>) => weeks.at(-1)!.left
    expect(left(wet(1, 20))).toBeGreaterThan(left(wet(0.5, 20)))
    expect(left(wet(0.5, 20))).toBeGreaterThan(left(wet(0, 20)))
    expect(left(wet(1, 9))).toBeGreaterThan(left(wet(1, 25)))
    // What is not there is neither lost nor left.
    for (const weeks of [wet(1, 20), wet(0, 20)])
      expect(left(weeks) + weeks.reduce((sum, { leached }) => sum + leached, 0)).toBeCloseTo(10, 9)
  })
})

describe('what a feed costs', () => {
  const dry = { ...COMMON_PRODUCTS[0]!, name: 'Dry', liquid: false, pack: 1000, price: 6, n: 6 }
  const liquid = { ...dry, name: 'Liquid', liquid: true, bulkDensity: 1.2 }
  it('is its share of the pack, a liquid by its density', () => {
    expect(feedCost([{ name: 'Dry', grams: 250 }], [dry])).toEqual({ cost: 1.5, open: false })
    expect(feedCost([{ name: 'Liquid', grams: 600 }], [liquid]).cost).toBeCloseTo(3, 9)
  })
  it('is open where some of it came from no priced pack, but not where nothing did', () => {
    const unpriced = { ...dry, name: 'Own', price: null }
    const packless = { ...dry, name: 'Loose', pack: null }
    expect(feedCost([{ name: 'Own', grams: 1 }], [unpriced])).toEqual({ cost: 0, open: true })
    expect(feedCost([{ name: 'Loose', grams: 1 }], [packless])).toEqual({ cost: 0, open: true })
    expect(feedCost([{ name: 'Unknown', grams: 0 }], [dry])).toEqual({ cost: 0, open: false })
    expect(
      feedCost(
        [
          { name: 'Own', grams: 5 },
          { name: 'Dry', grams: 500 },
        ],
        [dry, unpriced],
      ),
    ).toEqual({ cost: 3, open: true })
  })
  it('of a kilogram of nitrogen follows from pack, price and share', () => {
    expect(pricePerKilogram(dry, 'n')).toBe(100)
    expect(pricePerKilogram({ ...dry, n: 0 }, 'n')).toBeNull()
    expect(pricePerKilogram({ ...dry, price: null }, 'n')).toBeNull()
    expect(pricePerKilogram({ ...dry, pack: null }, 'n')).toBeNull()
  })
})
