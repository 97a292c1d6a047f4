import { columnsByValues, mostDates } from './by-values'
import { isNumeric, readNumber, valuesOf } from './cells'
import { codesOf, valueBeside, wordsOf } from './codes'
import { DATE_FORMATS, isDate, readDate, type DateFormat } from './dates'
import { columnsByName, namedIn, plainHead } from './heads'
import {
  MEASURES,
  type Doubt,
  type GardenWays,
  type Mapping,
  type Measure,
  type Role,
  type Shape,
} from './mapping'
import { unitsOf } from './units'

type Rows = readonly (readonly string[])[]

/** What a table's own rows say about how it is to be read, and what they leave open. */
export interface Guess {
  mapping: Mapping
  /** What stands over the columns, with its unit; null: nothing does. */
  heads: string[] | null
  doubts: Doubt[]
  /** Words of the column of codes. */
  words: string[]
  /** All dates could be read the other way round as well. */
  isEitherWay: boolean
}

/** Rows that are looked at, from the whole of a file: the first days of a month are the same either way round. */
const SAMPLE = 400

/**
 * How a table is to be read; what it does not say is as the garden writes it.
 *
 * @param told index of the row that names the columns, null for none; where it was not told it is looked for
 */
export function guessOf(rows: Rows, garden: GardenWays, told?: number | null): Guess {
  const start = rows.findIndex(
    (row, index) => isDataRow(row) && (isDataRow(rows[index + 1] ?? row) || index > 0),
  )
  const heading = told === undefined ? headingOver(rows, Math.max(0, start)) : told
  const first = heading === null ? Math.max(0, start) : Math.max(heading + 1, nextData(rows, heading + 1))
  const heads = heading === null ? null : headsOf(rows, heading, first)
  const body = rows.slice(first).filter((row) => row.length > 1)
  const sample = spread(body, SAMPLE)
  const decimals = decimalsOf(sample, garden)

  const named = heads && columnsByName(heads.map(plainHead))
  const isNamed =
    named &&
    (named.tmin !== undefined ||
      named.temperature !== undefined ||
      named.code !== undefined ||
      Object.keys(named).length > 1)
  const { columns, doubts } = isNamed
    ? { columns: sane(named, sample, decimals), doubts: [] }
    : columnsByValues(sample, decimals)
  if (columns.date === undefined && columns.year === undefined) {
    const at = mostDates(sample, Math.max(0, ...sample.map((row) => row.length)))
    if (at !== null) columns.date = at
  }
  const codes = columns.tmin === undefined ? codesOf(sample, columns) : null
  if (codes) {
    columns.code = codes.at
    columns.value ??= valueBeside(sample, codes.at, columns)
    for (const role of MEASURES) delete columns[role]
  } else {
    delete columns.code
    delete columns.value
  }
  const dates = columns.date === undefined ? [] : sample.map((row) => (row[columns.date!] ?? '').trim())
  const format = formatOf(dates, garden.dates)
  const shape: Shape = codes ? 'codes' : isManyADay(body, columns, format.format) ? 'readings' : 'days'
  const cellsOf = (role: Measure) => {
    if (codes) {
      const code = codes.of[role]
      return code === undefined || columns.value === undefined
        ? []
        : sample
            .filter((row) => (row[codes.at] ?? '').trim() === code)
            .map((row) => row[columns.value!] ?? '')
    }
    const at = columns[role]
    return at === undefined ? [] : sample.map((row) => row[at] ?? '')
  }
  const headOf = (role: Measure) =>
    codes
      ? plainHead(codes.of[role] ?? '')
      : plainHead(columns[role] === undefined ? '' : (heads?.[columns[role]] ?? ''))
  return {
    heads,
    doubts,
    words: codes?.words ?? wordsOf(sample),
    isEitherWay: format.isEitherWay,
    mapping: {
      heading,
      first,
      shape,
      columns,
      codes: codes?.of ?? {},
      dateFormat: format.format,
      decimals,
      ...unitsOf(headOf, cellsOf, decimals, garden),
      rainOf:
        shape === 'readings' && columns.rain !== undefined && isSoFar(body, columns, format.format, decimals)
          ? 'so-far'
          : 'each',
      windHeight: 2,
    },
  }
}

/** A row with a date and a number, or with numbers for the most part. */
function isDataRow(row: readonly string[]): boolean {
  const cells = row.filter((cell) => cell.trim() !== '')
  const dates = cells.filter(isDate).length
  const numbers = cells.filter((cell) => isNumeric(cell) && !isDate(cell)).length
  return (dates >= 1 && numbers >= 1) || (numbers >= 3 && numbers >= 0.6 * cells.length)
}

function nextData(rows: Rows, from: number): number {
  for (let index = from; index < Math.min(rows.length, from + 5); index++)
    if (isDataRow(rows[index]!)) return index
  return from
}

