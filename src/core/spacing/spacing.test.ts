import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { recommendSpacing, rowPositions } from '.'

const vine = { crop: 'tomato', habit: 'indeterminate', fruit: 'slicer' } as const
const inRow = (change: Partial<Parameters<typeof recommendSpacing>[0]>) =>
  recommendSpacing({ plant: vine, training: 'two-stems', school: 'standard', wetness: 'low', ...change })
    .answer.inRow

describe('recommendSpacing', () => {
  it('goes by training and school', () => {
    expect(inRow({})).toBe(0.6)
    expect(inRow({ training: 'single-stem', school: 'tight' })).toBe(0.35)
    expect(inRow({ training: 'sprawling', school: 'roomy' })).toBe(1.4)
    expect(inRow({ training: 'cage' })).toBe(0.8)
    expect(inRow({ plant: { ...vine, habit: 'determinate' }, training: 'weave' })).toBe(0.6)
    expect(inRow({ plant: { ...vine, habit: 'dwarf' }, training: 'bush' })).toBe(0.5)
    expect(inRow({ plant: { crop: 'pepper', habit: null, fruit: 'bell' }, training: 'pepper' })).toBe(0.4)
    expect(inRow({ plant: { crop: 'pepper', habit: null, fruit: 'hot-small' }, training: 'pepper' })).toBe(
      0.45,
    )
  })
  it('gives a tenth more where it is wet, a quarter where it is very wet, and says why', () => {
    expect(inRow({ wetness: 'medium' })).toBeCloseTo(0.66)
    expect(inRow({ wetness: 'high' })).toBeCloseTo(0.75)
    const { reasons } = recommendSpacing({
      plant: vine,
      training: 'two-stems',
      school: 'standard',
      wetness: 'high',
    })
    expect(reasons.find(({ rule }) => rule === 'spacing.wet')?.values.more).toEqual({
      kind: 'share',
      value: 0.25,
    })
  })
  it('keeps lines in a bed no closer than half the spacing in the row', () => {
    const { answer } = recommendSpacing({
      plant: vine,
      training: 'sprawling',
      school: 'roomy',
      wetness: 'high',
    })
    expect(answer.lines).toBeGreaterThanOrEqual(answer.inRow / 2)
  })
  it('tells what the other schools bring', () => {
    const { alternatives } = recommendSpacing({
      plant: vine,
      training: 'two-stems',
      school: 'standard',
      wetness: 'low',
    })
    expect(alternatives.map(({ school, gains, costs }) => [school, gains[0]!.rule, costs[0]!.rule])).toEqual([
      ['tight', 'spacing.more-plants', 'spacing.less-room'],
      ['roomy', 'spacing.more-room', 'spacing.fewer-plants'],
    ])
  })
})

describe('rowPositions', () => {
  const bed = { length: 3, width: 1.2, inRow: 0.6, lines: 0.5 }
  it('fits as many as counted by hand: 3 m less 15 cm at each end, 60 cm apart, two lines', () => {
    expect(rowPositions({ ...bed, count: 99 })).toMatchObject({ fits: 10, positions: { length: 10 } })
    expect(rowPositions({ ...bed, width: 0.8, count: 99 }).fits).toBe(10)
    expect(rowPositions({ ...bed, width: 0.79, count: 99 }).fits).toBe(5)
  })
  it('puts one in the middle of a pot', () => {
    expect(rowPositions({ length: 0.4, width: 0.4, inRow: 0.5, lines: 0.5, count: 1 }).positions).toEqual([
      { x: 0.2, y: 0.2 },
    ])
  })
  it('stays inside the edges and keeps its distances', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 30, noNaN: true }),
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        fc.double({ min: 0.2, max: 1.2, noNaN: true }),
        fc.double({ min: 0.2, max: 1.2, noNaN: true }),
        fc.integer({ min: 0, max: 60 }),
        (length, width, inRow, lines, count) => {
          const { positions, fits } = rowPositions({ length, width, inRow, lines, count })
          expect(positions).toHaveLength(Math.min(count, fits))
          for (const { x, y } of positions) {
            expect(x).toBeGreaterThanOrEqual(0.15 - 1e-9)
            expect(x).toBeLessThanOrEqual(length - 0.15 + 1e-9)
            expect(y).toBeGreaterThanOrEqual(0.15 - 1e-9)
            expect(y).toBeLessThanOrEqual(width - 0.15 + 1e-9)
          }
          for (const [index, a] of positions.entries())
            for (const b of positions.slice(index + 1)) {
              const same = Math.abs(a.y - b.y) < 1e-9
              expect(same ? Math.abs(a.x - b.x) : Math.abs(a.y - b.y)).toBeGreaterThanOrEqual(
                (same ? inRow : lines) - 1e-9,
              )
            }
        },
      ),
    )
  })
  it('refuses a bed of no size', () => {
    expect(() => rowPositions({ ...bed, length: 0, count: 1 })).toThrow(/length/)
    expect(() => rowPositions({ ...bed, inRow: NaN, count: 1 })).toThrow(/inRow/)
  })
})
