import { epochDay, yearOf, type IsoDate } from '../core/calendar'
import type { Manner } from '../core/facts'

type Style = 'day' | 'weekday' | 'full' | 'short' | 'short-full'

const OPTIONS: Record<Style, Intl.DateTimeFormatOptions> = {
  day: { day: 'numeric', month: 'long' },
  short: { day: 'numeric', month: 'short' },
  weekday: { weekday: 'short', day: 'numeric', month: 'long' },
  full: { day: 'numeric', month: 'long', year: 'numeric' },
  'short-full': { day: 'numeric', month: 'short', year: 'numeric' },
}
const WITH_YEAR: Record<Style, Style> = {
  day: 'full',
  weekday: 'weekday',
  full: 'full',
  short: 'short-full',
  'short-full': 'short-full',
}
const LOCALES = { 'day-first': 'en-GB', 'month-first': 'en-US' } as const

const formats = new Map<string, Intl.DateTimeFormat>()

function formatOf(locale: string, style: Style): Intl.DateTimeFormat {
  const key = locale + style
  let format = formats.get(key)
  if (!format)
    formats.set(key, (format = new Intl.DateTimeFormat(locale, { ...OPTIONS[style], timeZone: 'UTC' })))
  return format
}

/**
 * A date as the garden writes it: `18 June`, `June 18` or `2026-06-18`; with its year where that is not the year it is
 * seen in.
 */
export function formatDate(
  date: IsoDate,
  { dates, seenOn }: Pick<Manner, 'dates' | 'seenOn'>,
  asked: Style = 'day',
): string {
  const style = seenOn === undefined || yearOf(date) === yearOf(seenOn) ? asked : WITH_YEAR[asked]
  if (dates === 'iso') return style === 'weekday' ? `${weekday(date)} ${date}` : date
  const text = formatOf(LOCALES[dates], style).format(epochDay(date) * 86_400_000)
  return text.replace(',', style === 'full' || style === 'short-full' ? ',' : '')
}

/** `Thu`. */
export function weekday(date: IsoDate): string {
  return new Date(epochDay(date) * 86_400_000).toLocaleDateString('en-GB', {
    weekday: 'short',
    timeZone: 'UTC',
  })
}

/** An hour of the day, as `7 AM` or `07:00`. */
export const formatHour = (hour: number, { dates }: Pick<Manner, 'dates'>): string =>
  new Date(hour * 3_600_000).toLocaleTimeString(dates === 'month-first' ? 'en-US' : 'en-GB', {
    hour: 'numeric',
    minute: dates === 'month-first' ? undefined : '2-digit',
    timeZone: 'UTC',
  })

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/** `Jan` for 1. */
export const monthName = (month: number): string => MONTHS[month - 1]!

const LONG = new Intl.DateTimeFormat('en', { month: 'long', timeZone: 'UTC' })

/** `January` for 1. */
export const monthLongName = (month: number): string => LONG.format(Date.UTC(2001, month - 1, 15))
