import { v7 } from 'uuid'
import {
  OBSTACLE_DENSITY,
  plainPlace,
  type Manner,
  type Obstacle,
  type ObstacleKind,
  type PlaceKind,
} from '../../../core/facts'
import { capital, nameOf } from '../../../wording/names'
import { boundsOf, snapped, type Lying } from './geometry'
import type { Piece } from './piece'

/** What can be added, and how large it comes, m; in the order it is offered. */
const SIZES: Record<
  'bed' | 'rows' | 'container' | 'tunnel' | ObstacleKind,
  { length: number; width: number; height?: number }
> = {
  bed: { length: 3, width: 1.2 },
  rows: { length: 12, width: 1.1 },
  container: { length: 0.4, width: 0.4 },
  tunnel: { length: 6, width: 2.4 },
  fence: { length: 6, width: 0.1, height: 1.5 },
  wall: { length: 4, width: 0.25, height: 2 },
  shed: { length: 3, width: 2, height: 2.4 },
  hedge: { length: 4, width: 0.6, height: 1.8 },
  tree: { length: 3, width: 3, height: 4 },
}
export type NewKind = keyof typeof SIZES
export const NEW_KINDS = Object.keys(SIZES) as NewKind[]

/** Feet where the garden measures in feet: a bed comes as 10 by 4. */
const FOOT = 0.3048

const isPlace = (kind: NewKind): kind is NewKind & PlaceKind =>
  ['bed', 'rows', 'container', 'tunnel'].includes(kind)

/** A new piece of a kind on open ground north of what lies there, with the next free name. */
export function newPiece(kind: NewKind, pieces: readonly Piece[], manner: Manner): Piece {
  const { length, width, height } = SIZES[kind]
  const round = (metres: number) =>
    manner.units === 'us' && metres >= 1 ? Math.round(Math.round(metres / FOOT) * FOOT * 1000) / 1000 : metres
  const { west, north } = boundsOf(pieces.map(({ row }) => row))
  const at = snapped(
    {
      x: pieces.length > 0 ? west + 1 : 1,
      y: pieces.length > 0 ? north + 0.8 : 1,
      length: round(length),
      width: round(width),
      turn: 0,
    },
    [],
  )
  const known = { id: v7(), name: nextName(kind, pieces), length: round(length), width: round(width) }
  return isPlace(kind)
    ? { of: 'place', row: { ...plainPlace({ ...known, kind }), ...at } }
    : { of: 'obstacle', row: obstacle(kind, known, at, height!) }
}

const obstacle = (
  kind: ObstacleKind,
  known: Pick<Obstacle, 'id' | 'name'> & Pick<Lying, 'length' | 'width'>,
  at: { x: number; y: number },
  height: number,
): Obstacle => ({
  ...known,
  ...at,
  kind,
  height,
  turn: 0,
  density: OBSTACLE_DENSITY[kind],
  from: null,
  to: null,
})

function nextName(kind: NewKind, pieces: readonly Piece[]): string {
  const word = capital(nameOf(kind))
  const names = new Set(pieces.map(({ row }) => row.name))
  let number = 1
  while (names.has(`${word} ${number}`)) number++
  return `${word} ${number}`
}
