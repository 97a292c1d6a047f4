import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SIDES } from '../facts'
import { bedCapacity, type CapacityInput } from '.'

const bed = (more: Partial<CapacityInput> = {}): CapacityInput => ({
  length: 3,
  width: 1.2,
  inRow: 0.6,
  betweenRows: 0.5,
  edge: 0.15,
  openSides: ['north', 'south'],
  layout: 'rows',
  ...more,
})
const answer = (more: Partial<CapacityInput> = {}) => bedCapacity(bed(more)).answer
const count = (more: Partial<CapacityInput> = {}) => answer(more).count

describe('bedCapacity, counted by hand', () => {
  it('lays two lines of five in 3 m by 1.2 m', () => {
    // Along: 2.7 m hold 4 steps of 60 cm, 5 plants. Across: 90 cm hold one step of 50 cm, 2 lines.
    expect(count()).toBe(10)
    expect(count({ width: 1.3 })).toBe(10) // a third line would lie 65 cm from either side
    expect(count({ width: 1.3, armReach: 0.65 })).toBe(15)
    expect(count({ width: 0.79 })).toBe(5)
    expect(count({ length: 3.3 })).toBe(12)
  })
  it('spreads them evenly over the bed', () => {
    const { positions } = answer()
    expect(positions.slice(0, 5).map(({ x }) => x)).toEqual(
      [0.15, 0.825, 1.5, 2.175, 2.85].map((x) => expect.closeTo(x, 9)),
    )
    expect([...new Set(positions.map(({ y }) => y))]).toEqual([0.15, expect.closeTo(1.05, 9)])
    expect(answer({ length: 0.4, width: 0.4 }).positions).toEqual([
      { x: expect.closeTo(0.2, 9), y: expect.closeTo(0.2, 9) },
    ])
  })
  it('offsets lines where that holds more: 6 + 5 + 6 at 50 cm', () => {
    expect(count({ inRow: 0.5 })).toBe(12)
    expect(count({ inRow: 0.5, layout: 'staggered' })).toBe(17)
    expect(count({ inRow: 0.5, layout: 'best' })).toBe(17)
  })
  it('does not offset lines that are far enough apart as they are', () => {
    expect(
      count({ length: 0.7, width: 0.6, inRow: 0.2, layout: 'staggered', armReach: 1 }),
    ).toBeGreaterThanOrEqual(count({ length: 0.7, width: 0.6, inRow: 0.2, betweenRows: 0.3, armReach: 1 }))
  })
  it('keeps whole cages inside, side by side', () => {
    // 60 cm cages: 3 m hold 5, 1.2 m hold 2.
    const caged = bedCapacity(bed({ inRow: 0.45, supportDiameter: 0.6 }))
    expect(caged.answer).toMatchObject({ count: 10, boundBy: 'support' })
    expect(count({ supportDiameter: 1.3 })).toBe(0)
  })
  it('stands plants at every second emitter when they want more than one step of them', () => {
    // 45 cm apart, emitters every 30 cm from 15 cm on, one line: each at an emitter, 60 cm apart.
    const wet = { spacing: 0.3, first: 0.15, lines: [0.6], reach: 0 }
    const one = answer({ inRow: 0.45, emitters: wet })
    expect(one).toMatchObject({ count: 5, boundBy: 'emitters' })
    expect(one.positions.map(({ x }) => x)).toEqual(
      [0.15, 0.75, 1.35, 1.95, 2.55].map((x) => expect.closeTo(x, 9)),
    )
    // 8 cm of play bring them closer: from the left as soon as may be, 15, 67, 112, 157, 202 and 247 cm are six.
    const { positions } = answer({ inRow: 0.45, emitters: { ...wet, reach: 0.08 } })
    const xs = positions.map(({ x }) => x)
    expect(xs).toHaveLength(6)
    for (const x of xs) expect(Math.abs((x % 0.3) - 0.15)).toBeLessThan(0.08 + 1e-9)
    xs.slice(1).forEach((x, at) => expect(x - xs[at]!).toBeGreaterThan(0.45 - 1e-9))
  })
  it('tells what a second drip line would bring', () => {
    const { alternatives } = bedCapacity(bed({ emitters: { spacing: 0.3, first: 0.15, lines: [0.6] } }))
    expect(alternatives.find(({ school }) => school === 'emitters')!.answer.count).toBe(10)
  })
  it('leaves the middle empty that no arm reaches', () => {
    expect(answer({ width: 2, openSides: ['south'] })).toMatchObject({ count: 5, boundBy: 'reach' })
    expect(count({ width: 2, openSides: ['south', 'north'] })).toBe(10)
    expect(count({ openSides: [] })).toBe(0)
  })
  it('gives what is left when half is taken', () => {
    const half = answer({ taken: [{ x: 0, y: 0, length: 1.5, width: 1.2 }] })
    expect(half).toMatchObject({ count: 6, boundBy: 'taken' })
    expect(Math.min(...half.positions.map(({ x }) => x))).toBeGreaterThanOrEqual(1.5)
  })
  it('says when the spacing binds and when the edge does', () => {
    expect(answer({ length: 3.29, width: 5, openSides: SIDES, armReach: 5 }).boundBy).toBe('spacing')
    expect(answer({ width: 0.75, betweenRows: 0.55 }).boundBy).toBe('edge')
  })
  it('refuses what is no bed', () => {
    expect(() => bedCapacity(bed({ length: 0 }))).toThrow(/length/)
    expect(() => bedCapacity(bed({ width: -1 }))).toThrow(/width/)
    expect(() => bedCapacity(bed({ inRow: NaN }))).toThrow(/inRow/)
    expect(() => bedCapacity(bed({ length: 900, width: 900 }))).toThrow(/at most/)
    expect(() => bedCapacity(bed({ emitters: { spacing: 0, first: 0, lines: [] } }))).toThrow(/emitters/)
  })
})

