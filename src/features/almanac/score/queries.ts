import { addDays, earlierOf } from '../../../core/calendar'
import {
  biasesOf,
  hindcasting,
  scoreOf,
  type Hindcast,
  type ScoreCell,
  type ScoreRow,
} from '../../../core/score'
import type { DateBias } from '../../../core/season'
import { remembered } from '../../../core/memo'
import { breathe } from '../../../data/database'
import { wholeRecord, type Day } from '../../../data/garden-state'
import { formatDate } from '../../../wording/dates'
import {
  leadName,
  sayBias,
  sayError,
  sayErrorSize,
  saySays,
  sayScore,
  sayTooFew,
  scoreName,
  sideNames,
} from '../../../wording/score'

/** A forecast as it is drawn: where it lies between the farthest errors, −1 to 1, and what it was of. */
interface ScoreDot {
  at: number
  isInside: boolean | null
  title: string
}

/** Forecasts of one kind that were made so long before. */
interface ScoreLine {
  lead: string
  count: number
  mean: string
  size: string
  /** Null: no range was given. */
  inside: string | null
  dots: readonly ScoreDot[]
}

export interface ScoreView {
  headline: string
  detail: string
  rows: readonly {
    id: string
    name: string
    says: string
    sides: readonly [above: string, below: string]
    /** What the ends of its picture stand for. */
    reach: string
    lines: readonly ScoreLine[]
  }[]
  /** Kinds of which there are too few. */
  few: readonly string[]
  /** What the garden's own record would move; and how that is known among others. */
  moves: readonly string[]
  movesKey: string
}

/** Days of weather that the seasons looked back on lie in, and the one before them. */
const DAYS_BACK = 5 * 366
/** ms of work before other requests are let in. */
const WORK = 25

/** The forecasts of the last seasons, made again; null: it was stopped. Remembered until something is written. */
export async function hindcastsOf(
  day: Day,
  onShare: (share: number) => void = () => {},
  isStopped: () => boolean = () => false,
): Promise<Hindcast[] | null> {
  const held = remembered(day, 'hindcasts', (): { found: Hindcast[] | null } => ({ found: null }))
  if (held.found) return held.found
  const { state, on } = day
  const now = earlierOf(on, state.now)
  const since = addDays(now, -DAYS_BACK)
  const weather = (await wholeRecord(state.garden.id)).filter(({ date }) => date >= since)
  const foretold = state.record.weather.filter(({ source }) => source === 'forecast')
  const steps = hindcasting({
    ...state,
    now,
    record: { ...state.record, weather: [...weather, ...foretold] },
  })
  let began = performance.now()
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return (held.found = step.value)
    if (performance.now() - began < WORK) continue
    onShare(step.value)
    await breathe()
    if (isStopped()) return null
    began = performance.now()
  }
}

/** By how much the garden's own record would move its dates. */
export const biasesFound = (hindcasts: readonly Hindcast[]): DateBias[] => biasesOf(scoreOf(hindcasts))

/** How right the forecasts were, as the Almanac shows it. */
export function scoreView(day: Day, hindcasts: readonly Hindcast[]): ScoreView {
  const { manner } = day
  const rows = scoreOf(hindcasts)
  const told = rows.filter(({ cells }) => cells.some(({ says }) => says !== null))
  const moves = biasesOf(rows)
  return {
    ...sayScore(rows, manner),
    rows: told.map((row) => rowOf(day, row)),
    few: rows.filter((row) => !told.includes(row)).map(sayTooFew),
    moves: moves.map((bias) => sayBias(bias, manner)),
    movesKey: JSON.stringify(moves),
  }
}

function rowOf(day: Day, { kind, crop, cells }: ScoreRow): ScoreView['rows'][number] {
  const { manner } = day
  const shown = cells.filter(({ says }) => says !== null)
  const farthest = Math.max(
    0,
    ...shown.flatMap(({ hindcasts }) => hindcasts.map(({ error }) => Math.abs(error ?? 0))),
  )
  const main = shown.find(({ lead }) => lead === 21) ?? shown[0]!
  return {
    id: `${kind}-${crop ?? 'all'}`,
    name: scoreName({ kind, crop }),
    says: saySays(kind, main.says!, manner),
    sides: sideNames(kind),
    reach: sayErrorSize(kind, farthest, manner),
    lines: shown.map((cell) => lineOf(day, kind, cell, farthest)),
  }
}

function lineOf(
  day: Day,
  kind: ScoreRow['kind'],
  { lead, count, says, hindcasts }: ScoreCell,
  farthest: number,
): ScoreLine {
  const { manner } = day
  const { bias, meanError, inside } = says!
  return {
    lead: leadName(kind, lead),
    count,
    mean: sayError(kind, bias, manner),
    size: sayErrorSize(kind, meanError, manner),
    inside: inside && `${inside.within} of ${inside.of}`,
    dots: hindcasts.flatMap(({ error, ...one }): ScoreDot[] =>
      error === null
        ? []
        : [
            {
              at: farthest === 0 ? 0 : error / farthest,
              isInside: one.inside,
              title: `${nameOf(day, one)}, ${formatDate(one.on, manner)}: ${sayError(kind, error, manner)}`,
            },
          ],
    ),
  }
}

/** What a forecast was of: its planting, its place, or the garden. */
function nameOf({ state: { record, garden } }: Day, { subject }: Pick<Hindcast, 'subject'>): string {
  const planting = record.plantings.find(({ id }) => id === subject.id)
  const place = record.places.find(({ id }) => id === (planting?.placeId ?? subject.id))
  const cultivar = record.cultivars.find(({ id }) => id === planting?.cultivarId)
  return [cultivar?.name, place?.name].filter(Boolean).join(', ') || garden.name
}

/** What a garden follows of its own record now, in words; null: it does not. */
export function followedOf({ state: { garden }, manner }: Day): FollowedRecord | null {
  if (!garden.ownRecord) return null
  const { on, biases } = garden.ownRecord
  return {
    since: formatDate(on, manner),
    moves: biases.map((bias) => sayBias(bias, manner)),
    movesKey: JSON.stringify(biases),
  }
}

export interface FollowedRecord {
  since: string
  moves: readonly string[]
  movesKey: string
}
