import type { IsoDate } from '../calendar'
import type { Mulch, SoilSurroundings } from '../climate'
import type { Pot, PotShape } from '../containers'

export const PLACE_KINDS = ['bed', 'rows', 'container', 'tunnel', 'shelf'] as const
export type PlaceKind = (typeof PLACE_KINDS)[number]

export const SIDES = ['north', 'south', 'east', 'west'] as const
export type Side = (typeof SIDES)[number]

/** A piece of ground or a pot that plants stand in; m, in the garden's own frame, x east and y north. */
export interface Place {
  id: string
  name: string
  kind: PlaceKind
  /** South-west corner. */
  x: number
  y: number
  /** West to east. */
  length: number
  /** South to north. */
  width: number
  /** ° that it is turned about its middle, counterclockwise; length, width and sides are those of before turning. */
  turn: number
  /** Of a tunnel to its top, of a pot inside; null: flat. */
  height: number | null
  /** Workable soil, m. */
  soilDepth: number
  raised: boolean
  mulch: Mulch
  /** Sides that a gardener can reach in from. */
  openSides: Side[]
  /** y of each drip line, m from the south side. */
  dripLines: number[]
  /** Distance between emitters on a line, m. */
  emitterSpacing: number | null
  /** From the west end to the first emitter, m. */
  emitterFirst: number | null
  /** L/h of each emitter; null: it was not told. */
  emitterFlow: number | null
  /** Pots only: what the pot is, beside its length (at the top), width and height. */
  pot: { shape: PotShape; bottom: number | null; selfWatering: boolean } | null
  /** Its turn in the round where the grower put the places in order, from 0; null: by where it lies. */
  walk: number | null
  /** First and last day on which it lies so; null: without end. */
  from: IsoDate | null
  to: IsoDate | null
}

/** Whether a fact that carries from and to dates holds on a day. */
export function holdsOn(fact: { from: IsoDate | null; to: IsoDate | null }, date: IsoDate): boolean {
  return (fact.from === null || fact.from <= date) && (fact.to === null || date <= fact.to)
}

/** What the soil of a place is surrounded by, for its temperature. */
export function surroundingsOf(place: Pick<Place, 'kind' | 'raised' | 'mulch'>): SoilSurroundings {
  const body =
    place.kind === 'container' || place.kind === 'shelf' ? 'container' : place.raised ? 'raised' : 'ground'
  return { body, mulch: place.mulch, underCover: place.kind === 'tunnel' }
}

/** A place of which only this is known: level open ground of spade's depth, worked from its long sides. */
export function plainPlace(
  known: Pick<Place, 'id' | 'name' | 'kind' | 'length' | 'width'> & { y?: number },
): Place {
  const { id, name, kind, y = 0 } = known
  return {
    id,
    name,
    kind,
    x: 0,
    y,
    length: Math.max(known.length, known.width),
    width: Math.min(known.length, known.width),
    turn: 0,
    height:
      kind === 'container'
        ? Math.min(known.length, known.width) * POT_HEIGHT
        : kind === 'tunnel'
          ? TUNNEL
          : null,
    soilDepth: SPADE,
    raised: false,
    mulch: 'bare',
    openSides: kind === 'container' ? [...SIDES] : ['north', 'south'],
    dripLines: [],
    emitterSpacing: null,
    emitterFirst: null,
    emitterFlow: null,
    pot: kind === 'container' ? { shape: 'round', bottom: null, selfWatering: false } : null,
    walk: null,
    from: null,
    to: null,
  }
}
const SPADE = 0.3
/** A pot is nearly as high as wide; a tunnel is walked under. */
const POT_HEIGHT = 0.95
const TUNNEL = 2.1

/** The pot that a place is; null: it is none. */
export function potOf({ pot, length, width, height, soilDepth }: Place): Pot | null {
  if (!pot) return null
  return { shape: pot.shape, bottom: pot.bottom, top: length, across: width, height: height ?? soilDepth }
}

/** Where the emitters of a place stand along its lines, m; none where water comes otherwise. */
export function emittersAlong({ length, emitterSpacing, emitterFirst }: Place): number[] {
  if (emitterSpacing === null) return []
  const first = emitterFirst ?? emitterSpacing / 2
  const count = Math.floor((length - first) / emitterSpacing + 1e-9) + 1
  return Array.from({ length: Math.max(0, count) }, (_, index) => first + index * emitterSpacing)
}

/** From a place's own frame to the garden's, m: turned about its middle. */
export function inGarden(
  place: Pick<Place, 'x' | 'y' | 'length' | 'width' | 'turn'>,
  spot: { x: number; y: number },
): { x: number; y: number } {
  const { cos, sin, middle } = turnOf(place)
  const [u, v] = [spot.x - place.length / 2, spot.y - place.width / 2]
  return { x: middle.x + u * cos - v * sin, y: middle.y + u * sin + v * cos }
}

/** From the garden's frame to a place's own, m. */
export function inPlace(
  place: Pick<Place, 'x' | 'y' | 'length' | 'width' | 'turn'>,
  spot: { x: number; y: number },
): { x: number; y: number } {
  const { cos, sin, middle } = turnOf(place)
  const [u, v] = [spot.x - middle.x, spot.y - middle.y]
  return { x: place.length / 2 + u * cos + v * sin, y: place.width / 2 - u * sin + v * cos }
}

function turnOf({ x, y, length, width, turn }: Pick<Place, 'x' | 'y' | 'length' | 'width' | 'turn'>) {
  const angle = (turn * Math.PI) / 180
  return { cos: Math.cos(angle), sin: Math.sin(angle), middle: { x: x + length / 2, y: y + width / 2 } }
}
