import { addDays, type IsoDate } from '../calendar'
import { entriesAbout, type AnyEntry } from '../entry'
import { holdsOn, type Place, type Site, type SoilTexture } from '../facts'
import type { PlantingOutlook, SeasonOutlook } from '../season'
import type { MoistureRead } from './entries'
import { placeCourse, placeWater, type PlaceWater } from './place-course'
import { markOf, remembered } from '../memo'

/** A place with what stands or stood in it this season, what it was given, and its water. */
export interface WateredPlace {
  place: Place
  plantings: PlantingOutlook[]
  /** Of the place, its sensor's readings among them. */
  entries: AnyEntry[]
  water: PlaceWater
}

/** Those of a place's plantings that stand in it now. */
export const standingIn = ({ plantings }: WateredPlace): PlantingOutlook[] =>
  plantings.filter(({ phase }) => phase === 'standing')

/** What a sensor read in a place: m³/m³. */
export interface SensorReading {
  placeId: string
  at: string
  on: IsoDate
  content: number
}

/**
 * The places in which something stands or stood, with their water as of the outlook's day.
 *
 * @param garden its site and soil, its places, and what sensors read in them, oldest first
 * @param ahead days after it that their need is worked out for
 */
export function gardenWater(
  outlook: SeasonOutlook,
  garden: { site: Site; soil: SoilTexture; places: readonly Place[]; readings: readonly SensorReading[] },
  ahead: number,
): WateredPlace[] {
  const { today } = outlook
  return garden.places
    .filter((place) => holdsOn(place, today))
    .flatMap((place) => {
      const plantings = outlook.plantings.filter((own) => own.place.id === place.id && own.stands)
      if (plantings.length === 0) return []
      const entries = careOf(garden.readings, outlook, place.id)
      // The same while nothing about the place and what stands in it is written.
      const facts = JSON.stringify([place, entries, garden.site, garden.soil, ahead])
      return remembered(
        plantings[0]!,
        `water ${plantings.map(markOf).join()} ${facts}`,
        (): WateredPlace[] => {
          const course = placeCourse(place, plantings, entries, garden, addDays(today, ahead))
          return course ? [{ place, plantings, entries, water: placeWater(course, today) }] : []
        },
      )
    })
}

/** What a place was given and how it was found, by its sensors and by hand; what a hand found counts last. */
function careOf(
  readings: readonly SensorReading[],
  { counted, today }: SeasonOutlook,
  placeId: string,
): AnyEntry[] {
  const last = new Map(
    readings.filter((one) => one.placeId === placeId && one.on <= today).map((one) => [one.on, one] as const),
  )
  const read = [...last.values()].map(({ at, on, content }): MoistureRead => ({
    id: `${placeId} ${at}`,
    subject: { type: 'place', id: placeId },
    kind: 'moisture-read',
    on,
    at,
    data: { method: 'sensor', content },
    note: '',
    voids: null,
  }))
  return [...read, ...entriesAbout(counted, { type: 'place', id: placeId })]
}
