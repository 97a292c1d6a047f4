import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { crowding, halves, hedged, layRuns, leafAreaOf, unaccounted, unhedged, type RowRun } from '.'

const plant = (id: string, x: number, apart = 0.6) => ({ id, x, y: 0, apart, leafArea: 1.4 })

describe('crowding', () => {
  it('is 1 as advised, more when closer, nothing alone', () => {
    const { index, crowded } = crowding([plant('a', 0), plant('b', 0.6), plant('c', 1)], 2)
    expect(index.get('a')).toBeCloseTo(1, 9)
    expect(index.get('b')).toBeCloseTo(1.5, 9)
    expect(crowded).toEqual(['b', 'c'])
    expect(crowding([plant('a', 0)], 1).index.get('a')).toBe(0)
  })
  it('asks half of what each wants between two of a kind', () => {
    const { index } = crowding([plant('a', 0, 0.8), plant('b', 0.6, 0.4)], 1)
    expect(index.get('a')).toBeCloseTo(1, 9)
  })
  it('tells how much leaf the ground carries, and the light it takes', () => {
    const { leafAreaIndex, lightTaken } = crowding([plant('a', 0), plant('b', 0.6)], 1.4)
    expect(leafAreaIndex).toBeCloseTo(2, 9)
    expect(lightTaken).toBeCloseTo(1 - Math.exp(-1.4), 9)
    const vine = { crop: 'tomato', habit: 'indeterminate', fruit: 'slicer' } as const
    expect(leafAreaOf(vine, 'single-stem')).toBeCloseTo(0.8, 9)
    expect(leafAreaOf(vine, 'cage')).toBeGreaterThan(leafAreaOf(vine, 'two-stems'))
    expect(leafAreaOf({ crop: 'pepper', habit: null, fruit: 'bell' }, 'pepper')).toBeCloseTo(0.64, 9)
  })
})

const run = (cultivarId: string, plants: number, inRow = 0.5): RowRun => ({ cultivarId, plants, inRow })
const row = { length: 6, endEdge: 0.25 }

describe('a row of runs', () => {
  it('lays each at its own distance, and the mean where they meet', () => {
    const { runs, left } = layRuns(row, [run('a', 3, 0.6), run('b', 2, 0.4)])
    expect(runs.map(({ xs }) => xs)).toEqual([
      [0.25, 0.85, 1.45].map((x) => expect.closeTo(x, 9)),
      [1.95, 2.35].map((x) => expect.closeTo(x, 9)),
    ])
    expect(left).toBeCloseTo(3.4, 9)
  })
  it('tells how much row is wanting', () => {
    expect(layRuns(row, [run('a', 13)]).left).toBeCloseTo(-0.5, 9)
    expect(layRuns(row, []).left).toBeCloseTo(5.5, 9)
  })
  it('halves a row into as many of each as it holds', () => {
    expect(halves(row, { cultivarId: 'a', inRow: 0.5 }, { cultivarId: 'b', inRow: 0.5 })).toEqual([
      run('a', 6),
      run('b', 6),
    ])
  })
  it('puts an untried cultivar between trusted ones', () => {
    const trusted = new Set(['old'])
    const woven = hedged([run('new', 4), run('old', 8)], trusted)
    expect(woven.map(({ cultivarId, plants }) => [cultivarId, plants])).toEqual([
      ['old', 4],
      ['new', 4],
      ['old', 4],
    ])
    expect(unhedged(woven, trusted)).toEqual([])
    expect(unhedged([run('new', 4), run('old', 8)], trusted)).toHaveLength(1)
  })
  it('keeps every plant when it hedges, and hedges all that it can', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('a', 'b', 'x', 'y', 'z'), fc.integer({ min: 1, max: 9 })), {
          maxLength: 8,
        }),
        (list) => {
          const runs = list.map(([id, plants]) => run(id, plants))
          const trusted = new Set(['a', 'b'])
          const woven = hedged(runs, trusted)
          const sum = (of: RowRun[], id: string) =>
            of.filter(({ cultivarId }) => cultivarId === id).reduce((all, { plants }) => all + plants, 0)
          for (const id of ['a', 'b', 'x', 'y', 'z']) expect(sum(woven, id)).toBe(sum(runs, id))
          const known = runs.filter(({ cultivarId }) => trusted.has(cultivarId))
          const untried = runs.length - known.length
          if (known.reduce((all, { plants }) => all + plants, 0) > untried)
            expect(unhedged(woven, trusted)).toEqual([])
        },
      ),
    )
  })
  it('finds what was raised and has no place, and places that stay empty', () => {
    expect(
      unaccounted([
        { plantingId: 'a', raised: 8, positions: 6 },
        { plantingId: 'b', raised: 4, positions: 4 },
        { plantingId: 'c', raised: 3, positions: 5 },
      ]),
    ).toEqual([
      { plantingId: 'a', leftOff: 2, empty: 0 },
      { plantingId: 'c', leftOff: 0, empty: 2 },
    ])
  })
})
