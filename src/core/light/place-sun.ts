import { inGarden, type Obstacle, type Place } from '../facts'
import { plantLight } from './plant-light'
import { obstacleShader, tunnelShader } from './shaders'

/** Where a place's sun is counted: shares of its sides; and at what height, m. */
const SPOTS = [0.15, 0.5, 0.85]
const LEAVES_AT = 1

/**
 * Hours of direct sun a day over a place's middle and corners, before anything is planted: what obstacles and tunnels
 * leave of the season's sun.
 *
 * @throws RangeError when a parameter is out of range
 */
export function placeSun(
  place: Place,
  around: {
    latitude: number
    daysOfYear: readonly number[]
    places: readonly Place[]
    obstacles: readonly Obstacle[]
  },
): number {
  const { latitude, daysOfYear, places, obstacles } = around
  const tunnels = places.filter(({ kind, id }) => kind === 'tunnel' && id !== place.id)
  const shaders = [...tunnels.map(tunnelShader), ...obstacles.map(obstacleShader)]
  const spots = SPOTS.flatMap((u) =>
    SPOTS.filter((v) => (u === 0.5) === (v === 0.5)).map((v) => ({
      id: `${u} ${v}`,
      ...inGarden(place, { x: u * place.length, y: v * place.width }),
      height: LEAVES_AT,
    })),
  )
  const hours = plantLight({ latitude, daysOfYear, shaders }, spots)
  return hours.reduce((sum, each) => sum + each, 0) / hours.length
}
