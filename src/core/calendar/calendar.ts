/**
 * Calendar dates without clock or time zone: ISO strings of a branded type, and whole days since
 * 1970-01-01 where arithmetic wants a number.
 */
export type IsoDate = string & { readonly __brand: 'IsoDate' }

const PATTERN = /^(\d{4})-(\d{2})-(\d{2})$/
const DAY = 86_400_000
const [FIRST_YEAR, LAST_YEAR] = [1900, 2399]

/** True for a date that exists, written `2026-06-18`, in the years 1900 to 2399. */
export function isIsoDate(text: unknown): text is IsoDate {
  if (typeof text !== 'string') return false
  const match = PATTERN.exec(text)
  if (!match) return false
  const [year, month, day] = [Number(match[1]), Number(match[2]), Number(match[3])]
  if (year < FIRST_YEAR || year > LAST_YEAR) return false
  const date = new Date(Date.UTC(year, month - 1, day))
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day
}

/** @throws RangeError when `text` is not a date that exists. */
export function isoDate(text: string): IsoDate {
  if (!isIsoDate(text)) throw new RangeError(`date must be a calendar date such as 2026-06-18, not ${text}`)
  return text
}

/** Dates that were written out before, by their day: seasons are walked through over and over. */
const written = new Map<number, IsoDate>()
const read = new Map<IsoDate, number>()

/** Whole days from 1970-01-01 to `date`. */
export function epochDay(date: IsoDate): number {
  let day = read.get(date)
  if (day === undefined) {
    day = Date.UTC(Number(date.slice(0, 4)), Number(date.slice(5, 7)) - 1, Number(date.slice(8, 10))) / DAY
    if (isIsoDate(date)) read.set(date, day)
  }
  return day
}

/** The date `day` whole days after 1970-01-01. @throws RangeError when `day` is not a whole number. */
export function dateFromEpochDay(day: number): IsoDate {
  if (!Number.isInteger(day)) throw new RangeError(`day must be a whole number, not ${day}`)
  let date = written.get(day)
  if (date === undefined) {
    date = new Date(day * DAY).toISOString().slice(0, 10) as IsoDate
    if (isIsoDate(date)) written.set(day, date)
  }
  return date
}

export function addDays(date: IsoDate, days: number): IsoDate {
  return dateFromEpochDay(epochDay(date) + Math.round(days))
}

/** The same day of the month `months` later, or that month's last day where it has no such day. */
export function addMonths(date: IsoDate, months: number): IsoDate {
  const index = yearOf(date) * 12 + monthOf(date) - 1 + months
  const [year, month] = [Math.floor(index / 12), index % 12]
  const last = new Date(Date.UTC(year, month + 1, 0)).getUTCDate()
  const day = Math.min(Number(date.slice(8, 10)), last)
  return new Date(Date.UTC(year, month, day)).toISOString().slice(0, 10) as IsoDate
}

/** Days from `from` to `to`; negative when `to` comes first. */
export function daysBetween(from: IsoDate, to: IsoDate): number {
  return epochDay(to) - epochDay(from)
}

/** 1 on 1 January, 365 or 366 on 31 December. */
export function dayOfYear(date: IsoDate): number {
  return epochDay(date) - Date.UTC(yearOf(date), 0, 1) / DAY + 1
}

export function yearOf(date: IsoDate): number {
  return Number(date.slice(0, 4))
}

/** 1 for January to 12 for December. */
export function monthOf(date: IsoDate): number {
  return Number(date.slice(5, 7))
}

export function laterOf(a: IsoDate, b: IsoDate): IsoDate {
  return a > b ? a : b
}

export function earlierOf(a: IsoDate, b: IsoDate): IsoDate {
  return a < b ? a : b
}

/** A garden is looked at this far ahead and back at the most, d. */
const FARTHEST = 400

/** Whether a text is a date that a garden can be looked at on, as of today. */
export function isWithinReach(text: unknown, today: IsoDate): text is IsoDate {
  return isIsoDate(text) && Math.abs(daysBetween(today, text)) <= FARTHEST
}
