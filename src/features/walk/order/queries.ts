import { notCleared } from '../../../core/season'
import { walkingOrder } from '../../../core/calls'
import { holdsOn, type Place } from '../../../core/facts'
import type { Day } from '../../../data/garden-state'

/** The places of the garden in the order of the round. */
export interface OrderView {
  query: string
  /** Somebody has put them in order: else they are walked by where they lie. */
  isOwn: boolean
  /** `whose`: who takes it when the round is shared out; null: anyone. */
  places: { id: string; name: string; holds: string; whose: string | null }[]
  /** Who can be given a place. */
  people: string[]
}

/** @param people names of those who garden here */
export function orderViewOf({ state, on, query, outlook }: Day, people: readonly string[]): OrderView {
  const places = state.record.places.filter((place) => holdsOn(place, on))
  const holds = ({ id }: Place) => {
    const here = notCleared(outlook).filter(({ place }) => place.id === id)
    return [...new Set(here.map(({ cultivar }) => cultivar.name))].join(', ')
  }
  return {
    query,
    isOwn: places.some(({ walk }) => walk !== null),
    places: walkingOrder(places).map((id) => {
      const place = places.find((other) => other.id === id)!
      return {
        id,
        name: place.name,
        holds: holds(place) || 'nothing yet',
        whose: state.shares.find(({ placeId }) => placeId === id)?.name ?? null,
      }
    }),
    people: [...people],
  }
}
