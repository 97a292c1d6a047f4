import type { IsoDate } from '../core/calendar'
import { gardenWater, type WateredPlace } from '../core/watering'
import { outlookOn, type GardenState } from './garden-state'

/** Days looked ahead. */
const AHEAD = 14

const waters = new WeakMap<GardenState, Map<IsoDate, WateredPlace[]>>()
const MOST_DAYS = 20

/** The water of a garden's places as of a day; the same until something is written. */
export function waterOn(state: GardenState, on: IsoDate): WateredPlace[] {
  const known = waters.get(state) ?? new Map<IsoDate, WateredPlace[]>()
  waters.set(state, known)
  let found = known.get(on)
  if (!found) {
    const { garden, record, readings } = state
    const { latitude, longitude, elevation, soil } = garden
    found = gardenWater(
      outlookOn(state, on),
      { site: { latitude, longitude, elevation }, soil, places: record.places, readings },
      AHEAD,
    )
    if (known.size >= MOST_DAYS) known.delete(known.keys().next().value!)
    known.set(on, found)
  }
  return found
}
