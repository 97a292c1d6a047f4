import type { Call } from '../../core/calls'
import { remembered } from '../../core/memo'
import type { Day, GardenState } from '../../data/garden-state'
import { daysBetween, type IsoDate } from '../../core/calendar'
import { dateInSeason, startOfSeason } from '../../core/climate'
import { wantedIn, type Manner, type WantedLine } from '../../core/facts'
import type { FirstSeasonDates } from '../../components/drawing/first-season-bands'
import {
  firstPick,
  firstDates,
  firstSeason,
  allPlantings,
  datingEntries,
  riskiestDates,
  seasonInView,
  warningsAhead,
  type SeasonOutlook,
} from '../../core/season'
import { seedLinesOf } from '../../core/supplies'
import { sayCall, sayWhen } from '../../wording/calls'
import { formatDate } from '../../wording/dates'
import { sayCount, sayOdds } from '../../wording/say'
import { sayReason } from '../../wording/say-reason'
import type { SeasonKit } from '../../workers/season-kit'
import { axisOf, backdropOf, type Backdrop } from './season-backdrop'
import { lanesOf, type LanePlanting } from './lane-plantings'
import type { Axis } from './lanes'

type Outlook = Day['outlook']

export interface SeasonView {
  manner: Manner
  /** The season that is looked at, and those that can be. */
  season: number
  seasons: { number: number; plantings: number }[]
  answer: string
  deciding: string
  /** What the dates rest on: where the weather comes from, and how many seasons the odds count. */
  basis: string
  next: { text: string; when: string; isLate: boolean; where: string }[]
  risks: { text: string; odds: string; href: string }[]
  warnings: { text: string; who: string }[]
  axis: Axis
  today: number
  backdrop: Backdrop
  /** What is wanted of the season, what can be, and how much was grown in the one before. */
  wanted: {
    lines: (WantedLine & { name: string })[]
    /** With how many seeds of each the shed holds. */
    choices: { id: string; name: string; seeds: number }[]
    like: { cultivar: string; count: number }[]
  }
  plantings: LanePlanting[]
  /** What it would look like, where nothing is planned; null: something is, or it is too late for it. */
  first: FirstSeasonDates | null
  kit: SeasonKit
}

const NEXT_DAYS = 14
const MOST_NEXT = 5

/** @param asked a season's number, this one's or the next; undefined: the one that the garden lives in */
export const seasonView = (day: Day, asked?: number): SeasonView => {
  const usual = seasonInView(day.outlook).season
  return asked === day.season || asked === day.season + 1 ? viewOf(day, asked) : viewOf(day, usual)
}

const viewOf = (day: Day, season: number): SeasonView =>
  remembered(day, `season view ${season}`, () => workView(day, season))

function workView(day: Day, season: number): SeasonView {
  const { state, on, manner } = day
  const isComing = season > day.season
  // The season that is looked at, as if there were no other.
  const outlook: Outlook = {
    ...day.outlook,
    season,
    start: isComing ? startOfSeason(state.record.ensemble.normals, season) : day.outlook.start,
    plantings: isComing ? day.outlook.coming : day.outlook.plantings,
    coming: [],
  }
  const axis = axisOf(outlook)
  const every = allPlantings(day.outlook)
  const named = (id: string) => {
    const { place, cultivar } = every.find(({ planting }) => planting.id === id)!
    return `${cultivar.name} in ${place.name}`
  }
  return {
    manner,
    season,
    seasons: [day.season, day.season + 1].map((number) => ({
      number,
      plantings: (number === day.season ? day.outlook.plantings : day.outlook.coming).length,
    })),
    ...answerOf(outlook, manner),
    basis: basisOf(state),
    next: nextOf(day, named),
    risks: riskiestDates(outlook).map((risk) => ({
      text: `${named(risk.planting)}: ${sayReason(risk, manner)}`,
      odds: sayOdds(risk.odds),
      href: `/plantings/${risk.planting}`,
    })),
    warnings: warningsAhead(outlook).map((warning) => {
      const names = [...new Set(warning.plantings.map(named))]
      return { text: sayReason(warning, manner), who: severalOf(names) }
    }),
    axis,
    today: daysBetween(axis.start, on),
    backdrop: backdropOf(day, outlook, axis),
    wanted: wantedOf(state, season),
    plantings: lanesOf(outlook.plantings),
    first: outlook.plantings.length === 0 ? firstIn(outlook) : null,
    kit: kitOf(state, outlook),
  }
}

function firstIn(outlook: Outlook): FirstSeasonDates | null {
  const first = firstSeason(firstDates(outlook), outlook.frost)
  return first.season === outlook.season ? first : null
}

/** Late, before tonight, today, by a day that is told, and from a day ahead. */
function turnOf({ urgency, window: { due, until } }: Call, on: IsoDate): number {
  if (urgency === 'late') return 0
  if (urgency === 'tonight') return 1
  if (due > on) return 4
  return until !== null && until > on ? 3 : 2
}

