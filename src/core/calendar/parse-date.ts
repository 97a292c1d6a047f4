import { addDays, epochDay, isIsoDate, yearOf, type IsoDate } from './calendar'

const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday']
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']

/** The day that a word names: `today`, `tomorrow`, or the last one of a weekday before today; null: none. */
export function dayNamed(word: string, today: IsoDate): IsoDate | null {
  const away = ['yesterday', 'today', 'tomorrow'].indexOf(word)
  if (away >= 0) return addDays(today, away - 1)
  const weekday = WEEKDAYS.indexOf(word)
  // 1 January 1970 was a Thursday.
  return weekday < 0 ? null : addDays(today, -((((epochDay(today) + 4 - weekday) % 7) + 7) % 7 || 7))
}

/**
 * Reads a date as people write it: `2026-06-18`, `18 June`, `June 18, 2026`, `18.6.`, `6/18/2026`, `yesterday`,
 * `last Monday`, `3 days ago`.
 *
 * @param today gives the year where none is written
 * @param order which of two bare numbers is the day
 * @returns the date, or null when the text is none
 */
export function parseDate(
  text: string,
  today: IsoDate,
  order: 'day-first' | 'month-first' | 'iso',
): IsoDate | null {
  const clean = text
    .trim()
    .toLowerCase()
    .replace(/,/g, ' ')
    .replace(/(\d)(st|nd|rd|th)\b/g, '$1')
  if (clean.length > 40) return null
  if (isIsoDate(clean)) return clean
  const named = dayNamed(clean.replace(/^(last|on) /, ''), today)
  if (named) return named
  const ago = /^(\d{1,3}) (day|week)s? ago$/.exec(clean)
  if (ago) return addDays(today, -Number(ago[1]) * (ago[2] === 'week' ? 7 : 1))
  const words = clean
    .split(/[\s./-]+/)
    .filter((word) => word !== '' && !/^(mon|tue|wed|thu|fri|sat|sun)[a-z]*$/.test(word))
  if (words.length < 2 || words.length > 3) return null
  const month = words.findIndex((word) => monthNamed(word) > 0)
  const [first, second] = words as [string, string]
  const year = words[2] ?? String(yearOf(today))
  if (month === 0) return dateOf(year, monthNamed(first), second)
  if (month === 1) return dateOf(year, monthNamed(second), first)
  return order === 'month-first' ? dateOf(year, Number(first), second) : dateOf(year, Number(second), first)
}

/** 1–12 for a month's name of three letters or more; 0 for anything else. */
function monthNamed(word: string): number {
  return /^[a-z]{3,9}$/.test(word) ? MONTHS.indexOf(word.slice(0, 3)) + 1 : 0
}

function dateOf(year: string, month: number, day: string): IsoDate | null {
  const date = `${year}-${String(month).padStart(2, '0')}-${day.padStart(2, '0')}`
  return isIsoDate(date) ? date : null
}
