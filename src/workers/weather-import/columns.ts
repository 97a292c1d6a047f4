import { isValid, parse } from 'date-fns'
import { isIsoDate } from '../../core/calendar'

/** What a column can hold. */
export const ROLES = [
  'date',
  'tmin',
  'tmax',
  'rain',
  'dewPoint',
  'humidity',
  'humidityMin',
  'humidityMax',
  'wind',
  'solar',
] as const
export type Role = (typeof ROLES)[number]

/** How dates are written, as date-fns names it. */
export const DATE_FORMATS = [
  'yyyy-MM-dd',
  'dd.MM.yyyy',
  'dd/MM/yyyy',
  'MM/dd/yyyy',
  'dd-MM-yyyy',
  'yyyy/MM/dd',
  'yyyyMMdd',
  'd MMM yyyy',
  'MMM d, yyyy',
] as const
export type DateFormat = (typeof DATE_FORMATS)[number]

/** How a table is to be read: the column of each role, and the units that its numbers are in. */
export interface Mapping {
  /** The first line names the columns. */
  header: boolean
  columns: Partial<Record<Role, number>>
  dateFormat: DateFormat
  decimals: 'point' | 'comma'
  temperature: 'c' | 'f'
  rain: 'mm' | 'in'
  wind: 'm/s' | 'km/h' | 'mph'
  /** Height of the wind gauge, m. */
  windHeight: number
  solar: 'MJ/m²' | 'kWh/m²' | 'W/m²'
}

/** Names that a column goes by, in the order in which they are looked for. */
const NAMES: readonly (readonly [Role, RegExp])[] = [
  ['date', /^(date|day|datum|fecha|time|timestamp|dt)\b|date/],
  ['humidityMin', /(rh|hum).*min|min.*(rh|hum)/],
  ['humidityMax', /(rh|hum).*max|max.*(rh|hum)/],
  ['humidity', /\brh\b|humid/],
  ['dewPoint', /dew/],
  ['tmin', /t.?min|min.*t|\blow\b|lowest|\bmin\b|minimum/],
  ['tmax', /t.?max|max.*t|\bhigh\b|highest|\bmax\b|maximum/],
  ['rain', /rain|precip|prcp|\bpp?t\b/],
  ['wind', /wind/],
  ['solar', /solar|radiat|\bsrad\b|sun/],
]

const SAMPLE = 100

/** What a table's own first lines say about how it is to be read; what they do not say is as the garden writes it. */
export function guessMapping(
  rows: readonly (readonly string[])[],
  garden: { decimals: 'point' | 'comma'; units: 'metric' | 'us'; dates: 'day-first' | 'month-first' | 'iso' },
): Mapping {
  const header = !(rows[0] ?? []).some((cell) => /^-?\d+([.,]\d+)?$/.test(cell.trim()))
  const heads = (header ? (rows[0] ?? []) : []).map((cell) =>
    cell.toLowerCase().replace(/[_-]+/g, ' ').trim(),
  )
  const columns: Mapping['columns'] = {}
  const taken = new Set<number>()
  for (const [role, pattern] of NAMES) {
    const at = heads.findIndex((head, index) => !taken.has(index) && pattern.test(head))
    if (at < 0) continue
    columns[role] = at
    taken.add(at)
  }
  const body = rows.slice(header ? 1 : 0, SAMPLE)
  columns.date ??= mostDates(body)
  const cells = (role: Role) => {
    const at = columns[role]
    return at === undefined ? [] : body.map((row) => (row[at] ?? '').trim()).filter(Boolean)
  }
  const dates = cells('date')
  const numbers = ROLES.filter((role) => role !== 'date').flatMap(cells)
  const commas = numbers.filter((cell) => /^-?\d*,\d+$/.test(cell)).length
  const points = numbers.filter((cell) => /^-?\d*\.\d+$/.test(cell)).length
  const decimals = commas === points ? garden.decimals : commas > points ? 'comma' : 'point'
  const head = (role: Role) => (columns[role] === undefined ? '' : (heads[columns[role]!] ?? ''))
  const highs = cells('tmax')
    .map((cell) => Number(cell.replace(',', '.')))
    .filter(Number.isFinite)
  const temperatureHead = head('tmax') + head('tmin')
  const us = garden.units === 'us'
  return {
    header,
    columns,
    dateFormat: bestFormat(dates, garden.dates),
    decimals,
    temperature:
      /°?\bf\b|fahr/.test(temperatureHead) || middle(highs) > 45
        ? 'f'
        : /°?\bc\b|cels/.test(temperatureHead) || !us
          ? 'c'
          : 'f',
    rain: /\bin(ch|ches)?\b/.test(head('rain')) ? 'in' : /mm/.test(head('rain')) || !us ? 'mm' : 'in',
    wind: /km/.test(head('wind'))
      ? 'km/h'
      : /mph|mi/.test(head('wind'))
        ? 'mph'
        : /m\/?s/.test(head('wind')) || !us
          ? 'm/s'
          : 'mph',
    windHeight: 2,
    solar: /kwh/.test(head('solar')) ? 'kWh/m²' : /w\/?m/.test(head('solar')) ? 'W/m²' : 'MJ/m²',
  }
}

/** The middle of some numbers; of none, nothing at all. */
const middle = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor((values.length - 1) / 2)] ?? 0

/** The column in which most cells are dates; the first where none is. */
function mostDates(rows: readonly (readonly string[])[]): number {
  const width = Math.max(0, ...rows.slice(0, 20).map((row) => row.length))
  let best = { at: 0, count: 0 }
  for (let at = 0; at < width; at++) {
    const count = rows
      .slice(0, 20)
      .filter((row) => DATE_FORMATS.some((format) => readDate(row[at] ?? '', format) !== null)).length
    if (count > best.count) best = { at, count }
  }
  return best.at
}

/** The format that reads most of the dates; of equal ones the garden's own order of day and month. */
function bestFormat(dates: readonly string[], order: 'day-first' | 'month-first' | 'iso'): DateFormat {
  const own = order === 'month-first' ? 'MM/dd/yyyy' : 'dd/MM/yyyy'
  const counts = DATE_FORMATS.map((format) => ({
    format,
    read: dates.filter((date) => readDate(date, format) !== null).length + (format === own ? 0.5 : 0),
  }))
  return counts.sort((a, b) => b.read - a.read)[0]!.format
}

const MIDDAY = new Date(2000, 0, 1, 12)

/** A cell as an ISO date; a time of day behind it is left off; null: it is none in this format. */
export function readDate(cell: string, format: DateFormat): string | null {
  const text = cell.trim().replace(/[T ]\d{1,2}:\d{2}.*$/, '')
  if (text.length < 6 || text.length > 14) return null
  if (format === 'yyyy-MM-dd' && isIsoDate(text)) return text
  const date = parse(text, format, MIDDAY)
  if (!isValid(date)) return null
  const year = date.getFullYear()
  if (year < 1800 || year > 2400) return null
  return `${year}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`
}
