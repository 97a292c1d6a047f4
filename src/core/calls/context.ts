import { addDays, daysBetween, type IsoDate } from '../calendar'
import { indexOf } from '../climate'
import type { EntrySubject } from '../entry'
import type { Place } from '../facts'
import type { HarvestEntries } from '../harvest'
import { needsOf } from './needs'
import type { PlantingOutlook, SeasonOutlook, StageEntries } from '../season'
import type { Reason } from '../advice'
import type { Call, CallKind, CallRule, Urgency } from './call'
import type { CallAnswer } from './call-answer'

/** One planting on one day, as the call makers see it. */
export interface CallContext extends PlantingOutlook {
  own: PlantingOutlook
  season: SeasonOutlook
  today: IsoDate
  /** Index of today in the line. */
  at: number
}

export function contextOf(season: SeasonOutlook, outlook: PlantingOutlook): CallContext {
  return { ...outlook, own: outlook, season, today: season.today, at: indexOf(season.line.air, season.today) }
}

/** A place or the whole garden on one day; `own`: one of its plantings. */
export interface AboutContext {
  season: SeasonOutlook
  today: IsoDate
  at: number
  subject: EntrySubject
  own: PlantingOutlook
}
export type PlaceContext = AboutContext & { place: Place }

/** That a day's weather is made up, where what is to be done rests on it; nothing where it was foretold or recorded. */
export const madeUp = ({ line }: SeasonOutlook, at: number): Reason<CallRule>[] =>
  line.sources[at] === 'simulated'
    ? [{ rule: 'call.forecast-simulated', values: {}, weight: 'supports' }]
    : []

/** What a planting's calls go by. */
type Told = keyof StageEntries | keyof HarvestEntries

export const has = ({ entries }: CallContext, ...kinds: Told[]) =>
  entries.some(({ kind }) => (kinds as string[]).includes(kind))
export const lastOf = ({ entries }: CallContext, kind: Told): IsoDate | null =>
  entries.findLast((entry) => entry.kind === kind)?.on ?? null

/** Calls are shown this many days before they are due. */
const DAYS_AHEAD = 7

type Draft = Pick<Call, 'minutes' | 'ifItWaits'> & {
  occurrence?: string | number
  due: IsoDate
  /** Days before `due` on which it may already be done, and after which it is late; never late when null. */
  early?: number
  late?: number | null
  /** What is lost when night falls. */
  tonight?: boolean
  advice: Omit<Call['advice'], 'answer' | 'alternatives'> & {
    answer: CallAnswer
    alternatives?: Call['advice']['alternatives']
  }
}

/** A call from what its maker knows; null while it is too far ahead. */
export const makeCall = (context: CallContext, draft: Draft): Call | null =>
  makeCallAbout(
    {
      season: context.season,
      today: context.today,
      at: context.at,
      subject: { type: 'planting', id: context.planting.id },
      own: context,
    },
    draft,
  )

/** The same about a place or the garden. */
export function makeCallAbout({ subject, own, today, season, at }: AboutContext, draft: Draft): Call | null {
  const { due, early = 0, late = 7, occurrence, tonight = false } = draft
  const from = addDays(due, -early)
  if (daysBetween(today, from) > DAYS_AHEAD) return null
  const until = late === null ? null : addDays(due, late)
  const urgency: Urgency = tonight
    ? 'tonight'
    : from > today
      ? 'coming'
      : until !== null && today > until
        ? 'late'
        : 'today'
  const kind: CallKind = draft.advice.answer.kind
  const { air, sources } = season.line
  const day = sources[at] === 'normal' ? null : { rain: air.rain[at]!, tmax: air.tmax[at]! }
  return {
    id: [subject.id, kind, ...(occurrence === undefined ? [] : [occurrence])].join(':'),
    kind,
    subject,
    plantingId: own.planting.id,
    placeId: own.place.id,
    window: { from, due, until },
    urgency,
    minutes: draft.minutes,
    usualMinutes: draft.minutes,
    needs: needsOf(draft.advice.answer, day),
    advice: { alternatives: [], ...draft.advice },
    ifItWaits: draft.ifItWaits,
  }
}
