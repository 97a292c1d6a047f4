import type { Day, GardenState } from '../../data/garden-state'
import { dayOf } from '../../core/garden-day'
import type { AnyEntry } from '../../core/entry'
import type { IsoDate } from '../../core/calendar'
import type { Call } from '../../core/calls'
import { indexOf, type WetnessPressure } from '../../core/climate'
import type { Training } from '../../core/crop'
import {
  holdsOn,
  type GardenCultivar,
  type Manner,
  type Place,
  type Planting,
  type RaisingWay,
  type SpacingSchool,
  type Support,
} from '../../core/facts'
import {
  allPlantings,
  notCleared,
  seasonToPlant,
  dateReason,
  readingsIn,
  ROOT_DEPTH,
  seedsToSow,
  STAGES,
  type Canopy,
  type PlantingOutlook,
  type SeasonOutlook,
  type Stage,
  type StageDate,
} from '../../core/season'
import { rotation } from '../../core/rotation'
import { plantingSpacing, recommendSpacing, type StandingPlant } from '../../core/spacing'
import { sayCall } from '../../wording/calls'
import { formatDate } from '../../wording/dates'
import { mannerOf } from '../../data/gardens'
import { capital, nameOf, trainingName } from '../../wording/names'
import { sayCount, sayLength, sayMeasure, sayTemperature } from '../../wording/say'
import { sayReason, sayReasons, type SaidReason } from '../../wording/say-reason'
import { ENTRY_NAMES, STAGE_NAMES } from '../../wording/stages'
import { BEGINNINGS, type Beginning } from './new-planting/values'
import { seasonPart, type SeasonPart } from './planting/season-part'

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
  places: (Place & { seasons: PlaceInSeason[] })[]
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
const BEGAN: Record<RaisingWay, Beginning> = {
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
  return {
    manner: day.manner,
    now: state.now,
    begins: BEGINNINGS.find((one) => one === asked.begins) ?? 'seed',
    seasons,
    season: seasons.find((season) => season === asked.season) ?? seasonToPlant(day.outlook),
    places: state.record.places
      .filter((place) => holdsOn(place, state.now))
      .map((place) => ({ ...place, seasons: seasons.map((season) => placeInSeason(day, place, season)) })),
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

/** One planting as of a date, in words and pictures. */
export interface PlantingView {
  id: string
  manner: Manner
  title: string
  subtitle: string
  answer: string
  deciding: string
  stages: {
    stage: Stage
    name: string
    date: string
    how: string
    spread: string
    share: string
    why: string
  }[]
  seeds: string
  season: SeasonPart
  spacing: {
    answer: string
    reasons: SaidReason[]
    schools: { name: string; inRow: string; effect: string }[]
  }
  place: Place
  plants: Canopy[]
  soil: { depth: number; now: string; readings: string[] }
  on: IsoDate
  now: IsoDate
  log: { id: string; date: string; text: string }[]
  canSetOut: boolean
  /** Where another planting that begins like it is made. */
  again: string
}

export function findPlanting<One extends AnyEntry>(
  outlook: SeasonOutlook<One>,
  id: string,
): PlantingOutlook<One> | null {
  return allPlantings(outlook).find(({ planting }) => planting.id === id) ?? null
}

export function plantingView(day: Day, id: string): PlantingView | null {
  const { state, on, manner, outlook } = day
  const own = findPlanting(outlook, id)
  if (!own) return null
  const { planting, cultivar, place } = own
  return {
    id,
    manner,
    title: `${cultivar.name}, ${sayCount(planting.count, 'plant')}`,
    subtitle: [
      place.name,
      `${nameOf(cultivar.fruit)} ${cultivar.crop}`,
      ...(cultivar.habit ? [nameOf(cultivar.habit), nameOf(planting.training)] : []),
    ].join(' · '),
    ...answerOf(day, own),
    stages: STAGES.filter((stage) => own.dates[stage].date !== null || stage === 'first-ripe').map((stage) =>
      stageLine(stage, own, manner),
    ),
    season: seasonPart(outlook, own, manner),
    seeds: seedsLine(planting, manner),
    spacing: spacingLines(planting, cultivar, dayOf(state, state.now).wetness, manner),
    place,
    plants: day.canopiesAround(own),
    soil: {
      depth: ROOT_DEPTH,
      now: sayTemperature(own.soil[indexOf(outlook.line.air, on)]!, manner),
      readings: readingsIn(place, outlook.counted).map(
        ({ date, depth, temperature }) =>
          `${formatDate(date, manner)}: ${sayTemperature(temperature, manner)} at ${sayLength(depth, manner)}`,
      ),
    },
    on,
    now: state.now,
    log: own.entries
      .map((entry) => ({
        id: entry.id,
        date: formatDate(entry.on, manner),
        text: capital(ENTRY_NAMES[entry.kind]) + (entry.note ? `: ${entry.note}` : ''),
      }))
      .reverse(),
    again: `/plantings/new?like=${planting.id}&begins=${own.plan.met?.as ?? BEGAN[planting.raising]}&season=${planting.season}`,
    canSetOut: own.planting.raising !== 'direct' && !own.stands && own.phase !== 'over',
  }
}

/** What is next for it: the call that is due, or the stage that comes first. */
function answerOf(
  { calls, manner, on }: Day,
  { planting, place, dates, phase }: PlantingOutlook,
): Pick<PlantingView, 'answer' | 'deciding'> {
  const isIts = ({ subject: { type, id }, plantingId }: Call) =>
    type === 'place'
      ? id === place.id && phase === 'standing'
      : type !== 'garden' && plantingId === planting.id
  const call = calls.find(isIts)
  if (call) {
    const from = call.urgency === 'coming' ? `, from ${formatDate(call.window.from, manner)}` : ''
    return {
      answer: sayCall(call.advice.answer, manner) + from,
      deciding: `${call.subject.type === 'place' ? `All of ${place.name}: ` : ''}${sayReason(call.advice.reasons[0]!, manner)}`,
    }
  }
  const next = STAGES.find((stage) => dates[stage].how !== 'logged' && (dates[stage].date ?? '') > on)
  if (next === undefined) return { answer: 'Nothing more to do this season', deciding: '' }
  const date = formatDate(dates[next].date!, manner)
  const weeks = sayMeasure({ kind: 'date', value: dates['set-out'].date ?? on }, manner)
  return {
    answer: `${STAGE_NAMES[next]}: about ${date}`,
    deciding:
      next === 'sow'
        ? `So that the plants are ready when nights and soil are warm enough, about ${weeks}.`
        : '',
  }
}

const HOW: Record<StageDate['how'], string> = { logged: 'entered', planned: 'planned', expected: 'expected' }

function stageLine(stage: Stage, own: PlantingOutlook, manner: Manner): PlantingView['stages'][number] {
  const { date, how, spread } = own.dates[stage]
  const reason = dateReason(own, stage)
  const say = (day: IsoDate | null) => (day === null ? 'never' : formatDate(day, manner, 'short'))
  return {
    stage,
    name: STAGE_NAMES[stage],
    date: date === null ? 'not before the frost' : formatDate(date, manner),
    how: HOW[how],
    spread:
      spread === null || how === 'logged' || (spread.p10 === spread.p90 && spread.share > 0.995)
        ? ''
        : `${say(spread.p10)} – ${say(spread.p90)}`,
    share: spread !== null && spread.share < 0.995 ? `in ${Math.round(spread.share * 100)} % of seasons` : '',
    why: reason === null || how === 'logged' ? '' : sayReason(reason, manner),
  }
}

function seedsLine({ count, germination, survival }: Planting, manner: Manner): string {
  const seeds = seedsToSow({ plantsWanted: count, germination, survival })
  return sayReason(
    {
      rule: 'call.sow-odds',
      values: {
        seeds: { kind: 'count', value: seeds },
        plants: { kind: 'count', value: count },
        germination: { kind: 'share', value: germination },
        survival: { kind: 'share', value: survival },
      },
      weight: 'supports',
    },
    manner,
  )
}

function spacingLines(
  planting: Planting,
  plant: GardenCultivar,
  wetness: WetnessPressure,
  manner: Manner,
): PlantingView['spacing'] {
  const { reasons, alternatives } = recommendSpacing({
    plant,
    training: planting.training,
    school: planting.spacingSchool,
    wetness,
  })
  const kept = plantingSpacing(planting, plant, wetness)
  return {
    answer: `${sayLength(kept.inRow, manner)} apart in the row${planting.ownInRow === null ? '' : ', as you chose'}`,
    reasons: sayReasons(reasons, manner),
    schools: alternatives.map(({ school, answer: theirs, gains, costs }) => ({
      name: nameOf(school),
      inRow: sayLength(theirs.inRow, manner),
      effect: [...gains, ...costs].map((reason) => sayReason(reason, manner)).join('; '),
    })),
  }
}
