import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  COMPONENTS,
  floorLoad,
  mixBill,
  potAdvice,
  potVolume,
  RECIPE_PARTS,
  wetMass,
  wetMassPerLitre,
} from '.'

const pot = { shape: 'round', top: 0.4, bottom: null, across: null, height: 0.4 } as const
const vine = { crop: 'tomato', habit: 'indeterminate' } as const
const pepper = { crop: 'pepper', habit: null } as const

describe('a pot’s volume', () => {
  it('is worked out by hand for each shape, to the rim', () => {
    expect(potVolume(pot).brim).toBeCloseTo(50.27, 2) // π × 0.2² × 0.4
    expect(potVolume({ ...pot, shape: 'square' }).brim).toBeCloseTo(64, 6)
    expect(potVolume({ ...pot, shape: 'trough', top: 1, across: 0.3, height: 0.3 }).brim).toBeCloseTo(90, 6)
    // A cut cone, 40 cm over 30 cm: π × 0.4 / 12 × (0.16 + 0.12 + 0.09) = 38.75 L.
    expect(potVolume({ ...pot, shape: 'tapered', bottom: 0.3 }).brim).toBeCloseTo(38.75, 2)
    expect(potVolume({ ...pot, shape: 'bag' }).brim).toBeLessThan(potVolume(pot).brim)
  })
  it('is filled to 4 cm below the rim', () => {
    expect(potVolume(pot).filled).toBeCloseTo(45.24, 2)
  })
  it('tapers from a cylinder to less', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 0.4, noNaN: true }), (bottom) => {
        const tapered = potVolume({ ...pot, shape: 'tapered', bottom })
        expect(tapered.brim).toBeLessThanOrEqual(potVolume(pot).brim + 1e-9)
        expect(tapered.filled).toBeLessThan(tapered.brim)
      }),
    )
  })
  it('refuses a pot without height, or a taper without a bottom', () => {
    expect(() => potVolume({ ...pot, height: 0 })).toThrow(/height/)
    expect(() => potVolume({ ...pot, shape: 'tapered' })).toThrow(/bottom/)
  })
})

describe('what a pot should hold', () => {
  it('goes by habit: 26 L a vine, 19 L a bush, 11 L a pepper', () => {
    expect(potAdvice(vine, 20, false).answer).toMatchObject({ least: 26, plants: 0, verdict: 'too-small' })
    expect(potAdvice({ ...vine, habit: 'determinate' }, 20, false).answer).toMatchObject({
      plants: 1,
      verdict: 'good',
    })
    expect(potAdvice(pepper, 12, false).answer).toMatchObject({ plants: 1, verdict: 'least' })
    expect(potAdvice(pepper, 45, false).answer.plants).toBe(4)
  })
  it('lets two share a self-watering box of 50 L, and one stand in 10 L that is fed daily', () => {
    expect(potAdvice(vine, 50, true).answer.plants).toBe(2)
    expect(potAdvice(vine, 12, false).alternatives[0]!.answer.verdict).toBe('good')
  })
})

describe('a mix', () => {
  it('is bought loose, in whole bags: 8 pots of 30 L in thirds', () => {
    // 240 L settled are 274.3 L loose, a third each 91.4 L: three bags of 40 L.
    const bill = mixBill({ litres: 30, pots: 8, parts: RECIPE_PARTS.thirds })
    expect(bill.map(({ component, bags }) => [component, bags])).toEqual([
      ['compost', 3],
      ['coir', 3],
      ['perlite', 3],
    ])
    expect(bill[0]!.litres).toBeCloseTo(91.43, 2)
    expect(bill[0]!.over).toBeCloseTo(28.57, 2)
  })
  it('always buys enough, and never a bag too many', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        fc.record(Object.fromEntries(COMPONENTS.map((name) => [name, fc.integer({ min: 0, max: 9 })]))),
        fc.constantFrom(10, 40, 70),
        (litres, pots, parts, bag) => {
          fc.pre(Object.values(parts).some((share) => share > 0))
          const bill = mixBill({ litres, pots, parts, bag })
          const loose = bill.reduce((sum, line) => sum + line.litres, 0)
          expect(loose * 0.875).toBeCloseTo(litres * pots, 6)
          for (const { bags, litres: wanted, over } of bill) {
            expect(bags * bag).toBeGreaterThanOrEqual(wanted - 1e-6)
            expect(over).toBeLessThan(bag)
          }
        },
      ),
    )
  })
  it('weighs, soaked, what its parts weigh with their water', () => {
    expect(wetMassPerLitre({ compost: 1 })).toBeCloseTo(0.9, 9)
    expect(wetMassPerLitre(RECIPE_PARTS.thirds)).toBeCloseTo((0.9 + 0.68 + 0.35) / 3, 9)
  })
  it('refuses a mix of nothing', () => {
    expect(() => mixBill({ litres: 30, pots: 1, parts: {} })).toThrow(/parts/)
    expect(() => mixBill({ litres: 30, pots: 0, parts: { peat: 1 } })).toThrow(/pots/)
  })
})

describe('a pot on a floor', () => {
  it('weighs its soaked mix, itself and its plant', () => {
    // 40 L: 40 / 0.875 × 0.9 = 41.1, the pot 1.6, a laden vine 7.
    expect(wetMass({ litres: 40, parts: { compost: 1 }, plants: [vine] })).toBeCloseTo(49.74, 2)
  })
  it('adds up, against what the floor carries', () => {
    expect(floorLoad([50, 50], 90).answer).toEqual({ total: 100, over: 10 })
    expect(floorLoad([50, 50], 200).answer.over).toBe(0)
    const unknown = floorLoad([50], null)
    expect(unknown.answer.over).toBeNull()
    expect(unknown.cautions).toContain('balcony-load')
  })
})
