import { inGarden, type GroundRows } from '../../../core/facts'
import { obstacleShader, plantShader, tunnelShader } from '../../../core/light'
import type { StandingCanopy } from '../../../core/season'
import type { LightTask } from '../../../workers/light.worker'
import { boundsOf } from '../../../core/ground'

/** The map's grid, m. */
const CELL = 0.25
/** Around what lies there, m. */
const MARGIN = 1

/** What has to be known to work out the direct sun of a garden: everything in it that casts a shadow. */
export function lightTask(
  rows: Pick<GroundRows, 'place' | 'obstacle'>,
  canopies: readonly StandingCanopy[],
  latitude: number,
  daysOfYear: readonly number[],
  grown: boolean,
): LightTask {
  const places = new Map(rows.place.map((place) => [place.id, place]))
  const plants = canopies.flatMap((canopy) => {
    const place = places.get(canopy.placeId)
    if (!place || (!grown && !canopy.stands)) return []
    return {
      id: canopy.id,
      ...inGarden(place, canopy),
      radius: (grown ? canopy.grown : canopy.width) / 2,
      height: grown ? canopy.grownHeight : canopy.height,
      inside: place.kind === 'tunnel' ? place.id : undefined,
    }
  })
  const { west, south, east, north } = boundsOf([...rows.place, ...rows.obstacle])
  const size = { length: east - west + 2 * MARGIN, width: north - south + 2 * MARGIN }
  return {
    question: {
      latitude,
      daysOfYear,
      shaders: [
        ...plants.map(({ id, x, y, radius, height }) => plantShader({ id, x, y, radius, height })),
        ...rows.place.filter(({ kind }) => kind === 'tunnel').map(tunnelShader),
        ...rows.obstacle.map(obstacleShader),
      ],
    },
    area: {
      x: west - MARGIN,
      y: south - MARGIN,
      ...size,
      cell: Math.max(CELL, Math.sqrt((size.length * size.width) / 100_000)),
    },
    plants: plants.map(({ id, x, y, height, inside }) => ({ id, x, y, height, inside })),
  }
}
