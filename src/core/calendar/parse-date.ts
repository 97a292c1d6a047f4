import { isIsoDate, yearOf, type IsoDate } from './calendar'

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']

/**
 * Reads a date as people write it: `2026-06-18`, `18 June`, `June 18, 2026`, `18.6.`, `6/18/2026`.
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
  const words = clean
    .split(/[\s./-]+/)
    .filter((word) => word !== '' && !/^(mon|tue|wed|thu|fri|sat|sun)[a-z]*$/.test(word))
  if (words.length < 2 || words.length > 3) return null
  const named = words.findIndex((word) => monthNamed(word) > 0)
  const [first, second] = words as [string, string]
  const year = words[2] ?? String(yearOf(today))
  if (named === 0) return dateOf(year, monthNamed(first), second)
  if (named === 1) return dateOf(year, monthNamed(second), first)
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
