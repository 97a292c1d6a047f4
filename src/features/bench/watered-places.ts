import { addDays, type IsoDate } from '../../core/calendar'
import { holdsOn, type LogEntry, type Place } from '../../core/facts'
import type { PlantingOutlook } from '../../core/season'
import { placeCourse, placeWater, type PlaceWater } from '../../core/watering'
import { outlookOn, type GardenState } from '../../data/garden-state'
import { careOf } from './care'

/** Days looked ahead. */
const AHEAD = 14

/** A place with what stands in it, what it was given, and its water. */
export interface WateredPlace {
  place: Place
  plantings: PlantingOutlook[]
  entries: LogEntry[]
  water: PlaceWater
}

/**
 * The places in which something was set out, with their water as of a day.
 *
 * @param ahead days after it that their need is worked out for
 */
export function wateredPlaces(state: GardenState, on: IsoDate, ahead = AHEAD): WateredPlace[] {
  const outlook = outlookOn(state, on)
  const { latitude, elevation, longitude, soil } = state.garden
  return state.record.places
    .filter((place) => holdsOn(place, on))
    .flatMap((place) => {
      const plantings = outlook.plantings.filter((own) => own.place.id === place.id && own.grownFor !== null)
      const entries = careOf(state, outlook, place.id)
      const course = placeCourse(
        place,
        plantings,
        entries,
        { site: { latitude, longitude, elevation }, soil },
        addDays(on, ahead),
      )
      return course ? [{ place, plantings, entries, water: placeWater(course, on) }] : []
    })
}
