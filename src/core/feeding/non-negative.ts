type Vector = readonly [number, number, number]

/** A share of a column's length under which another one adds nothing of its own. */
const INDEPENDENT = 1e-9

/**
 * The non-negative weights with which columns come nearest to a target in three dimensions. No more than three weights
 * are needed there [Carathéodory], so the best of all subsets of up to three is exact, whatever the columns are.
 *
 * @returns a weight for each column, in their order
 * @see Lawson & Hanson 1974, ch. 23, for the problem
 */
export function nonNegativeWeights(columns: readonly Vector[], target: Vector): number[] {
  let best: { weights: number[]; distance: number } = {
    weights: columns.map(() => 0),
    distance: size(target),
  }
  for (const subset of subsetsOfThree(columns.length)) {
    const found = leastSquares(
      subset.map((index) => columns[index]!),
      target,
    )
    if (found === null || found.some((weight) => weight < 0)) continue
    const reached = subset.reduce<Vector>(
      (sum, index, at) => plus(sum, columns[index]!, found[at]!),
      [0, 0, 0],
    )
    const distance = size(plus(target, reached, -1))
    // Of equals the one that takes the fewest and the first.
    if (distance > best.distance - 1e-12) continue
    const weights = columns.map(() => 0)
    subset.forEach((index, at) => {
      weights[index] = found[at]!
    })
    best = { weights, distance }
  }
  return best.weights
}

/** All subsets of one, then two, then three of `count` indices. */
function subsetsOfThree(count: number): number[][] {
  const singles = Array.from({ length: count }, (_, index) => [index])
  const larger = (sets: number[][]) =>
    sets.flatMap((set) =>
      singles.filter(([index]) => index! > set.at(-1)!).map(([index]) => [...set, index!]),
    )
  const pairs = larger(singles)
  return [...singles, ...pairs, ...larger(pairs)]
}

/** Weights of least squares, by Gram-Schmidt; null: the columns are not independent. */
function leastSquares(columns: readonly Vector[], target: Vector): number[] | null {
  const basis: Vector[] = []
  const upper: number[][] = []
  for (const column of columns) {
    let rest = column
    const parts = basis.map((axis) => {
      const part = dot(axis, rest)
      rest = plus(rest, axis, -part)
      return part
    })
    const length = size(rest)
    if (length <= INDEPENDENT * size(column)) return null
    basis.push([rest[0] / length, rest[1] / length, rest[2] / length])
    upper.push([...parts, length])
  }
  const weights = columns.map(() => 0)
  for (let at = columns.length - 1; at >= 0; at--) {
    let right = dot(basis[at]!, target)
    for (let later = at + 1; later < columns.length; later++) right -= upper[later]![at]! * weights[later]!
    weights[at] = right / upper[at]![at]!
  }
  return weights
}

const dot = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const size = (vector: Vector) => Math.hypot(...vector)
const plus = (a: Vector, b: Vector, times: number): Vector => [
  a[0] + b[0] * times,
  a[1] + b[1] * times,
  a[2] + b[2] * times,
]