const metres = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const anyBed = fc.record(
  {
    length: metres(0.3, 8),
    width: metres(0.3, 3),
    inRow: metres(0.2, 1.2),
    betweenRows: metres(0.2, 1.2),
    edge: metres(0, 0.5),
    endEdge: metres(0, 0.5),
    supportDiameter: metres(0, 0.8),
    emitters: fc.record(
      {
        spacing: metres(0.1, 0.6),
        first: metres(0, 0.5),
        lines: fc.array(metres(0, 3), { maxLength: 3 }),
        reach: metres(0, 0.15),
      },
      { requiredKeys: ['spacing', 'first', 'lines'] },
    ),
    openSides: fc.subarray([...SIDES]),
    armReach: metres(0.2, 1.5),
    taken: fc.array(
      fc.record({ x: metres(-1, 8), y: metres(-1, 3), length: metres(0, 3), width: metres(0, 2) }),
      { maxLength: 4 },
    ),
    layout: fc.constantFrom('rows', 'staggered', 'best'),
  },
  { requiredKeys: ['length', 'width', 'inRow', 'betweenRows', 'edge', 'openSides'] },
) as fc.Arbitrary<CapacityInput>

const SLACK = 1e-6

describe('bedCapacity, for any bed', () => {
  it('keeps every limit', () => {
    fc.assert(
      fc.property(anyBed, (input) => {
        const { positions, count } = bedCapacity(input).answer
        const { length, width, inRow, betweenRows, edge, endEdge = edge, supportDiameter = 0 } = input
        const [across, along] = [Math.max(edge, supportDiameter / 2), Math.max(endEdge, supportDiameter / 2)]
        const apart = input.layout === 'staggered' ? inRow : Math.min(inRow, betweenRows)
        expect(positions).toHaveLength(count)
        positions.forEach(({ x, y }, index) => {
          expect(x).toBeGreaterThanOrEqual(along - SLACK)
          expect(x).toBeLessThanOrEqual(length - along + SLACK)
          expect(y).toBeGreaterThanOrEqual(across - SLACK)
          expect(y).toBeLessThanOrEqual(width - across + SLACK)
          for (const other of positions.slice(index + 1))
            expect(Math.hypot(other.x - x, other.y - y)).toBeGreaterThanOrEqual(
              Math.max(apart, supportDiameter) - SLACK,
            )
          for (const ground of input.taken ?? [])
            expect(
              x > ground.x + SLACK &&
                x < ground.x + ground.length - SLACK &&
                y > ground.y + SLACK &&
                y < ground.y + ground.width - SLACK,
            ).toBe(false)
          const reach = input.armReach ?? 0.6
          const from = { south: y, north: width - y, west: x, east: length - x }
          expect(input.openSides.some((side) => from[side] <= reach + SLACK)).toBe(true)
          if (!input.emitters) return
          const { spacing, first, lines, reach: wet = 0.08 } = input.emitters
          const nearest = first + Math.max(0, Math.round((x - first) / spacing)) * spacing
          expect(Math.min(...lines.map((line) => Math.hypot(line - y, nearest - x)))).toBeLessThanOrEqual(
            wet + SLACK,
          )
        })
      }),
      { numRuns: 400 },
    )
  })
  it('never holds fewer when a limit is loosened', () => {
    const loosen = fc.constantFrom<(input: CapacityInput, by: number) => CapacityInput>(
      (input, by) => ({ ...input, inRow: Math.max(0.2, input.inRow * (1 - by)) }),
      (input, by) => ({ ...input, betweenRows: Math.max(0.2, input.betweenRows * (1 - by)) }),
      (input, by) => ({
        ...input,
        edge: input.edge * (1 - by),
        endEdge: (input.endEdge ?? input.edge) * (1 - by),
      }),
      (input, by) => ({ ...input, supportDiameter: (input.supportDiameter ?? 0) * (1 - by) }),
      (input, by) => ({ ...input, armReach: (input.armReach ?? 0.6) + by }),
      (input) => ({ ...input, openSides: SIDES }),
      (input) => ({ ...input, taken: input.taken?.slice(1) }),
      (input) => ({ ...input, emitters: undefined }),
      (input, by) => ({
        ...input,
        emitters: input.emitters && { ...input.emitters, reach: (input.emitters.reach ?? 0.08) + by / 5 },
      }),
      (input, by) => ({
        ...input,
        emitters: input.emitters && { ...input.emitters, lines: [...input.emitters.lines, by * input.width] },
      }),
    )
    fc.assert(
      fc.property(anyBed, loosen, metres(0, 0.6), (input, change, by) => {
        const before = bedCapacity(input).answer.count
        expect(bedCapacity(change(input, by)).answer.count).toBeGreaterThanOrEqual(before)
      }),
      { numRuns: 1500, seed: 212 },
    )
  })
  it('names a limit that is there, and steps that never lose', () => {
    fc.assert(
      fc.property(anyBed, (input) => {
        const { answer, alternatives } = bedCapacity(input)
        if (answer.boundBy === 'emitters') expect(input.emitters).toBeDefined()
        if (answer.boundBy === 'taken') expect(input.taken?.length).toBeGreaterThan(0)
        if (answer.boundBy === 'support') expect(input.supportDiameter).toBeGreaterThan(0)
        for (const other of alternatives) expect(other.answer.count).toBeGreaterThanOrEqual(answer.count)
      }),
    )
  })
})
