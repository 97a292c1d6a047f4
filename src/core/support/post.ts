import type { PostMaterial } from '../facts'
import { requireInRange } from '../guard'

export type Ground = 'loose' | 'firm'

/** Unit weight, N/m³, and friction angle, °, of tilled and of settled soil. */
const GROUND: Record<Ground, { weight: number; friction: number }> = {
  loose: { weight: 14_000, friction: 28 },
  firm: { weight: 17_000, friction: 33 },
}

/** γ K_p, N/m³: passive pressure a metre down. */
function passive(soil: Ground): number {
  const { weight, friction } = GROUND[soil]
  return weight * Math.tan(((45 + friction / 2) * Math.PI) / 180) ** 2
}

/**
 * The push at which a short rigid post gives way in loose ground: H_u = ½ γ D L³ K_p / (e + L)
 * [Broms 1964, free head, cohesionless].
 *
 * @param post diameter, embedment and height of the load above the ground, m
 * @returns N, ultimate
 * @throws RangeError when a number is out of range
 */
export function lateralCapacity(post: {
  diameter: number
  embedment: number
  loadHeight: number
  soil: Ground
}): number {
  const { diameter, embedment, loadHeight, soil } = post
  requireInRange('diameter', diameter, 0.002, 1)
  requireInRange('embedment', embedment, 0, 20)
  requireInRange('loadHeight', loadHeight, 0, 20)
  if (embedment === 0) return 0
  return (0.5 * passive(soil) * diameter * embedment ** 3) / (loadHeight + embedment)
}

/** Even without wind a post stands so deep, m; deeper than this it wants to be thicker, or anchored. */
export const LEAST_EMBEDMENT = 0.45
export const DEEPEST = 0.9
const MOST = 20

/**
 * How deep a post must stand to bear a push with a safety factor; never less than the minimum.
 *
 * @param post force, N; diameter and height of the load, m; safetyFactor 2 and minimum 0.45 m unless said
 * @returns m
 * @throws RangeError when a number is out of range, or when no depth up to 20 m would hold
 */
export function embedmentFor(post: {
  force: number
  diameter: number
  loadHeight: number
  soil: Ground
  safetyFactor?: number
  minimum?: number
}): number {
  const { force, diameter, loadHeight, soil, safetyFactor = 2, minimum = LEAST_EMBEDMENT } = post
  requireInRange('force', force, 0, 1_000_000)
  requireInRange('safetyFactor', safetyFactor, 1, 10)
  requireInRange('minimum', minimum, 0, MOST)
  const wanted = force * safetyFactor
  const holds = (embedment: number) => lateralCapacity({ diameter, embedment, loadHeight, soil }) >= wanted
  if (!holds(MOST))
    throw new RangeError(`force is more than a post of ${diameter} m bears at any depth: ${force} N`)
  let [low, high] = [0, MOST]
  // Capacity only grows with depth: fifty halvings end far under a micrometre.
  for (let turn = 0; turn < 50; turn++) {
    const middle = (low + high) / 2
    if (holds(middle)) high = middle
    else low = middle
  }
  return Math.max(minimum, high)
}

/** What materials bear in bending, Pa [agronomy of supports: allowed wood, bamboo and mild steel]. */
export const BEARS: Record<PostMaterial, number> = {
  bamboo: 25e6,
  softwood: 12e6,
  hardwood: 20e6,
  'steel-tube': 160e6,
  conduit: 160e6,
  'steel-rod': 160e6,
  'steel-t': 160e6,
}
/** Walls of usual tubes, m. */
const WALLS: Partial<Record<PostMaterial, number>> = { 'steel-tube': 0.002, conduit: 0.0012 }
/**
 * † Section modulus of a T-post as a share of the cube of its flange, that of a solid bar being 0.098.
 * Against: section modulus of a 35 mm T-post, 2.5 cm³.
 */
const T_POST = 0.058

/** What the section of a post of some material and thickness, m, is beside its thickness. */
export function sectionOf(material: PostMaterial, diameter: number): Pick<Post, 'wall' | 'modulus'> {
  const wall = WALLS[material]
  if (wall !== undefined) return { wall: Math.min(wall, diameter / 2) }
  return material === 'steel-t' ? { modulus: T_POST * diameter ** 3 } : {}
}

const post = (material: PostMaterial, diameter: number): Post => ({
  material,
  diameter,
  bears: BEARS[material],
  ...sectionOf(material, diameter),
})

/** Posts that can be had, thinnest first of each kind of use. */
export const POSTS: readonly Post[] = [
  post('steel-rod', 0.01),
  post('steel-rod', 0.013),
  post('bamboo', 0.016),
  post('bamboo', 0.022),
  post('softwood', 0.025),
  post('softwood', 0.032),
  post('hardwood', 0.032),
  post('conduit', 0.023),
  post('softwood', 0.05),
  post('steel-tube', 0.034),
  post('steel-t', 0.035),
  post('softwood', 0.075),
  post('softwood', 0.1),
]

export interface Post {
  material: PostMaterial
  /** Outside, m. */
  diameter: number
  /** Of a tube, m. */
  wall?: number
  /** Of a section that is not round, m³. */
  modulus?: number
  /** Allowed bending stress, Pa. */
  bears: number
}

/**
 * Bending stress at the worst point of a post in loose ground, f below the surface: M = F (e + ⅔ f),
 * f = 0.816 √(F / (γ D K_p)) [Broms 1964]; σ = M / W, W of a round bar or tube π (D⁴ − d⁴)/(32 D).
 *
 * @param load force, N, at loadHeight, m
 * @returns Pa
 */
export function bendingStress(
  post: Pick<Post, 'diameter' | 'wall' | 'modulus'>,
  load: { force: number; loadHeight: number; soil: Ground },
): number {
  const { diameter, wall } = post
  const { force, loadHeight, soil } = load
  requireInRange('diameter', diameter, 0.002, 1)
  requireInRange('force', force, 0, 1_000_000)
  requireInRange('loadHeight', loadHeight, 0, 20)
  const depth = 0.816 * Math.sqrt(force / (passive(soil) * diameter))
  const moment = force * (loadHeight + (2 / 3) * depth)
  const inside = wall === undefined ? 0 : diameter - 2 * wall
  const { modulus = (Math.PI * (diameter ** 4 - inside ** 4)) / (32 * diameter) } = post
  return moment / modulus
}