/** Index of the row over the first numbers that names the columns; null: none does. */
function headingOver(rows: Rows, first: number): number | null {
  const width = rows[first]?.length ?? 0
  let best: { at: number; named: number } | null = null
  for (let at = first - 1; at >= 0; at--) {
    const row = rows[at]!
    const words = row.filter((cell) => /[a-z]/i.test(cell)).length
    if (words < 2 || row.length < Math.min(3, width)) continue
    const named = namedIn(row.map(plainHead))
    if (named > (best?.named ?? (at === first - 1 ? -1 : 1))) best = { at, named }
  }
  return best?.at ?? null
}

/** The names over the columns, each with what a row of units under them says. */
function headsOf(rows: Rows, heading: number, first: number): string[] {
  const under = rows.slice(heading + 1, first).filter((row) => row.length > 1)
  return rows[heading]!.map((head, at) =>
    [head.replace(/^\s*#\s*/, ''), ...under.map((row) => row[at] ?? '')]
      .map((part) => part.trim())
      .filter(Boolean)
      .join(' '),
  )
}

/** So many rows, evenly from the whole. */
const spread = (rows: Rows, most: number): Rows => {
  const step = Math.max(1, rows.length / most)
  return Array.from({ length: Math.min(most, rows.length) }, (_, index) => rows[Math.floor(index * step)]!)
}

function decimalsOf(rows: Rows, garden: GardenWays): Mapping['decimals'] {
  const cells = rows.flat()
  const commas = cells.filter((cell) => /^-?\d*,\d+$/.test(cell.trim())).length
  const points = cells.filter((cell) => /^-?\d*\.\d+$/.test(cell.trim())).length
  return commas === points ? (commas === 0 ? 'point' : garden.decimals) : commas > points ? 'comma' : 'point'
}

/** Columns by name, without one whose numbers cannot be what its name says. */
function sane(
  named: Partial<Record<Role, number>>,
  rows: Rows,
  decimals: Mapping['decimals'],
): Partial<Record<Role, number>> {
  const columns = { ...named }
  for (const role of ['humidity', 'humidityMin', 'humidityMax'] as const) {
    const at = columns[role]
    if (at === undefined) continue
    const values = valuesOf(
      rows.map((row) => row[at] ?? ''),
      decimals,
    )
    if (values.filter((value) => value < 0 || value > 105).length > 0.05 * values.length) delete columns[role]
  }
  return columns
}

/** The format that reads most of the dates; of equal ones the garden's own order of day and month. */
function formatOf(
  dates: readonly string[],
  order: GardenWays['dates'],
): { format: DateFormat; isEitherWay: boolean } {
  const isOwn = (format: string) => (order === 'month-first' ? /^M/ : /^d/).test(format)
  const counts = DATE_FORMATS.map((format) => ({
    format,
    read: dates.filter((date) => readDate(date, format) !== null).length,
  })).sort((a, b) => b.read - a.read || Number(isOwn(b.format)) - Number(isOwn(a.format)))
  const [best] = counts
  const isEitherWay =
    best!.read > 0 &&
    counts.some(({ format, read }) => read === best!.read && turned(best!.format) === format)
  return { format: best!.read === 0 ? 'yyyy-MM-dd' : best!.format, isEitherWay }
}

/** The same format with day and month the other way round. */
const turned = (format: string) => format.replace(/d{2}|M{2}/g, (part) => (part === 'dd' ? 'MM' : 'dd'))

/** The day of a row as text, in whatever way it is written: rows of one day have the same. */
function dayOfRow(row: readonly string[], columns: Mapping['columns'], format: DateFormat): string {
  if (columns.date !== undefined) return readDate(row[columns.date] ?? '', format) ?? ''
  return [columns.year, columns.month, columns.day]
    .map((at) => (at === undefined ? '' : (row[at] ?? '')))
    .join('-')
}

/** Whether several rows in a row are of one day. */
function isManyADay(body: Rows, columns: Mapping['columns'], format: DateFormat): boolean {
  const days = body.slice(0, SAMPLE).map((row) => dayOfRow(row, columns, format))
  const again = days.filter((day, index) => index > 0 && day !== '' && day === days[index - 1]).length
  return again > days.length / 2
}

/** Whether the rain of a day only grows from reading to reading, and begins anew with the next. */
function isSoFar(
  body: Rows,
  columns: Mapping['columns'],
  format: DateFormat,
  decimals: Mapping['decimals'],
): boolean {
  const days = new Map<string, number[]>()
  for (const row of body.slice(0, 20_000)) {
    const rain = readNumber(row[columns.rain!] ?? '', decimals)?.value
    const day = dayOfRow(row, columns, format)
    if (rain !== undefined) days.set(day, [...(days.get(day) ?? []), rain])
  }
  const wet = [...days.values()].filter((rains) => rains.length > 2 && Math.max(...rains) > 0)
  // A sum stays where it is for many readings; single falls are followed by none.
  const grown = wet.filter((rains) => {
    const falls = rains.filter((rain, index) => index > 0 && rain < rains[index - 1]!).length
    const rises = rains.filter((rain, index) => index > 0 && rain > rains[index - 1]!).length
    return Math.min(falls, rises) === 0 || (falls === 1 && rains[0]! > 0)
  })
  return wet.length > 0 && grown.length >= 0.8 * wet.length
}
