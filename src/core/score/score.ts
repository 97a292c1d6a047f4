import type { Crop } from '../crop'
import { MOST_MOVED, type DateBias } from '../season'
import { LEADS, SCORE_KINDS, type Hindcast, type Lead, type ScoreKind } from './hindcast'

/** Under so many forecasts nothing is said. */
export const LEAST_FORECASTS = 5
/** Of ten courses, eight lie within the span that is given with a forecast. */
const MEANT_INSIDE = 0.8
/** A share this unlikely, were the spans right, says that they are not. */
const UNLIKELY = 0.05
/** A mean error of so many of its standard errors is no chance. */
const CLEAR = 2
/** And of so much in its own measure it is worth a word: days, share of a crop, °C, share of what roots can hold. */
const WORTH: Record<ScoreKind, number> = {
  seedlings: 1,
  'first-flower': 1,
  'first-ripe': 1,
  crop: 0.05,
  'last-frost': 1,
  soil: 0.5,
  water: 0.05,
}

/** How forecasts of one kind, made so long before, came out. */
export interface ScoreCell {
  lead: Lead | null
  count: number
  /** The forecasts themselves, oldest first. */
  hindcasts: readonly Hindcast[]
  /** What they say; null: they are too few. */
  says: ScoreSays | null
}

export interface ScoreSays {
  /** Mean error, and mean size of the errors, as {@link Hindcast.error} measures them. */
  bias: number
  meanError: number
  /** Whether the mean error is more than chance. */
  isBiased: boolean
  /** Forecasts within their span, of how many that had one; and whether the spans are too narrow or too wide. */
  inside: { within: number; of: number } | null
  spans: 'right' | 'narrow' | 'wide' | null
  /** Forecasts that said it would never come. */
  never: number
}

export interface ScoreRow {
  kind: ScoreKind
  crop: Crop | null
  cells: ScoreCell[]
}

/** How right the forecasts were, by what they were of and how long before; what there is nothing of is left out. */
export function scoreOf(hindcasts: readonly Hindcast[]): ScoreRow[] {
  return SCORE_KINDS.flatMap((kind) =>
    (['tomato', 'pepper', null] as const).flatMap((crop): ScoreRow[] => {
      const own = hindcasts.filter((one) => one.kind === kind && one.crop === crop)
      if (own.length === 0) return []
      const cells = [...LEADS, null].flatMap((lead): ScoreCell[] => {
        const some = own.filter((one) => one.lead === lead)
        return some.length === 0
          ? []
          : [{ lead, count: some.length, hindcasts: some, says: saysOf(kind, some) }]
      })
      return [{ kind, crop, cells }]
    }),
  )
}

function saysOf(kind: ScoreKind, some: readonly Hindcast[]): ScoreSays | null {
  const errors = some.flatMap(({ error }) => error ?? [])
  if (errors.length < LEAST_FORECASTS) return null
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length
  const bias = mean(errors)
  const deviation = Math.sqrt(
    errors.reduce((sum, error) => sum + (error - bias) ** 2, 0) / (errors.length - 1),
  )
  const spanned = some.flatMap(({ inside }) => inside ?? [])
  const within = spanned.filter(Boolean).length
  return {
    bias,
    meanError: mean(errors.map(Math.abs)),
    isBiased:
      Math.abs(bias) >= WORTH[kind] && Math.abs(bias) >= (CLEAR * deviation) / Math.sqrt(errors.length),
    inside: spanned.length < LEAST_FORECASTS ? null : { within, of: spanned.length },
    spans: spanned.length < LEAST_FORECASTS ? null : spansOf(within, spanned.length),
    never: some.length - errors.length,
  }
}

/** Whether so many within their spans, of so many, is as eight of ten would be. */
function spansOf(within: number, of: number): NonNullable<ScoreSays['spans']> {
  if (atMost(within, of, MEANT_INSIDE) < UNLIKELY) return 'narrow'
  return 1 - atMost(within - 1, of, MEANT_INSIDE) < UNLIKELY ? 'wide' : 'right'
}

/** How likely at most so many of a number of trials succeed, each with a share's odds. */
function atMost(count: number, of: number, share: number): number {
  let [odds, sum] = [(1 - share) ** of, 0]
  for (let k = 0; k <= count; k++) {
    sum += odds
    odds *= ((of - k) / (k + 1)) * (share / (1 - share))
  }
  return sum
}

/** The lead by whose forecasts each date is corrected: seedlings are up within weeks of being sown. */
const CORRECTED_BY: Record<DateBias['of'], Lead> = { seedlings: 7, 'first-flower': 21, 'first-ripe': 21 }
/** A garden's own mean error counts in full only where forecasts are many: these stand for none. */
const DRAWN_BACK = 6

/** By how much a garden's own dates are to be moved: the mean errors that are more than chance, drawn back by counts. */
export function biasesOf(rows: readonly ScoreRow[]): DateBias[] {
  return rows.flatMap(({ kind, crop, cells }): DateBias[] => {
    if (crop === null || !(kind in CORRECTED_BY)) return []
    const of = kind as DateBias['of']
    const cell = cells.find(({ lead }) => lead === CORRECTED_BY[of])
    if (!cell?.says?.isBiased) return []
    const { says, count: forecasts } = cell
    const count = forecasts - says.never
    const drawn = (says.bias * count) / (count + DRAWN_BACK)
    const days = Math.round(Math.max(-MOST_MOVED, Math.min(MOST_MOVED, drawn)))
    return days === 0 ? [] : [{ of, crop, days, late: says.bias, count, lead: CORRECTED_BY[of] }]
  })
}
