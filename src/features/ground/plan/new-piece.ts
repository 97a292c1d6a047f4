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
import { freeNames, roomFor, snapped, USUAL_SIZE, type Lying } from '../../../core/ground'
import type { Piece } from './piece'

/** What can be added, and how large it comes, m; in the order it is offered. */
const SIZES: Record<
  'bed' | 'rows' | 'container' | 'tunnel' | ObstacleKind,
  { length: number; width: number; height?: number }
> = {
  ...USUAL_SIZE,
  container: { length: 0.4, width: 0.4 },
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

/** m between a new piece and what lies there. */
const PATH = 0.8

/** A new piece of a kind on open ground beside what lies there, with the next free name. */
export function newPiece(kind: NewKind, pieces: readonly Piece[], manner: Manner): Piece {
  const { length, width, height } = SIZES[kind]
  const round = (metres: number) =>
    manner.units === 'us' && metres >= 1 ? Math.round(Math.round(metres / FOOT) * FOOT * 1000) / 1000 : metres
  const size = { length: round(length), width: round(width) }
  const at = snapped(
    {
      ...roomFor(
        size,
        pieces.map(({ row }) => row),
        PATH,
      ),
      ...size,
      turn: 0,
    },
    [],
  )
  const known = { id: v7(), name: nextName(kind, pieces), ...size }
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

const nextName = (kind: NewKind, pieces: readonly Piece[]): string =>
  freeNames(
    `${capital(nameOf(kind))} 1`,
    1,
    pieces.map(({ row }) => row.name),
  )[0]!
