import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { nonNegativeWeights } from './non-negative'

type Vector = [number, number, number]
const vector = fc.tuple(
  fc.integer({ min: 0, max: 46 }),
  fc.integer({ min: 0, max: 46 }),
  fc.integer({ min: 0, max: 60 }),
) as fc.Arbitrary<Vector>
const dot = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]

describe('non-negative weights', () => {
  it('are the nearest there are: no column could come nearer, and none that is used is out of balance', () => {
    // What marks the best weights [Kuhn & Tucker]: what is left points along no column, and across those in use.
    fc.assert(
      fc.property(fc.array(vector, { minLength: 1, maxLength: 8 }), vector, (columns, target) => {
        const weights = nonNegativeWeights(columns, target)
        const left = [0, 1, 2].map(
          (row) => target[row]! - columns.reduce((sum, column, at) => sum + column[row]! * weights[at]!, 0),
        ) as Vector
        expect(weights.every((weight) => weight >= 0)).toBe(true)
        expect(weights.filter((weight) => weight > 0).length).toBeLessThanOrEqual(3)
        columns.forEach((column, at) => {
          const gain = dot(column, left) / Math.max(1, Math.hypot(...column))
          expect(gain).toBeLessThan(1e-6)
          if (weights[at]! > 0) expect(Math.abs(gain)).toBeLessThan(1e-6)
        })
      }),
      { numRuns: 4000 },
    )
  })
  it('meet a target that lies among the columns, whatever is doubled beside them', () => {
    const columns: Vector[] = [
      [10, 0, 0],
      [10, 0, 0],
      [0, 5, 0],
      [0, 0, 2],
      [5, 5, 0],
    ]
    const weights = nonNegativeWeights(columns, [20, 10, 4])
    const reached = [0, 1, 2].map((row) =>
      columns.reduce((sum, column, at) => sum + column[row]! * weights[at]!, 0),
    )
    expect(reached).toEqual([20, 10, 4].map((value) => expect.closeTo(value, 9)))
  })
  it('are nothing where every column points away', () => {
    expect(nonNegativeWeights([[0, 0, 1]], [1, 1, 0])).toEqual([0])
  })
})
