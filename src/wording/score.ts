import type { Crop } from '../core/crop'
import type { Manner } from '../core/facts'
import { formatMeasure } from '../core/quantity'
import { LEAST_FORECASTS, type Lead, type ScoreKind, type ScoreRow, type ScoreSays } from '../core/score'
import type { DateBias } from '../core/season'
import { capital, listed } from './names'
import { sayCount, sayNumber } from './say'

/** What is foretold, of a crop where it is of one. */
const NAMES: Record<ScoreKind, string> = {
  seedlings: 'seedlings show',
  'first-flower': 'first flower',
  'first-ripe': 'first fruit picked',
  crop: 'weight of the crop',
  'last-frost': 'last spring frost',
  soil: 'soil temperature',
  water: 'how dry the soil is',
}
const CROPS: Record<Crop, string> = { tomato: 'tomatoes', pepper: 'peppers' }

export const scoreName = ({ kind, crop }: Pick<ScoreRow, 'kind' | 'crop'>): string =>
  capital(crop === null ? NAMES[kind] : `${NAMES[kind]}, ${CROPS[crop]}`)

/** How long before a forecast was made. */
export const leadName = (kind: ScoreKind, lead: Lead | null): string => {
  if (lead === null) return 'From winter on'
  const weeks = sayCount(lead / 7, 'week')
  return kind === 'water' ? `${weeks} without a reading` : `${weeks} ahead`
}

/** The size of an error, as it is measured. */
export function sayErrorSize(kind: ScoreKind, error: number, manner: Manner): string {
  const size = Math.abs(error)
  switch (kind) {
    case 'crop':
    case 'water':
      return `${Math.round(size * 100)}\u00a0%`
    case 'soil':
      return formatMeasure({ kind: 'temperature-difference', value: size }, manner)
    default:
      return sayDays(size, manner)
  }
}

/** Days to the tenth while they are few. */
function sayDays(days: number, manner: Manner): string {
  const said = sayNumber(days, manner, days < 10 ? 1 : 0)
  return `${said}\u00a0${said === '1' ? 'day' : 'days'}`
}

const SIDES: Record<ScoreKind, readonly [above: string, below: string]> = {
  seedlings: ['later', 'earlier'],
  'first-flower': ['later', 'earlier'],
  'first-ripe': ['later', 'earlier'],
  crop: ['more', 'less'],
  'last-frost': ['later', 'earlier'],
  soil: ['warmer', 'colder'],
  water: ['drier', 'wetter'],
}

/** To which side of its forecast something came. */
export const sideNames = (kind: ScoreKind) => SIDES[kind]

/** An error with its side, as in "3 days later". */
export function sayError(kind: ScoreKind, error: number, manner: Manner): string {
  const size = sayErrorSize(kind, error, manner)
  if (/^0([.,]0)?\D/.test(size)) return 'as forecast'
  return `${size} ${SIDES[kind][error > 0 ? 0 : 1]}`
}

const VERBS: Partial<Record<ScoreKind, string>> = { crop: 'weighed', soil: 'was', water: 'was' }

/** What the forecasts of one kind and lead say, in a sentence. */
export function saySays(kind: ScoreKind, says: ScoreSays, manner: Manner): string {
  const { bias, isBiased, spans, never } = says
  const missed = sayError(kind, bias, manner)
  const verb = VERBS[kind] ?? 'came'
  const came = isBiased
    ? `It ${verb} ${missed} than forecast.`
    : missed === 'as forecast'
      ? `On average it ${verb} as forecast.`
      : `On average it ${verb} ${missed}, which may be chance.`
  return [
    came,
    spans === 'narrow' ? 'The ranges given were too narrow.' : '',
    spans === 'wide' ? 'The ranges given were wider than needed.' : '',
    never > 0 ? `${sayCount(never, 'forecast')} said it would not come at all.` : '',
  ]
    .filter(Boolean)
    .join(' ')
}

/** What is still missing before something is said, as in "First fruit picked, peppers: 2 of 5". */
export const sayTooFew = (row: ScoreRow): string =>
  `${scoreName(row)}: ${Math.max(...row.cells.map(({ count }) => count))} of ${LEAST_FORECASTS}`

/** The line that answers: what is off, else that nothing is. */
export function sayScore(rows: readonly ScoreRow[], manner: Manner): { headline: string; detail: string } {
  const told = rows.flatMap(({ kind, crop, cells }) => {
    const cell =
      cells.find(({ lead, says }) => says !== null && lead === 21) ?? cells.find(({ says }) => says)
    return cell?.says ? [{ kind, crop, says: cell.says, lead: cell.lead }] : []
  })
  if (told.length === 0)
    return {
      headline: 'Too few forecasts to judge yet',
      detail: `Enter when seedlings show, flowers open and fruit is picked. After ${LEAST_FORECASTS} of a kind, their forecasts are judged here.`,
    }
  const off = told.filter(({ says }) => says.isBiased)
  const narrow = told.filter(({ says }) => says.spans === 'narrow')
  const ranges =
    narrow.length === 0
      ? ''
      : `Ranges were too narrow for ${listed(narrow.map((one) => scoreName(one).toLowerCase()))}.`
  if (off.length === 0)
    return {
      headline: 'The forecasts came true on average',
      detail: ranges || 'Nothing was early or late by more than chance.',
    }
  const [first, ...rest] = [...off].sort((a, b) => Math.abs(b.says.bias) - Math.abs(a.says.bias))
  const said = ({ kind, crop, says }: (typeof off)[number]) =>
    `${scoreName({ kind, crop })}: ${sayError(kind, says.bias, manner)} than forecast`
  return {
    headline: said(first!),
    detail: [rest.length > 0 ? `${rest.map(said).join('. ')}.` : '', ranges].filter(Boolean).join(' '),
  }
}

/** A date that is moved by the garden's own record. */
export function sayBias({ of, crop, days, late, count, lead }: DateBias, manner: Manner): string {
  const moved = `${sayCount(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'earlier'}`
  const came = `${sayErrorSize(of, late, manner)} ${late > 0 ? 'late' : 'early'}`
  return `${scoreName({ kind: of, crop })}: ${moved}. ${sayCount(count, 'forecast')} made ${sayCount(lead / 7, 'week')} ahead came ${came} on average.`
}