/** What the plantings' dates ask in these two weeks, the soonest first; the same of several plantings once. */
function nextOf({ calls, manner, on }: Day, named: (id: string) => string): SeasonView['next'] {
  const lines: {
    text: string
    turn: number
    shown: IsoDate
    when: string
    isLate: boolean
    where: string[]
  }[] = []
  for (const call of calls) {
    const { advice, kind, subject, urgency, window, plantingId } = call
    const { due } = window
    // Their care from day to day is the round's.
    if (subject.type !== 'planting' || kind === 'tend' || daysBetween(on, due) > NEXT_DAYS) continue
    const text = sayCall(advice.answer, manner)
    const when = due > on ? formatDate(due, manner, 'short') : sayWhen(call, on, manner)
    const same = lines.find((line) => line.text === text && line.when === when)
    if (same) same.where.push(named(plantingId))
    else
      lines.push({
        text,
        turn: turnOf(call, on),
        shown: due > on ? due : (window.until ?? due),
        when,
        isLate: urgency === 'late',
        where: [named(plantingId)],
      })
  }
  return lines
    .sort((a, b) => a.turn - b.turn || (a.shown < b.shown ? -1 : a.shown > b.shown ? 1 : 0))
    .slice(0, MOST_NEXT)
    .map(({ text, when, isLate, where }) => ({ text, when, isLate, where: severalOf(where) }))
}

/** The first of several, and how many more. */
const severalOf = (names: readonly string[]): string =>
  names.length > 2 ? `${names[0]} and ${names.length - 1} more` : names.join(', ')

function wantedOf({ record, supplies, wanted }: GardenState, season: number): SeasonView['wanted'] {
  const names = new Map(record.cultivars.map(({ id, name }) => [id, name]))
  const lines = wantedIn(season, wanted, record.plantings).map((line) => ({
    ...line,
    name: names.get(line.cultivarId) ?? '',
  }))
  const told = new Set(lines.map(({ cultivarId }) => cultivarId))
  const grown = new Map<string, number>()
  for (const { season: of, cultivarId, count } of record.plantings)
    if (of === season - 1 && !told.has(cultivarId))
      grown.set(cultivarId, (grown.get(cultivarId) ?? 0) + count)
  return {
    lines,
    choices: record.cultivars.map(({ id, name }) => ({
      id,
      name,
      seeds: seedLinesOf(supplies, name).reduce((sum, { quantity }) => sum + quantity, 0),
    })),
    like: [...grown].map(([cultivar, count]) => ({ cultivar, count })),
  }
}

/** All that the screen needs to date the plantings anew by itself. */
function kitOf(
  { record, garden }: GardenState,
  { counted, line, today, start, plantings }: Outlook,
): SeasonKit {
  const { ensemble } = record
  const ids = new Set(plantings.map(({ planting }) => planting.id))
  const lows = ({ from, tmin, tmax }: typeof line.air) => ({ from, tmin: [...tmin], tmax: [...tmax] })
  return {
    facts: {
      places: record.places,
      cultivars: record.cultivars,
      plantings: plantings.map(({ planting }) => planting),
      entries: datingEntries(counted).filter(
        ({ subject, kind }) => ids.has(subject.id) || kind === 'soil-read',
      ),
      biases: record.biases,
    },
    normals: ensemble.normals,
    latitude: garden.latitude,
    recorded: ensemble.recorded ? ensemble.seasons.map(lows) : null,
    line: { ...lows(line.air), sources: line.sources },
    today,
    season: { start, warmest: ensemble.warmest },
  }
}

function basisOf({ record, garden }: GardenState): string {
  const count = record.ensemble.seasons.length
  const odds = record.ensemble.recorded
    ? `Chances are based on your ${count} recorded seasons`
    : `Chances are based on ${count} simulated seasons using your average climate`
  const days = record.weather.length > 0
  if (garden.station === 'simulated') return `${odds}. The days so far and the forecast are simulated too.`
  return days
    ? `${odds}. The days so far come from your weather record, the rest from your average climate.`
    : `${odds}. You have no weather record yet, so this year’s dates use your average climate.`
}

function answerOf(outlook: SeasonOutlook, manner: Manner): Pick<SeasonView, 'answer' | 'deciding'> {
  const ripening = outlook.plantings
    .flatMap(({ dates, cultivar, place }) => {
      const { date, how } = firstPick(dates)
      return date === null || how === 'logged' || date < outlook.today
        ? []
        : [{ date, name: cultivar.name, place: place.name }]
    })
    .sort((a, b) => (a.date < b.date ? -1 : 1))[0]
  const { p50, p90 } = outlook.frost.firstAutumn
  const say = (offset: number) => formatDate(dateInSeason(outlook.start, offset), manner)
  const spring = outlook.frost.lastSpring
  const deciding =
    p50 === null
      ? 'In most years no frost ends the season here.'
      : `The last frost comes about ${spring.p50 === null ? 'never' : say(spring.p50)}, the first about ${say(p50)}${p90 === null ? '' : ` (9 years in 10 by ${say(p90)})`}.`
  if (ripening)
    return {
      answer: `Next to ripen: ${ripening.name} in ${ripening.place}, about ${formatDate(ripening.date, manner)}`,
      deciding,
    }
  const planned = outlook.plantings.length
  return {
    answer:
      planned === 0
        ? `Nothing is planned for ${outlook.season} yet`
        : `${sayCount(planned, 'planting')} in ${outlook.season}`,
    deciding,
  }
}
