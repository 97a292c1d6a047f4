import type { Day } from '../../data/garden-state'
import { dayOf } from '../../core/garden-day'
import type { AnyEntry } from '../../core/entry'
import type { IsoDate } from '../../core/calendar'
import type { Call } from '../../core/calls'
import { indexOf, type WetnessPressure } from '../../core/climate'
import { type GardenCultivar, type Manner, type Place, type Planting } from '../../core/facts'
import {
  allPlantings,
  dateReason,
  movedReason,
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
import { plantingSpacing, recommendSpacing } from '../../core/spacing'
import { sayCall } from '../../wording/calls'
import { formatDate } from '../../wording/dates'
import { capital, nameOf } from '../../wording/names'
import { sayCount, sayLength, sayMeasure, sayTemperature, sayOdds } from '../../wording/say'
import { sayReason, sayReasons, type SaidReason } from '../../wording/say-reason'
import { ENTRY_NAMES, STAGE_NAMES } from '../../wording/stages'
import { BEGAN } from './new-planting/choices'
import { seasonPart, type SeasonPart } from './planting/season-part'

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
      next === 'sow' ? `Then plants are ready when nights and soil are warm enough, about ${weeks}.` : '',
  }
}

const HOW: Record<StageDate['how'], string> = { logged: 'entered', planned: 'planned', expected: 'expected' }

function stageLine(stage: Stage, own: PlantingOutlook, manner: Manner): PlantingView['stages'][number] {
  const { date, how, spread } = own.dates[stage]
  const reasons = [dateReason(own, stage), movedReason(own, stage)].filter((reason) => reason !== null)
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
    share: spread !== null && spread.share < 0.995 ? sayOdds(spread.share) : '',
    why: how === 'logged' ? '' : reasons.map((reason) => sayReason(reason, manner)).join(' '),
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
