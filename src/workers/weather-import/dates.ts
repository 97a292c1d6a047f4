import { isValid, parse } from 'date-fns'
import { isIsoDate } from '../../core/calendar'

/** How dates are written, as date-fns names it. */
export const DATE_FORMATS = [
  'yyyy-MM-dd',
  'dd.MM.yyyy',
  'dd/MM/yyyy',
  'MM/dd/yyyy',
  'dd-MM-yyyy',
  'MM-dd-yyyy',
  'yyyy/MM/dd',
  'yyyyMMdd',
  'd MMM yyyy',
  'MMM d, yyyy',
  'dd.MM.yy',
  'dd/MM/yy',
  'MM/dd/yy',
] as const
export type DateFormat = (typeof DATE_FORMATS)[number]

const MIDDAY = new Date(2000, 0, 1, 12)
const known = new Map<string, string | null>()
const MOST_KNOWN = 100_000

/** A cell as an ISO date; a time of day behind it is left off; null: it is none in this format. */
export function readDate(cell: string, format: DateFormat): string | null {
  const text = dayPart(cell)
  const key = `${format} ${text}`
  let found = known.get(key)
  if (found === undefined) {
    if (known.size >= MOST_KNOWN) known.clear()
    found = parsed(text, format)
    known.set(key, found)
  }
  return found
}

/** What is the date of a cell that may have a time of day behind it. */
const dayPart = (cell: string) =>
  cell
    .trim()
    .replace(/^(\d{8})\d{2}(\d{2})?(\d{2})?$/, '$1')
    .replace(/[T ]\d{1,2}:\d{2}.*$/, '')

function parsed(text: string, format: DateFormat): string | null {
  if (text.length < 6 || text.length > 14 || !/\d/.test(text)) return null
  if (format === 'yyyy-MM-dd' && isIsoDate(text)) return text
  if (format === 'yyyyMMdd' && !/^\d{8}$/.test(text)) return null
  const date = parse(text, format, MIDDAY)
  return isValid(date) ? isoOf(date.getFullYear(), date.getMonth() + 1, date.getDate()) : null
}

/** A day of three numbers; null: there is no such day. */
export function isoOf(year: number, month: number, day: number): string | null {
  if (!(year >= 1800 && year <= 2400)) return null
  const two = (value: number) => String(value).padStart(2, '0')
  const date = `${year}-${two(month)}-${two(day)}`
  return isIsoDate(date) ? date : null
}

export const isDate = (cell: string) => DATE_FORMATS.some((format) => readDate(cell, format) !== null)

/** Minutes after midnight that a cell tells: `13:05`, `1:05 PM`, `2024-05-01T13:05`, `2024050113`; null: none. */
export function readTime(cell: string): number | null {
  const text = cell.trim()
  const clock = /(?:^|[T ])(\d{1,2}):(\d{2})(?::\d{2}(?:\.\d+)?)?\s*([ap])?\.?m?/i.exec(text)
  if (clock) {
    const hour = Number(clock[1])
    const half = clock[3]?.toLowerCase()
    return (half ? (hour % 12) + (half === 'p' ? 12 : 0) : hour) * 60 + Number(clock[2])
  }
  const packed = /^\d{8}(\d{2})(\d{2})?$/.exec(text)
  if (packed) return Number(packed[1]) * 60 + Number(packed[2] ?? 0)
  return /^\d{1,2}$/.test(text) ? Number(text) * 60 : null
}
