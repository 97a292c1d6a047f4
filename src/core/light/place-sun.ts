import { inGarden, type Obstacle, type Place } from '../facts'
import { plantLight } from './plant-light'
import { obstacleShader, tunnelShader } from './shaders'

/** Where a place's sun is counted: shares of its sides; and at what height, m. */
const SPOTS = [
  [0.15, 0.15],
  [0.15, 0.85],
  [0.5, 0.5],
  [0.85, 0.15],
  [0.85, 0.85],
] as const
const LEAVES_AT = 1

/**
 * Hours of direct sun a day over each place's middle and corners, before anything is planted: what obstacles and
 * tunnels leave of the season's sun.
 *
 * @returns h by place, in the order of `of`
 * @throws RangeError when a parameter is out of range
 */
export function placesSun(
  of: readonly Place[],
  around: {
    latitude: number
    daysOfYear: readonly number[]
    places: readonly Place[]
    obstacles: readonly Obstacle[]
  },
): number[] {
  const { latitude, daysOfYear, places, obstacles } = around
  const tunnels = places.filter(({ kind }) => kind === 'tunnel')
  const shaders = [...tunnels.map(tunnelShader), ...obstacles.map(obstacleShader)]
  const spots = of.flatMap((place) =>
    SPOTS.map(([u, v]) => ({
      id: `${place.id} ${u} ${v}`,
      ...inGarden(place, { x: u * place.length, y: v * place.width }),
      height: LEAVES_AT,
      inside: place.id,
    })),
  )
  const hours = plantLight({ latitude, daysOfYear, shaders }, spots)
  const spotsEach = SPOTS.length
  return of.map((_, index) => {
    const own = hours.slice(index * spotsEach, (index + 1) * spotsEach)
    return own.reduce((sum, each) => sum + each, 0) / spotsEach
  })
}

/** † Of the light, what comes from all of the sky. Against: diffuse share of clear and cloudy days. */
const DIFFUSE = 0.25

/**
 * Share of the open sky's light that reaches a place, 0–1: its hours of direct sun against those of open ground, and what
 * comes from all of the sky.
 *
 * @throws RangeError when a parameter is out of range
 */
export function lightShare(place: Place, around: Parameters<typeof placesSun>[1]): number {
  const [shaded] = placesSun([place], around)
  const [open] = placesSun([place], { ...around, places: [], obstacles: [] })
  return open ? DIFFUSE + (1 - DIFFUSE) * Math.min(1, shaded! / open) : 1
}
