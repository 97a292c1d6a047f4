import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainPlace } from '../facts'
import { bedOf, placeInBed, recommendSpacing, takenBy } from '.'

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

describe('placeInBed', () => {
  const bed = {
    length: 3,
    width: 1.2,
    inRow: 0.6,
    betweenRows: 0.5,
    edge: 0.15,
    openSides: ['north', 'south'],
    layout: 'rows',
  } as const
  const bedLike = (length: number, width: number, wet: boolean) => ({
    ...bed,
    length,
    width,
    armReach: 2,
    emitters: wet ? { spacing: 0.3, first: 0.1, lines: [width / 3, (2 * width) / 3] } : undefined,
  })
  it('takes as few lines as hold them, the first of them in the middle', () => {
    const few = placeInBed(bed, 4)
    expect(few.fits).toBe(10)
    expect(few.positions.map(({ y }) => y)).toEqual([0.6, 0.6, 0.6, 0.6].map((y) => expect.closeTo(y, 9)))
    expect(new Set(placeInBed(bed, 6).positions.map(({ y }) => y)).size).toBe(2)
  })
  it('spreads fewer wider, but not out of sight of each other', () => {
    const [first, second] = placeInBed(bed, 2).positions
    expect(second!.x - first!.x).toBeCloseTo(0.9, 9)
    expect((first!.x + second!.x) / 2).toBeCloseTo(1.5, 9)
  })
  it('goes from emitter to emitter evenly, wide where there is room', () => {
    const wet = { ...bed, emitters: { spacing: 0.3, first: 0.15, lines: [0.6], reach: 0 } }
    const xs = placeInBed(wet, 3).positions.map(({ x }) => x)
    expect(xs[1]! - xs[0]!).toBeCloseTo(0.9, 9)
    expect(xs[2]! - xs[1]!).toBeCloseTo(0.9, 9)
  })
  it('gives what fits where more is wanted, on emitters, beside what stands there', () => {
    const wet = { ...bed, emitters: { spacing: 0.3, first: 0.15, lines: [0.3, 0.9], reach: 0 } }
    expect(placeInBed(wet, 99).positions).toHaveLength(10)
    const taken = [{ x: 0, y: 0, length: 1.6, width: 1.2 }]
    for (const { x } of placeInBed({ ...bed, taken }, 3).positions) expect(x).toBeGreaterThanOrEqual(1.6)
  })
  it('places what is asked, at its distances, for any count that fits', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 8, noNaN: true }),
        fc.double({ min: 0.4, max: 2, noNaN: true }),
        fc.integer({ min: 0, max: 40 }),
        fc.boolean(),
        (length, width, count, wet) => {
          const input = bedLike(length, width, wet)
          const { positions, fits } = placeInBed(input, count)
          expect(positions).toHaveLength(Math.min(count, fits))
          positions.forEach((one, index) => {
            for (const other of positions.slice(index + 1))
              expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThanOrEqual(0.5 - 1e-6)
          })
        },
      ),
    )
  })
  it('lays a block from one end, or one line before the next', () => {
    const block = placeInBed(bed, 4, 'block').positions
    expect(block.map(({ x }) => x)).toEqual([0.15, 0.15, 0.75, 0.75].map((x) => expect.closeTo(x, 9)))
    const line = placeInBed(bed, 4, 'line').positions
    expect(line.map(({ x }) => x)).toEqual([0.15, 0.75, 1.35, 1.95].map((x) => expect.closeTo(x, 9)))
    expect(new Set(line.map(({ y }) => y)).size).toBe(1)
    // All that fit stand as they would over the whole bed.
    expect(placeInBed(bed, 10, 'block')).toEqual(placeInBed(bed, 10))
  })
  it('leaves room for as many beside it as there was, whichever way it is packed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.8, max: 8, noNaN: true }),
        fc.double({ min: 0.4, max: 2, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        fc.boolean(),
        fc.constantFrom('block' as const, 'line' as const),
        (length, width, count, wet, laying) => {
          const input = bedLike(length, width, wet)
          const { positions, fits } = placeInBed(input, count, laying)
          const own = { inRow: bed.inRow, lines: bed.betweenRows }
          const taken = takenBy(
            positions.map((position) => ({ ...position, ...own })),
            own,
          )
          expect(placeInBed({ ...input, taken }, 99).fits).toBeGreaterThanOrEqual(fits - positions.length)
        },
      ),
    )
  })
  it('refuses a bed of no size', () => {
    expect(() => placeInBed({ ...bed, length: 0 }, 1)).toThrow(/length/)
    expect(() => placeInBed(bed, -1)).toThrow(/count/)
  })
})

describe('a place as a bed', () => {
  it('keeps half a row distance from the sides of a field row, and nothing but its emitters from a bed', () => {
    const spacing = { inRow: 0.6, betweenRows: 1.1, lines: 0.5 }
    const row = plainPlace({ id: 'r', name: 'R', kind: 'rows', length: 12, width: 1.1 })
    expect(bedOf(row, spacing, 'stake', { crop: 'tomato' })).toMatchObject({
      edge: 0.55,
      endEdge: 0.3,
      betweenRows: 1.1,
    })
    const wet = {
      ...plainPlace({ id: 'b', name: 'B', kind: 'bed', length: 3, width: 1.2 }),
      dripLines: [0.6],
      emitterSpacing: 0.3,
    }
    expect(bedOf(wet, spacing, 'cage', { crop: 'tomato' })).toMatchObject({
      edge: 0.15,
      supportDiameter: 0.6,
      emitters: { spacing: 0.3, first: 0.15, lines: [0.6] },
    })
  })
  it('leaves a narrow pot its middle', () => {
    const pot = plainPlace({ id: 'p', name: 'P', kind: 'container', length: 0.25, width: 0.25 })
    const bed = bedOf(pot, { inRow: 0.5, betweenRows: 0.9, lines: 0.5 }, 'none', { crop: 'tomato' })
    expect(placeInBed(bed, 1).positions).toEqual([
      { x: expect.closeTo(0.125, 9), y: expect.closeTo(0.125, 9) },
    ])
  })
  it('keeps halfway between what two kinds want', () => {
    const taken = takenBy([{ x: 1, y: 0.6, inRow: 0.8, lines: 0.6 }], { inRow: 0.4, lines: 0.4 })
    expect(taken[0]).toEqual({
      x: expect.closeTo(0.4, 9),
      y: expect.closeTo(0.1, 9),
      length: expect.closeTo(1.2, 9),
      width: expect.closeTo(1, 9),
    })
  })
})

describe('a cage', () => {
  it('lets plants stand no closer than it is wide, and says so', () => {
    const { answer, reasons } = recommendSpacing({
      plant: { crop: 'pepper', habit: null, fruit: 'bell' },
      training: 'pepper',
      school: 'tight',
      wetness: 'low',
      cage: 0.5,
    })
    expect(answer).toMatchObject({ inRow: 0.5, lines: 0.5 })
    expect(reasons.find(({ rule }) => rule === 'spacing.support')?.weight).toBe('decides')
  })
})
