import { dayOf } from '../../../core/garden-day'
import type { IsoDate } from '../../../core/calendar'
import type { WetnessPressure } from '../../../core/climate'
import type { Training } from '../../../core/crop'
import {
  holdsOn,
  type GardenCultivar,
  type Manner,
  type Place,
  type Planting,
  type RaisingWay,
  type SpacingSchool,
  type Support,
} from '../../../core/facts'
import { growingDays, placesSun } from '../../../core/light'
import { remembered } from '../../../core/memo'
import { rotation } from '../../../core/rotation'
import { notCleared, seasonToPlant } from '../../../core/season'
import { plantingSpacing, type StandingPlant } from '../../../core/spacing'
import type { Day, GardenState } from '../../../data/garden-state'
import { mannerOf } from '../../../data/garden-row'
import { nameOf, trainingName } from '../../../wording/names'
import { sayLength } from '../../../wording/say'
import { sayReason } from '../../../wording/say-reason'
import { BEGINNINGS, type Beginning } from './values'

/** A place as the form shows it for one season: who has it, who keeps room in it, and what rotation says. */
interface PlaceInSeason {
  season: number
  /** What has the place, in words. */
  planned: string
  standing: StandingPlant[]
  /** What the family that stood here before says; empty: nothing against it. */
  rotation: string
}

/** What the form for a new planting chooses from. */
export interface Choices {
  manner: Manner
  now: IsoDate
  /** How it begins, unless chosen otherwise. */
  begins: Beginning
  /** The seasons that a planting can be for, and the first in which it can still ripen. */
  seasons: number[]
  season: number
  places: (Place & { seasons: PlaceInSeason[]; sun: number | null })[]
  cultivars: GardenCultivar[]
  spacingSchool: string
  /** A place, a cultivar and how many that an address asks for. */
  place: string | null
  cultivar: string | null
  count: string
  /** What was chosen for the planting that was made last; null: there is none. */
  last: LastChosen | null
  /** What was chosen for the one that an address asks for another of. */
  like: LastChosen | null
  wetness: WetnessPressure
}

/** What one planting was made with, to be taken again. */
export interface LastChosen {
  words: string
  cultivar: string
  training: Training
  support: Support
  spacingSchool: SpacingSchool
  begins: Beginning
  ownInRow: string
  ownLines: string
}

/** How a planting began, by how it is raised. */
export const BEGAN: Record<RaisingWay, Beginning> = {
  plug: 'seed',
  plant: 'seed',
  'big-plant': 'seed',
  direct: 'seed-in-place',
  bought: 'bought',
}

/** Ids are made in the order of time: the highest is the last. */
const lastChosen = (state: GardenState): LastChosen | null =>
  chosenFor(
    state,
    state.record.plantings.reduce<Planting | undefined>(
      (latest, one) => (latest === undefined || one.id > latest.id ? one : latest),
      undefined,
    ),
  )

function chosenFor({ record, garden }: GardenState, last: Planting | undefined): LastChosen | null {
  const cultivar = last && record.cultivars.find(({ id }) => id === last.cultivarId)
  if (!last || !cultivar) return null
  const manner = mannerOf(garden)
  const typed = (metres: number | null) =>
    metres === null ? '' : sayLength(metres, manner).replaceAll('\u00a0', ' ')
  const { training, support, spacingSchool, raising, ownInRow, ownLines } = last
  return {
    words: [...new Set([cultivar.name, trainingName(training), nameOf(support)])].join(', '),
    cultivar: cultivar.id,
    ...{ training, support, spacingSchool, begins: BEGAN[raising] },
    ownInRow: typed(ownInRow),
    ownLines: typed(ownLines),
  }
}

/** What the form begins with; its address can ask for a season and a beginning. */
export function choicesOf(
  state: GardenState,
  asked: {
    season?: number
    begins?: string
    place?: string
    cultivar?: string
    like?: string
    count?: string
  } = {},
): Choices {
  const day = dayOf(state, state.now)
  const seasons = [day.season, day.season + 1]
  const places = state.record.places.filter((place) => holdsOn(place, state.now))
  const sun = remembered(state, 'sun of places', () => sunOf(state, places))
  return {
    manner: day.manner,
    now: state.now,
    begins: BEGINNINGS.find((one) => one === asked.begins) ?? 'seed',
    seasons,
    season: seasons.find((season) => season === asked.season) ?? seasonToPlant(day.outlook),
    places: places.map((place, index) => ({
      ...place,
      seasons: seasons.map((season) => placeInSeason(day, place, season)),
      sun: sun?.[index] ?? null,
    })),
    cultivars: [...state.record.cultivars],
    spacingSchool: day.house.spacing,
    place: state.record.places.find(({ id }) => id === asked.place)?.id ?? null,
    cultivar: state.record.cultivars.find(({ id }) => id === asked.cultivar)?.id ?? null,
    count: /^[1-9]\d{0,3}$/.test(asked.count ?? '') ? asked.count! : '6',
    last: lastChosen(state),
    like: chosenFor(
      state,
      state.record.plantings.find(({ id }) => id === asked.like),
    ),
    wetness: day.wetness,
  }
}

/** Hours of direct sun a day that each place has in the season; null: nothing is drawn that could shade it. */
function sunOf({ garden, record, obstacles, now }: GardenState, places: readonly Place[]): number[] | null {
  const there = obstacles.filter((obstacle) => holdsOn(obstacle, now))
  if (there.length === 0) return null
  const daysOfYear = growingDays(record.ensemble)
  return placesSun(places, { latitude: garden.latitude, daysOfYear, places, obstacles: there })
}

function placeInSeason(day: Day, place: Place, season: number): PlaceInSeason {
  const own = notCleared(day.outlook).filter(
    (one) => one.place.id === place.id && one.planting.season === season,
  )
  const { answer, reasons } = rotation(
    {
      years: day.solanaceaeYears(place.id).filter((year) => year < season),
      container: place.kind === 'container',
    },
    season,
  )
  const isShort = answer.verdict === 'short' || answer.verdict === 'again'
  return {
    season,
    planned: own.map(({ planting, cultivar }) => `${planting.count} ${cultivar.name}`).join(', '),
    standing: own.flatMap(({ planting, cultivar }) => {
      const { inRow, lines } = plantingSpacing(planting, cultivar, day.wetness)
      return day.plants
        .filter(({ plantingId }) => plantingId === planting.id)
        .map(({ x, y }) => ({ x, y, inRow, lines }))
    }),
    rotation: isShort && place.kind !== 'container' ? sayReason(reasons[0]!, day.manner) : '',
  }
}
