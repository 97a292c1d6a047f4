import { requireAtLeastOne, requireInRange } from '../guard'
import { nonNegativeWeights } from './non-negative'

/** Share of N, P₂O₅ and K₂O, %: as the label gives them. */
export interface Analysis {
  n: number
  p2o5: number
  k2o: number
}

/** A dry fertilizer: its label's analysis, and bulk density, g/mL. */
export interface BlendProduct extends Analysis {
  bulkDensity: number
}

/** @throws RangeError when a share is not from 0 to 100, they are more than 100 together, or the density is not over 0 */
function requireProduct(name: string, { n, p2o5, k2o, bulkDensity }: BlendProduct): void {
  requireInRange(`${name}.n`, n, 0, 100)
  requireInRange(`${name}.p2o5`, p2o5, 0, 100)
  requireInRange(`${name}.k2o`, k2o, 0, 100)
  if (n + p2o5 + k2o > 100)
    throw new RangeError(`${name} must hold at most 100 % together, not ${n + p2o5 + k2o}`)
  requireInRange(`${name}.bulkDensity`, bulkDensity, 0.01, 5)
}

/**
 * What volumes of several products make together.
 *
 * @param parts volume in mL of each
 * @returns mass in g, and the analysis of all, %
 * @throws RangeError naming the parameter that is out of range
 * @example blendAnalysis([{ product: { n: 10, p2o5: 10, k2o: 10, bulkDensity: 1 }, volume: 50 }]) // 50 g, 10–10–10
 */
export function blendAnalysis(
  parts: readonly { product: BlendProduct; volume: number }[],
): Analysis & { mass: number } {
  const sum = { mass: 0, n: 0, p2o5: 0, k2o: 0 }
  parts.forEach(({ product, volume }, index) => {
    requireProduct(`parts[${index}].product`, product)
    requireInRange(`parts[${index}].volume`, volume, 0, 10_000_000)
    const mass = volume * product.bulkDensity
    sum.mass += mass
    sum.n += mass * product.n
    sum.p2o5 += mass * product.p2o5
    sum.k2o += mass * product.k2o
  })
  const { mass } = sum
  if (mass === 0) return { mass, n: 0, p2o5: 0, k2o: 0 }
  return { mass, n: sum.n / mass, p2o5: sum.p2o5 / mass, k2o: sum.k2o / mass }
}

/**
 * Volumes of products whose blend comes nearest to a ratio and holds so much nitrogen: the projection of the ratio's
 * direction on the cone that the products span.
 *
 * @param goal.ratio any multiple of it, as 3 : 1 : 2
 * @param goal.nitrogen g of N in all
 * @returns volumes in mL in the products' order; the blend's analysis, %; `residual`, the distance between the unit
 *   vectors of ratio and result, 0 where it is met. Where no product brings N, all volumes are 0
 * @throws RangeError naming the parameter that is out of range
 */
export function solveBlend(goal: { products: readonly BlendProduct[]; ratio: Analysis; nitrogen: number }): {
  volumes: number[]
  analysis: Analysis
  residual: number
} {
  const { ratio, nitrogen } = goal
  const products = requireAtLeastOne('products', goal.products)
  products.forEach((product, index) => requireProduct(`products[${index}]`, product))
  requireInRange('nitrogen', nitrogen, 0, 1_000_000)
  for (const key of ['n', 'p2o5', 'k2o'] as const) requireInRange(`ratio.${key}`, ratio[key], 0, 1_000_000)
  const wanted = unit([ratio.n, ratio.p2o5, ratio.k2o])
  if (wanted === null) throw new RangeError('ratio must hold something of N, P₂O₅ or K₂O')
  const directions = products.map(
    ({ n, p2o5, k2o }): [number, number, number] => unit([n, p2o5, k2o]) ?? [0, 0, 0],
  )
  const shares = nonNegativeWeights(directions, wanted)
  const masses = shares.map((share, index) => {
    const { n, p2o5, k2o } = products[index]!
    const strength = Math.hypot(n, p2o5, k2o)
    return strength === 0 ? 0 : share / strength
  })
  const brought = masses.reduce((sum, mass, index) => sum + (mass * products[index]!.n) / 100, 0)
  const scale = brought > 1e-12 ? nitrogen / brought : 0
  const volumes = masses.map((mass, index) => (mass * scale) / products[index]!.bulkDensity)
  const { mass: _, ...analysis } = blendAnalysis(
    products.map((product, index) => ({ product, volume: volumes[index]! })),
  )
  const got = unit([analysis.n, analysis.p2o5, analysis.k2o])
  return { volumes, analysis, residual: got === null ? Math.SQRT2 : distance(wanted, got) }
}

function unit(vector: readonly [number, number, number]): [number, number, number] | null {
  const size = Math.hypot(...vector)
  return size === 0 ? null : [vector[0] / size, vector[1] / size, vector[2] / size]
}

const distance = (a: readonly number[], b: readonly number[]) =>
  Math.hypot(...a.map((value, index) => value - b[index]!))
