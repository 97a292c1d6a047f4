import type { IsoDate } from '../calendar'
import type { Mulch, SoilSurroundings } from '../climate'

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
    soilDepth: SPADE,
    raised: false,
    mulch: 'bare',
    openSides: kind === 'container' ? [...SIDES] : ['north', 'south'],
    dripLines: [],
    emitterSpacing: null,
    from: null,
    to: null,
  }
}
const SPADE = 0.3
