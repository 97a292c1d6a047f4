import type { Obstacle, Place } from '../facts'
import type { Shader } from './shade'

/** † Share of direct light that a leafy plant takes, and a tunnel's film. Against: nothing measured yet. */
const LEAVES = 0.85
const FILM = 0.25
/** A tunnel's top where none is told, m. */
const TUNNEL_HEIGHT = 2.1

/** A plant as something that casts a shadow; m, in the garden's frame. */
export const plantShader = (plant: {
  id: string
  x: number
  y: number
  radius: number
  height: number
}): Shader => ({ shape: 'cylinder', ...plant, density: LEAVES })

/** A tunnel as its film. */
export const tunnelShader = (tunnel: Place): Shader => ({
  ...boxOf(tunnel),
  height: tunnel.height ?? TUNNEL_HEIGHT,
  density: FILM,
})

/** A wall, fence, shed or hedge as a box, a tree as a cylinder. */
export function obstacleShader(obstacle: Obstacle): Shader {
  const { id, kind, height, density, length } = obstacle
  const box = boxOf(obstacle)
  return kind === 'tree'
    ? { id, shape: 'cylinder', x: box.x, y: box.y, radius: length / 2, height, density }
    : { ...box, height, density }
}

const boxOf = ({ id, x, y, length, width, turn }: Place | Obstacle) => ({
  id,
  shape: 'box' as const,
  x: x + length / 2,
  y: y + width / 2,
  length,
  width,
  turn,
})
