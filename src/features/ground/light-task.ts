import { inGarden, type GroundRows } from '../../core/facts'
import type { Shader } from '../../core/light'
import type { StandingCanopy } from '../../core/season'
import type { LightTask } from '../../workers/light.worker'
import { boundsOf } from './geometry'

/** † Share of direct light that a leafy plant takes, and a tunnel's film. */
const LEAVES = 0.85
const FILM = 0.25
/** † A tunnel's top where none is told, m. */
const TUNNEL = 2.1
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
        ...plants.map(({ id, x, y, radius, height }): Shader => ({
          id,
          shape: 'cylinder',
          x,
          y,
          radius,
          height,
          density: LEAVES,
        })),
        ...rows.place
          .filter(({ kind }) => kind === 'tunnel')
          .map((tunnel): Shader => ({
            ...middleOf(tunnel),
            id: tunnel.id,
            height: tunnel.height ?? TUNNEL,
            density: FILM,
          })),
        ...rows.obstacle.map(({ kind, ...obstacle }): Shader => {
          const { id, height, density } = obstacle
          const box = middleOf(obstacle)
          return kind === 'tree'
            ? { id, shape: 'cylinder', x: box.x, y: box.y, radius: obstacle.length / 2, height, density }
            : { ...box, id, height, density }
        }),
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

const middleOf = ({
  x,
  y,
  length,
  width,
  turn,
}: {
  x: number
  y: number
  length: number
  width: number
  turn: number
}) => ({ shape: 'box' as const, x: x + length / 2, y: y + width / 2, length, width, turn })
