import { checkShader, isShaded, rayTo, type Shader, type SunRay } from './shade'
import type { LightQuestion } from './light-map'
import { sunPath } from './sun-path'

/** Shares of a plant's height at which its sun is counted: leaves and fruit are not only at the top. */
const LEVELS = [0.25, 0.5, 0.75]

interface LitPlant {
  id: string
  x: number
  y: number
  height: number
  /** What it stands in: its shade does not count. */
  inside?: string
}

/**
 * Hours of direct sun a day that plants get, mean over their height and the days asked; a plant's own shade does not
 * count, nor that of what it stands in (the tunnel whose film it grows under).
 *
 * @returns h by plant, in the order given
 * @throws RangeError when a parameter is out of range
 */
export function plantLight(
  { latitude, daysOfYear, shaders, minutes = 20 }: LightQuestion,
  plants: readonly LitPlant[],
): number[] {
  const checked = shaders.map(checkShader)
  const steps = daysOfYear.flatMap((day) =>
    sunPath(latitude, day, minutes).map((sun) => ({
      ray: rayTo(sun),
      share: sun.hours / daysOfYear.length / LEVELS.length,
    })),
  )
  return plants.map((plant) => {
    const others = checked.filter(({ id }) => id !== plant.id && id !== plant.inside)
    let hours = 0
    for (const { ray, share } of steps) {
      const open = [1, 1, 1]
      for (const shader of others) {
        if (!isNear(shader, plant, ray)) continue
        for (const [index, level] of LEVELS.entries())
          if (isShaded(shader, ray, plant.x, plant.y, level * plant.height))
            open[index]! *= 1 - shader.density
      }
      hours += (open[0]! + open[1]! + open[2]!) * share
    }
    return hours
  })
}

/** Whether something stands between a plant and the sun at all, whatever their heights. */
function isNear(shader: Shader, plant: LitPlant, ray: SunRay): boolean {
  const size = shader.shape === 'cylinder' ? shader.radius : (shader.length + shader.width) / 2
  const u = shader.x - plant.x
  const v = shader.y - plant.y
  const along = u * ray.east + v * ray.north
  if (along < -size || along > size + shader.height * ray.reach) return false
  return Math.abs(u * ray.north - v * ray.east) <= size
}
