import { daysBetween } from '../calendar'
import { indexOf, type Ensemble } from '../climate'
import { entriesAbout } from '../entry'
import { holdsOn, type Place } from '../facts'
import { growingDays, lightShare } from '../light'
import { markOf, remembered } from '../memo'
import type { PlantingOutlook, VigourCourse } from '../season'
import {
  seasonWeathers,
  simulateSeason,
  type PlantSeason,
  type SeasonPlan,
  type SeasonWeather,
  vigourOf,
} from '../season-model'
import { cut, goingOn, grownAsPlanned, knownDays, planOf, type Grown } from '../trial'
import type { GardenDay } from './garden-day'
import { lineOn } from './line'

/** Of the seasons that may come, so many tell what a planting may bear. */
const SEASONS = 12
/** Days whose seasons are kept at once. */
const MOST_DAYS = 12

/** Seasons of an ensemble at even distances: enough for a spread. */
export const fewOf = (ensemble: Ensemble): Ensemble =>
  remembered(ensemble, 'few', () => {
    const step = Math.max(1, Math.floor(ensemble.seasons.length / SEASONS))
    return { ...ensemble, seasons: ensemble.seasons.filter((_, at) => at % step === 0) }
  })

/** The air of a place: the open sky's, or what a cover makes of it. */
export const airOf = ({ kind }: Pick<Place, 'kind'>): 'open' | 'under-cover' =>
  kind === 'tunnel' || kind === 'shelf' ? 'under-cover' : 'open'

/** How a planting is grown as it is planned, or stands, on a day. */
export const grownOn = (day: GardenDay, own: PlantingOutlook): Grown =>
  grownAsPlanned(own, daysBetween(own.start, day.on), {
    soil: day.state.garden.soil,
    wetness: day.wetness,
    sun: sunOver(day, own.place),
    house: day.house,
  })

/** A way to grow a planting as the season model takes it, from a day on; as it is grown now unless said. */
export function planOn(day: GardenDay, own: PlantingOutlook, otherwise?: Grown): SeasonPlan {
  const entries = entriesAbout(day.outlook.counted, { type: 'place', id: own.place.id })
  const base = planOf(grownOn(day, own), entries)
  return otherwise ? planOf(otherwise, entries, base) : base
}

/** Share of the open sky's light over a place, by what is drawn around it. */
function sunOver({ state, on }: GardenDay, place: Place): number {
  const { garden, record, obstacles } = state
  const there = obstacles.filter((obstacle) => holdsOn(obstacle, on))
  if (there.length === 0 || place.kind === 'tunnel') return 1
  // The same while nothing is drawn anew.
  const drawn = JSON.stringify([place, garden.latitude, there, record.places])
  return remembered(record.ensemble, `sun ${drawn}`, () =>
    lightShare(place, {
      latitude: garden.latitude,
      daysOfYear: growingDays(record.ensemble),
      places: record.places,
      obstacles: there,
    }),
  )
}

/** The seasons that a planting may still meet, those that began with what is known of them. */
export function seasonsAhead({ state, on }: GardenDay, own: PlantingOutlook): readonly SeasonWeather[] {
  const { record, garden } = state
  const few = fewOf(record.ensemble)
  const line = lineOn(state, on)
  const ensemble =
    own.start > on
      ? few
      : remembered(
          few,
          `from ${own.start} on ${on} ${markOf(line)}`,
          () => goingOn(few, knownDays(line, own.start, on)),
          MOST_DAYS,
        )
  return seasonWeathers(ensemble, garden, airOf(own.place))
}

/** A plan grown through seasons; once, as long as they last. */
export const grownThrough = (plan: SeasonPlan, seasons: readonly SeasonWeather[]): readonly PlantSeason[] =>
  remembered(seasons, JSON.stringify(plan), () => seasons.map((weather) => simulateSeason(plan, weather)))

/** Days from a planting's start that its plants are followed. */
const FOLLOWED = 365

/**
 * How well the plants of a planting are off, by what is known and expected of the weather on the garden's day; the same
 * object while nothing of it changes. Null: nothing is known.
 */
export function vigourIn(day: GardenDay, own: PlantingOutlook): VigourCourse | null {
  const { line } = day.outlook
  const from = indexOf(line.air, own.start)
  const days = Math.min(FOLLOWED, line.air.days - from)
  const plan = planOn(day, own)
  if (from < 0 || plan.setOut === null || plan.setOut >= days) return null
  const { garden, record } = day.state
  const air = airOf(own.place)
  const ensemble = remembered(line, `from ${own.start}`, () => ({
    ...record.ensemble,
    known: 0,
    seasons: [cut(line.air, from, days)],
  }))
  const [weather] = seasonWeathers(ensemble, garden, air)
  return remembered(weather!, `vigour ${JSON.stringify(plan)}`, () => ({
    from: own.start,
    ...vigourOf(plan, weather!),
  }))
}
