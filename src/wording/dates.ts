import { epochDay, type IsoDate } from '../core/calendar'
import type { Manner } from '../core/facts'

type Style = 'day' | 'weekday' | 'full' | 'short'

const OPTIONS: Record<Style, Intl.DateTimeFormatOptions> = {
  day: { day: 'numeric', month: 'long' },
  short: { day: 'numeric', month: 'short' },
  weekday: { weekday: 'short', day: 'numeric', month: 'long' },
  full: { day: 'numeric', month: 'long', year: 'numeric' },
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

/** A date as the garden writes it: `18 June`, `June 18` or `2026-06-18`. */
export function formatDate(date: IsoDate, { dates }: Pick<Manner, 'dates'>, style: Style = 'day'): string {
  if (dates === 'iso') return style === 'weekday' ? `${weekday(date)} ${date}` : date
  const text = formatOf(LOCALES[dates], style).format(epochDay(date) * 86_400_000)
  return text.replace(',', style === 'full' ? ',' : '')
}

/** `Thu`. */
export function weekday(date: IsoDate): string {
  return new Date(epochDay(date) * 86_400_000).toLocaleDateString('en-GB', {
    weekday: 'short',
    timeZone: 'UTC',
  })
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/** `Jan` for 1. */
export const monthName = (month: number): string => MONTHS[month - 1]!
