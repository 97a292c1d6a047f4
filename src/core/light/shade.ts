import { requireInRange } from '../guard'
import type { SunStep } from './sun-path'

/** Something that casts a shadow; m in the garden's frame, x east, y north, standing on level ground. */
export type Shader = {
  /** What it is or whose: a plant is not in its own shade. */
  id: string
  height: number
  /** Share of the direct light that it takes, 0–1. */
  density: number
} & (
  | { shape: 'cylinder'; x: number; y: number; radius: number }
  | {
      shape: 'box'
      /** Its middle. */
      x: number
      y: number
      length: number
      width: number
      /** ° counterclockwise from west–east. */
      turn: number
    }
)

/** A shadow on a level: a convex outline, or a disc drawn out along a line. */
export type Shadow =
  | { shape: 'outline'; points: readonly (readonly [number, number])[] }
  | { shape: 'capsule'; x: number; y: number; dx: number; dy: number; radius: number }

/** Lower sun than this casts shadows without end, rad; they are cut there. */
const LEAST_ALTITUDE = (2 * Math.PI) / 180

/** @throws RangeError when a size is out of range */
export function checkShader(shader: Shader): Shader {
  requireInRange('height', shader.height, 0, 200)
  requireInRange('density', shader.density, 0, 1)
  if (shader.shape === 'cylinder') requireInRange('radius', shader.radius, 0, 1000)
  else {
    requireInRange('length', shader.length, 0, 2000)
    requireInRange('width', shader.width, 0, 2000)
    requireInRange('turn', shader.turn, -360, 360)
  }
  return shader
}

/** The shadow that falls on a level so high above the ground; null where nothing of the shader stands above it. */
export function shadowAt(shader: Shader, sun: SunStep, level: number): Shadow | null {
  const above = shader.height - level
  if (above <= 0) return null
  const reach = above / Math.tan(Math.max(sun.altitude, LEAST_ALTITUDE))
  // Away from the sun.
  const [dx, dy] = [-Math.sin(sun.azimuth) * reach, -Math.cos(sun.azimuth) * reach]
  if (shader.shape === 'cylinder')
    return { shape: 'capsule', x: shader.x, y: shader.y, dx, dy, radius: shader.radius }
  const base = corners(shader)
  return { shape: 'outline', points: hull([...base, ...base.map(([x, y]) => [x + dx, y + dy] as const)]) }
}

/** The four corners of a turned box, m. */
export function corners({
  x,
  y,
  length,
  width,
  turn,
}: Pick<Extract<Shader, { shape: 'box' }>, 'x' | 'y' | 'length' | 'width' | 'turn'>): [number, number][] {
  const angle = (turn * Math.PI) / 180
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  return [
    [-length / 2, -width / 2],
    [length / 2, -width / 2],
    [length / 2, width / 2],
    [-length / 2, width / 2],
  ].map(([u, v]) => [x + u! * cos - v! * sin, y + u! * sin + v! * cos])
}

/** The convex outline of some points, counterclockwise [Andrew 1979, monotone chain]. */
function hull(points: readonly (readonly [number, number])[]): (readonly [number, number])[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1])
  const half = (ordered: readonly (readonly [number, number])[]) => {
    const chain: (readonly [number, number])[] = []
    for (const point of ordered) {
      while (chain.length >= 2 && turns(chain.at(-2)!, chain.at(-1)!, point) <= 0) chain.pop()
      chain.push(point)
    }
    return chain.slice(0, -1)
  }
  return [...half(sorted), ...half([...sorted].reverse())]
}

const turns = (
  [ax, ay]: readonly [number, number],
  [bx, by]: readonly [number, number],
  [cx, cy]: readonly [number, number],
) => (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)

/** The level direction to the sun, and how far a shadow reaches for each m of height. */
export interface SunRay {
  east: number
  north: number
  reach: number
}

export const rayTo = ({ altitude, azimuth }: SunStep): SunRay => ({
  east: Math.sin(azimuth),
  north: Math.cos(azimuth),
  reach: 1 / Math.tan(Math.max(altitude, LEAST_ALTITUDE)),
})

