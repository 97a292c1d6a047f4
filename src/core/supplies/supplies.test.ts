import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Supply } from '../facts'
import { added, costOf, PIECE_LIFE, shortOf, spreadOver } from '.'
import { soldLength } from './short'

const stake = (id: string, length: number, quantity: number, more: Partial<Supply> = {}): Supply => ({
  id,
  kind: 'stake',
  name: '',
  quantity,
  length,
  across: null,
  material: null,
  pack: 1,
  price: null,
  ...more,
})

describe('what is short', () => {
  test('is the sum of like needs less what is there, in whole packs', () => {
    const needs = [
      { kind: 'tie' as const, quantity: 70, length: null },
      { kind: 'tie' as const, quantity: 35, length: null },
      { kind: 'label' as const, quantity: 4, length: null },
    ]
    const owned: Supply[] = [
      { ...stake('ties', 1, 20), kind: 'tie', length: null, pack: 50, price: 4 },
      { ...stake('labels', 1, 9), kind: 'label', length: null, pack: 25, price: 6 },
    ]
    expect(added(needs)).toHaveLength(2)
    expect(shortOf(needs, owned, 'metric')).toMatchObject([
      { kind: 'label', needed: 4, owned: 4, short: 0, packs: 0, cost: 0 },
      { kind: 'tie', needed: 105, owned: 20, short: 85, packs: 2, cost: 8, like: 'ties' },
    ])
  })
  test('lets the longest need choose first, and takes the shortest piece that will do', () => {
    const needs = [
      { kind: 'stake' as const, quantity: 3, length: 1.2 },
      { kind: 'stake' as const, quantity: 2, length: 2.4 },
    ]
    const lines = shortOf(needs, [stake('short', 1.2, 2), stake('long', 2.7, 3)], 'metric')
    expect(lines).toMatchObject([
      { length: 1.2, owned: 3, short: 0 },
      { length: 2.4, owned: 2, short: 0 },
    ])
    expect(shortOf(needs, [stake('short', 1.2, 9)], 'metric')[1]).toMatchObject({
      length: 2.4,
      owned: 0,
      cost: null,
      like: null,
    })
  })
  test('buys pieces in the lengths that are sold, and what one length will do for in one line', () => {
    const needs = [2.31, 2.13, 2.37, 1.8].map((length) => ({ kind: 'stake' as const, quantity: 2, length }))
    const long = stake('long', 2.45, 1, { price: 3, pack: 5 })
    expect(shortOf(needs, [long], 'metric')).toMatchObject([
      { length: 1.8, lengths: [1.8], needed: 2, owned: 0, packs: 1 },
      { lengths: [2.37, 2.31, 2.13], needed: 6, owned: 1, short: 5, packs: 1, cost: 3, like: 'long' },
    ])
    const feet = shortOf(needs, [], 'us').map(({ length }) => length! / 0.3048)
    expect(feet.map((value) => value.toFixed(6))).toEqual(['6.000000', '7.000000', '8.000000'])
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 8, noNaN: true }),
        fc.constantFrom('metric', 'us'),
        (length, units) => {
          const sold = soldLength(length, units)
          expect(sold).toBeGreaterThanOrEqual(length - 1e-6)
          expect(sold - length).toBeLessThan(0.3)
          expect(soldLength(sold, units)).toBeCloseTo(sold, 9)
        },
      ),
    )
  })
  test('never loses a piece: what is owned and short makes what is needed', () => {
    const amount = fc.integer({ min: 0, max: 40 })
    const length = fc.constantFrom(0.9, 1.2, 1.8, 2.4)
    fc.assert(
      fc.property(
        fc.array(fc.record({ quantity: amount, length }), { maxLength: 8 }),
        fc.array(fc.record({ quantity: amount, length, pack: fc.integer({ min: 1, max: 10 }) }), {
          maxLength: 8,
        }),
        (needs, owned) => {
          const lines = shortOf(
            needs.map((need) => ({ kind: 'stake' as const, ...need })),
            owned.map((line, index) => stake(String(index), line.length, line.quantity, { pack: line.pack })),
            'metric',
          )
          const sum = (pick: (line: (typeof lines)[number]) => number) =>
            lines.reduce((total, line) => total + pick(line), 0)
          for (const line of lines) {
            expect(line.owned + line.short).toBe(line.needed)
            expect(line.packs * line.pack).toBeGreaterThanOrEqual(line.short)
            expect((line.packs - 1) * line.pack).toBeLessThan(Math.max(1, line.short))
          }
          expect(sum(({ owned: there }) => there)).toBeLessThanOrEqual(
            owned.reduce((total, { quantity }) => total + quantity, 0),
          )
        },
      ),
    )
  })
  test('costs what whole packs cost, and says where a price is missing', () => {
    const sold = [stake('a', 2.4, 99, { pack: 5, price: 12 })]
    const needs = [{ kind: 'stake' as const, quantity: 6, length: 2.4 }]
    expect(costOf(needs, sold, 'metric')).toEqual({ cost: 24, open: false })
    expect(costOf([...needs, { kind: 'tie' as const, quantity: 6, length: null }], sold, 'metric')).toEqual({
      cost: 24,
      open: true,
    })
    expect(costOf([], sold, 'metric')).toEqual({ cost: 0, open: false })
  })
  test('refuses a quantity that is none', () => {
    expect(() => shortOf([{ kind: 'tie', quantity: NaN, length: null }], [], 'metric')).toThrow(/quantity/)
    expect(() => shortOf([], [stake('a', 1, -1)], 'metric')).toThrow(/quantity/)
  })
})

describe('buying over years', () => {
  const [stakes, twine] = shortOf(
    [
      { kind: 'stake', quantity: 10, length: 2.4 },
      { kind: 'twine', quantity: 150, length: null },
    ],
    [stake('a', 2.4, 0, { price: 2.5 })],
    'metric',
  )
  test('shares out what lasts and buys every year what is used up', () => {
    const years = spreadOver([stakes!, twine!], 3)
    const packsOf = (kind: string) =>
      years.map(({ lines }) => lines.find((line) => line.kind === kind)?.packs ?? 0)
    expect(packsOf('stake')).toEqual([4, 3, 3])
    expect(packsOf('twine')).toEqual([2, 2, 2])
    expect(years.map(({ cost, open }) => [cost, open])).toEqual([
      [10, true],
      [7.5, true],
      [7.5, true],
    ])
  })
  test('buys again what is worn', () => {
    expect(PIECE_LIFE.stake).toBe(3)
    const packs = spreadOver([stakes!], 6).map(({ lines }) => lines[0]?.packs ?? 0)
    // Two each in the first four years and one in the last two, and again after three seasons.
    expect(packs).toEqual([2, 2, 2, 2 + 2, 1 + 2, 1 + 2])
  })
  test('refuses no years', () => {
    expect(() => spreadOver([], 0)).toThrow(/years/)
  })
})
