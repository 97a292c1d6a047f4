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

/** What materials bear in bending, Pa, and the wall of a usual tube, m. */
export const BEARS: Record<PostMaterial, number> = {
  bamboo: 25e6,
  softwood: 12e6,
  hardwood: 20e6,
  'steel-tube': 160e6,
  'steel-rod': 160e6,
}
export const TUBE_WALL = 0.002

const post = (material: PostMaterial, diameter: number): Post => ({
  material,
  diameter,
  bears: BEARS[material],
  ...(material === 'steel-tube' && { wall: TUBE_WALL }),
})

/** Round posts that can be had, thinnest first of each. */
export const POSTS: readonly Post[] = [
  post('bamboo', 0.016),
  post('bamboo', 0.022),
  post('softwood', 0.025),
  post('softwood', 0.032),
  post('hardwood', 0.032),
  post('softwood', 0.05),
  post('steel-tube', 0.034),
  post('softwood', 0.075),
  post('softwood', 0.1),
]

export interface Post {
  material: PostMaterial
  /** Outside, m. */
  diameter: number
  /** Of a tube, m. */
  wall?: number
  /** Allowed bending stress, Pa. */
  bears: number
}

/**
 * Bending stress at the worst point of a post in loose ground, f below the surface: M = F (e + ⅔ f),
 * f = 0.816 √(F / (γ D K_p)) [Broms 1964]; σ = M / W.
 *
 * @param load force, N, at loadHeight, m
 * @returns Pa
 */
export function bendingStress(
  post: Pick<Post, 'diameter' | 'wall'>,
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
  return moment / ((Math.PI * (diameter ** 4 - inside ** 4)) / (32 * diameter))
}
