import type { Day, GardenState } from '../../data/garden-state'
import { daysBetween, type IsoDate } from '../../core/calendar'
import { seasonOf } from '../../core/climate'
import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import type { LogEntry } from '../../core/log'
import { casesOf, diagnose, type CauseId, type HealthCase, type SignId } from '../../core/health'
import type { PhotoView } from '../../components/photo/photo-strip'
import { photoViews } from '../../data/photo-views'
import { formatDate } from '../../wording/dates'
import { CAUSE_WORDS, OUTCOME_NAMES } from '../../wording/health'
import { sayEntry } from '../../wording/entries'

/** A case in words. */
export interface CaseView {
  id: string
  subject: { type: 'place' | 'planting' | 'plant'; id: string }
  where: string
  crop: Crop
  /** What it is taken for, or by its signs likeliest now; null: neither is known. */
  cause: CauseId | null
  title: string
  /** How sure: `your judgement` or a share. */
  by: string
  since: string
  signs: SignId[]
  /** Each look, the first first. */
  looks: { id: string; on: string; said: string; note: string; photos: PhotoView[] }[]
  /** Days since it was looked at last. */
  days: number
  closed: string | null
}

export interface CasesView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  open: CaseView[]
  closed: CaseView[]
}

/** Closed cases shown. */
const MOST = 40

export function casesView(day: Day): CasesView {
  const { state, on, manner } = day
  const all = casesOf(day.outlook.counted)
  return {
    manner,
    on,
    now: state.now,
    open: all.filter(({ closed }) => closed === null).map((own) => caseOf(day, own)),
    closed: all
      .filter(({ closed }) => closed !== null)
      .slice(0, MOST)
      .map((own) => caseOf(day, own)),
  }
}

/** The planting that a case is of, or the first that stood in its place. */
function plantingOf(state: GardenState, { subject, on }: HealthCase) {
  const { plantings, places } = state.record
  const plant = state.plants.find(({ id }) => id === subject.id)
  const planting = plantings.find(
    ({ id, placeId, season }) =>
      id === (plant?.plantingId ?? subject.id) ||
      (placeId === subject.id && season === seasonOf(state.record.ensemble.normals, on)),
  )
  const place = places.find(({ id }) => id === (planting?.placeId ?? subject.id))
  const cultivar = state.record.cultivars.find(({ id }) => id === planting?.cultivarId)
  return { plant, planting, place, cultivar }
}

function caseOf(day: Day, own: HealthCase): CaseView {
  const { state, on, manner } = day
  const { plant, planting, place, cultivar } = plantingOf(state, own)
  const crop = cultivar?.crop ?? 'tomato'
  const growing = day.outlook.plantings.find((one) => one.planting.id === planting?.id)
  const likely =
    own.cause === null && own.closed === null && growing
      ? diagnose(own, day.health(growing)).answer.ranked[0]
      : undefined
  const cause = own.cause ?? likely?.cause ?? null
  return {
    id: own.id,
    subject: own.subject as CaseView['subject'],
    where: [place?.name, cultivar?.name, plant && `plant ${plant.label}`].filter(Boolean).join(', '),
    crop,
    cause,
    title: cause === null ? 'Not known' : CAUSE_WORDS[cause].name,
    by:
      own.cause !== null
        ? 'as you judged'
        : likely
          ? `by its symptoms, ${Math.round(likely.likelihood * 100)} %`
          : 'the symptoms alone do not tell',
    since: formatDate(own.since ?? own.on, manner),
    signs: own.signs,
    looks: own.entries.map((entry: LogEntry) => ({
      id: entry.id,
      on: formatDate(entry.on, manner),
      said: sayEntry(entry, crop, manner),
      note: entry.note,
      photos: photoViews(state, entry.id, `Photo, ${place?.name ?? 'garden'}`),
    })),
    days: daysBetween(own.lastSeen, on),
    closed: own.closed && `${formatDate(own.closed.on, manner)}: ${OUTCOME_NAMES[own.closed.outcome]}`,
  }
}
