import type { Day, GardenState } from '../../data/garden-state'
import { onceADay } from '../../core/garden-day'
import type { IsoDate } from '../../core/calendar'
import {
  dateInSeason,
  weatherAt,
  FROST,
  indexOf,
  heatGap,
  LIGHT_FROST,
  type WeatherLine,
} from '../../core/climate'
import type { Manner } from '../../core/facts'
import { formatMeasure } from '../../core/quantity'
import { firstDates, firstSeason, isDone } from '../../core/season'
import { photoViews } from '../../data/photo-views'
import { sayWorks } from '../../wording/calls'
import { formatDate, weekday } from '../../wording/dates'
import { FIRST_REASONS, sayFirstDates } from '../../wording/first-dates'
import { capital } from '../../wording/names'
import { sayTemperature } from '../../wording/say'
import { ENTRY_NAMES } from '../../wording/stages'
import { firstWeekOf } from './first-week'
import { partsOf, wordsOf } from './parts'
import { stopOf } from './stops'
import { aboutOf, summaryOf } from './summary'
import type { DayAhead, FirstAnswer, Round } from './types'

const DAYS_AHEAD = 7

/** Today's round as of a date: the stops in order, what was done, the days ahead; the same until the garden changes. */
export const roundOf = onceADay('round', (day: Day): Round => {
  const { state, on, manner, outlook } = day
  const calls = day.calls
  const due = calls.filter(({ urgency }) => urgency !== 'coming')
  const done = doneOn(day)
  return {
    on,
    now: state.now,
    manner,
    ...wordsOf(calls, done.length > 0),
    parts: partsOf(day, done.length > 0),
    stops: due.map((call) => stopOf(call, day)),
    coming: calls.filter(({ urgency }) => urgency === 'coming').map((call) => stopOf(call, day)),
    done,
    summary: summaryOf(outlook, due, on, manner, state.plants),
    days: daysAhead(outlook.line, on, manner),
    newPlantingHref: '/plantings/new',
    plantingDayHref: due.some(({ advice }) => advice.answer.kind === 'set-out')
      ? `/planting-day${day.query}`
      : null,
    firstAnswer: hasNothingLeft(outlook) ? firstAnswerOf(day) : null,
    firstWeek: on === state.now ? firstWeekOf(state, Date.now()) : null,
  }
})

/** Nothing is planned, and what was grown is behind: the season to come is what there is to ask about. */
const hasNothingLeft = ({ plantings, coming, today }: Day['outlook']) =>
  coming.length === 0 && plantings.every((own) => isDone(own, today))

/** What was entered with this date. */
function doneOn(day: Day): Round['done'] {
  const { state, on, outlook } = day
  return outlook.counted
    .filter((entry) => entry.on === on && entry.kind !== 'timed')
    .map((entry) => ({
      id: entry.id,
      text: `${aboutOf(outlook, entry, state.plants)}: ${entry.kind === 'tended' ? sayWorks(entry.data.works) : ENTRY_NAMES[entry.kind]}${entry.note ? ` (${entry.note})` : ''}`,
      photos: photoViews(state, entry.id, entry.note || `Photo, ${aboutOf(outlook, entry, state.plants)}`),
    }))
}

const HOT = 32
const WINDY = 6.5
const RAINY = 1

function daysAhead({ air, sources }: WeatherLine, on: IsoDate, manner: Manner): DayAhead[] {
  const at = indexOf(air, on)
  return Array.from({ length: DAYS_AHEAD }, (_, lead) => {
    const { date, tmin, tmax, rain, wind } = weatherAt(air, at + lead)
    const usual = sources[at + lead] === 'normal'
    const note = usual
      ? 'usual'
      : tmin <= FROST
        ? 'frost'
        : tmin <= LIGHT_FROST
          ? 'near frost'
          : rain >= RAINY
            ? formatMeasure({ kind: 'water-depth', value: rain }, manner)
            : wind >= WINDY
              ? formatMeasure({ kind: 'speed', value: wind }, manner)
              : tmax >= HOT
                ? 'hot'
                : ''
    return {
      date,
      name: lead === 0 ? 'Today' : `${weekday(date)} ${Number(date.slice(8))}`,
      high: sayTemperature(tmax, manner),
      low: sayTemperature(tmin, manner),
      note,
      usual,
      isMadeUp: sources[at + lead] === 'simulated',
    }
  })
}

/** The first true answer of a garden with nothing left to do: when to sow and plant out here. */
function firstAnswerOf(day: Day): FirstAnswer {
  const { state, manner, outlook } = day
  const { ensemble } = state.record
  const dates = firstDates(outlook)
  const date = (offset: number | null) => (offset === null ? null : dateInSeason(dates.start, offset))
  // The headline says the year: other dates say theirs only where it is another one.
  const opening = dates.crops[0]?.opens ?? undefined
  const say = (day: IsoDate | null, none: string) =>
    day === null ? none : formatDate(day, { ...manner, seenOn: opening })
  const frost = outlook.frost.lastSpring
  return {
    headline: sayFirstDates(dates, manner),
    season: dates.season,
    picture: firstSeason(dates, outlook.frost),
    // What was grown before can be planned again.
    again: state.record.plantings.some(({ season }) => season === dates.season - 1) ? dates.season - 1 : null,
    crops: dates.crops.map(({ crop, sow, opens, early, late, closes, isShort }) => ({
      crop: capital(crop),
      sow: say(sow, 'no warm spell'),
      opens: say(opens, 'never warm enough outdoors'),
      range: opens === null ? '' : `8 years in 10 from ${say(early, '–')} to ${say(late, 'later or not')}`,
      closes: isShort ? 'too short a season without help' : say(closes, 'no frost ends it'),
    })),
    reasons: [
      {
        text:
          frost.p50 === null
            ? FIRST_REASONS.noFrost
            : FIRST_REASONS.frost(say(date(frost.p50), ''), say(date(frost.p90), 'that')),
        weight: 'decides',
      },
      {
        text: FIRST_REASONS.warmth,
        weight: 'supports',
      },
      ...heatReasons(ensemble, date, say),
      {
        text: FIRST_REASONS.basis(ensemble.seasons.length, ensemble.recorded),
        weight: 'supports',
      },
    ],
  }
}

/** In half the seasons or more, nights stay too warm to set for weeks. */
const OFTEN = 0.5

function heatReasons(
  ensemble: GardenState['record']['ensemble'],
  date: (offset: number | null) => IsoDate | null,
  say: (day: IsoDate | null, none: string) => string,
): FirstAnswer['reasons'] {
  const { begins, ends, share } = heatGap(ensemble)
  if (share < OFTEN) return []
  const [from, to] = [date(begins.p50), date(ends.p50)]
  return [
    {
      text: FIRST_REASONS.heat(say(from, ''), say(to, '')),
      weight: 'warns',
    },
  ]
}
