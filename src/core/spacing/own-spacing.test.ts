import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainPlace } from '../facts'
import { layAnyway, layPlanting, plantingSpacing, type StandingPlant } from '.'

const vine = { crop: 'tomato', habit: 'indeterminate', fruit: 'slicer' } as const
const bell = { crop: 'pepper', habit: null, fruit: 'bell' } as const
const wish = {
  cultivar: vine,
  count: 4,
  training: 'two-stems',
  support: 'stake',
  spacingSchool: 'standard',
} as const
const bed = plainPlace({ id: 'b', name: 'Bed', kind: 'bed', length: 2.4, width: 1.2 })
const pot = plainPlace({ id: 'p', name: 'Pot', kind: 'container', length: 0.4, width: 0.4 })
const isInside = ({ x, y }: { x: number; y: number }, place: typeof bed) =>
  x >= 0 && x <= place.length && y >= 0 && y <= place.width

describe('the distances that a planting keeps', () => {
  it('are its own where they were typed, else the advised ones', () => {
    expect(plantingSpacing(wish, vine, 'low')).toMatchObject({ inRow: 0.6, lines: 0.5 })
    expect(plantingSpacing({ ...wish, ownInRow: 0.33 }, vine, 'low')).toMatchObject({
      inRow: 0.33,
      lines: 0.5,
    })
    expect(plantingSpacing({ ...wish, ownLines: 0.9 }, vine, 'high')).toEqual({
      inRow: 0.75,
      lines: 0.9,
      betweenRows: 0.9,
    })
  })

  it('are kept, whatever they are', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1.2, noNaN: true }),
        fc.double({ min: 0.1, max: 1.2, noNaN: true }),
        (ownInRow, ownLines) => {
          const field = plainPlace({ id: 'f', name: 'F', kind: 'rows', length: 12, width: 6 })
          const { positions } = layPlanting(field, { ...wish, count: 40, ownInRow, ownLines }, [], 'high')
          for (const one of positions)
            for (const other of positions) {
              if (one === other) continue
              const isSameRow = Math.abs(one.y - other.y) < 1e-6
              if (isSameRow) expect(Math.abs(one.x - other.x)).toBeGreaterThan(ownInRow - 1e-6)
              else expect(Math.abs(one.y - other.y)).toBeGreaterThan(ownLines - 1e-6)
            }
        },
      ),
      { numRuns: 40 },
    )
  })
})

describe('a mixed bed', () => {
  it('takes several cultivars, one after the other, that leave each other their room', () => {
    const standing: StandingPlant[] = []
    for (const [cultivar, training, count] of [
      [vine, 'single-stem', 3],
      [bell, 'pepper', 3],
      [vine, 'two-stems', 1],
    ] as const) {
      const { positions, fits, laid } = layPlanting(
        bed,
        { ...wish, cultivar, training, count },
        standing,
        'low',
      )
      expect(fits).toBeGreaterThanOrEqual(count)
      expect(positions).toHaveLength(count)
      standing.push(...laid)
    }
    expect(standing).toHaveLength(7)
  })
})

describe('what does not fit', () => {
  it('is planted anyway, every plant of it, inside its place and as far apart as there is room', () => {
    const { fits } = layPlanting(bed, { ...wish, count: 0 }, [], 'low')
    const { positions, inRow } = layAnyway(bed, { ...wish, count: fits + 3 }, [], 'low')
    expect(positions).toHaveLength(fits + 3)
    expect(positions.every((position) => isInside(position, bed))).toBe(true)
    expect(inRow).toBeLessThan(0.6)
    expect(inRow).toBeGreaterThan(0.3)
  })

  it('goes beside what fills the place', () => {
    const full = layPlanting(bed, { ...wish, count: 99 }, [], 'low').laid
    const { positions } = layAnyway(
      bed,
      { ...wish, cultivar: bell, training: 'pepper', count: 2 },
      full,
      'low',
    )
    for (const one of positions)
      for (const other of full) expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThan(0.08)
  })

  it('is never refused, however many and however small the place', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 300 }),
        fc.constantFrom(bed, pot),
        fc.constantFrom('stake', 'cage', 'none'),
        (count, place, support) => {
          const { positions, inRow, lines } = layAnyway(place, { ...wish, count, support }, [], 'high')
          expect(positions).toHaveLength(count)
          expect(positions.every((position) => isInside(position, place))).toBe(true)
          expect(Math.min(inRow, lines)).toBeGreaterThan(0.001)
        },
      ),
      { numRuns: 60 },
    )
  })
})