/** Whether a spot so high above the ground lies in a shader's shadow: its way to the sun meets the shader. */
export function isShaded(shader: Shader, ray: SunRay, x: number, y: number, level: number): boolean {
  const far = (shader.height - level) * ray.reach
  if (far <= 0) return false
  const u = shader.x - x
  const v = shader.y - y
  if (shader.shape === 'cylinder') {
    const aside = u * ray.north - v * ray.east
    const left = shader.radius * shader.radius - aside * aside
    if (left < 0) return false
    const along = u * ray.east + v * ray.north
    const half = Math.sqrt(left)
    return along + half >= 0 && along - half <= far
  }
  const angle = (shader.turn * Math.PI) / 180
  const cos = Math.cos(angle)
  const sin = Math.sin(angle)
  const across = stretchWithin(-(u * cos + v * sin), ray.east * cos + ray.north * sin, shader.length / 2)
  const along = stretchWithin(u * sin - v * cos, ray.north * cos - ray.east * sin, shader.width / 2)
  return Math.max(0, across.from, along.from) <= Math.min(far, across.to, along.to)
}

/** From and to which distance a way that starts at `start` and goes by `step` lies within `half` of the middle. */
function stretchWithin(start: number, step: number, half: number): { from: number; to: number } {
  if (Math.abs(step) < 1e-12)
    return Math.abs(start) <= half ? { from: -Infinity, to: Infinity } : { from: 1, to: 0 }
  const one = (-half - start) / step
  const other = (half - start) / step
  return one < other ? { from: one, to: other } : { from: other, to: one }
}

/** Where a west–east line at `y` runs through a shadow, m; null where it does not. */
export function acrossAt(shadow: Shadow, y: number): [number, number] | null {
  return shadow.shape === 'capsule' ? acrossCapsule(shadow, y) : acrossOutline(shadow.points, y)
}

function acrossOutline(points: readonly (readonly [number, number])[], y: number): [number, number] | null {
  let [low, high] = [Infinity, -Infinity]
  for (let index = 0; index < points.length; index++) {
    const [ax, ay] = points[index]!
    const [bx, by] = points[(index + 1) % points.length]!
    if (Math.min(ay, by) > y || Math.max(ay, by) < y) continue
    const x = ay === by ? ax : ax + ((y - ay) / (by - ay)) * (bx - ax)
    low = Math.min(low, x, ay === by ? bx : x)
    high = Math.max(high, x, ay === by ? bx : x)
  }
  return low <= high ? [low, high] : null
}

/** The capsule is the two discs at its ends and the band between them: its span is that of all three together. */
function acrossCapsule(
  { x, y: cy, dx, dy, radius }: Extract<Shadow, { shape: 'capsule' }>,
  y: number,
): [number, number] | null {
  let [low, high] = [Infinity, -Infinity]
  for (const end of [0, 1]) {
    const off = y - cy - end * dy
    if (Math.abs(off) > radius) continue
    const half = Math.sqrt(radius * radius - off * off)
    low = Math.min(low, x + end * dx - half)
    high = Math.max(high, x + end * dx + half)
  }
  const reach = Math.hypot(dx, dy)
  if (reach > 0) {
    const [nx, ny] = [(-dy / reach) * radius, (dx / reach) * radius]
    const band = acrossOutline(
      [
        [x + nx, cy + ny],
        [x - nx, cy - ny],
        [x - nx + dx, cy - ny + dy],
        [x + nx + dx, cy + ny + dy],
      ],
      y,
    )
    if (band) [low, high] = [Math.min(low, band[0]), Math.max(high, band[1])]
  }
  return low <= high ? [low, high] : null
}

/** South and north end of a shadow, m. */
export function northSouth(shadow: Shadow): [number, number] {
  if (shadow.shape === 'outline') {
    const ys = shadow.points.map(([, y]) => y)
    return [Math.min(...ys), Math.max(...ys)]
  }
  const { y, dy, radius } = shadow
  return [Math.min(y, y + dy) - radius, Math.max(y, y + dy) + radius]
}
