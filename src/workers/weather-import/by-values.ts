import { isMissing, isTrace, readNumber } from './cells'
import { isDate, readTime } from './dates'
import type { Doubt, Measure, Role } from './mapping'

/** A column without a name, by its numbers. */
interface Column {
  at: number
  /** A number for each row; NaN: none. */
  values: number[]
  /** Those there are, sorted. */
  sorted: number[]
}

/** What a day's or an hour's air can be in °C or °F. */
const AIR = { low: -60, high: 125 }
const LEAST_SPREAD = 1

/** Which column holds what where none is named: told by the numbers themselves; where two fit, it is asked. */
export function columnsByValues(
  rows: readonly (readonly string[])[],
  decimals: 'point' | 'comma',
): { columns: Partial<Record<Role, number>>; doubts: Doubt[] } {
  const width = Math.max(0, ...rows.map((row) => row.length))
  const columns: Partial<Record<Role, number>> = {}
  const taken = new Set<number>()
  const take = (role: Role, at: number) => {
    columns[role] = at
    taken.add(at)
  }
  const date = mostDates(rows, width)
  if (date !== null) take('date', date)
  const all = Array.from({ length: width }, (_, at) => numbersOf(rows, at, decimals))
  const parts = date === null ? dateParts(all) : null
  if (parts) for (const [role, at] of Object.entries(parts)) take(role as Role, at)
  const clock = all.findIndex(({ at }) => !taken.has(at) && isClock(rows, at))
  if (clock >= 0) take('time', clock)

  const doubts: Doubt[] = []
  const ask = (found: readonly number[], roles: Role[]) => {
    for (const at of found) taken.add(at)
    doubts.push({ columns: [...found], roles })
  }
  const free = () => all.filter(({ at, sorted }) => !taken.has(at) && sorted.length > 0)

  const rains = free().filter(isRain)
  if (rains.length === 1) take('rain', rains[0]!.at)
  else if (rains.length > 1)
    ask(
      rains.map(({ at }) => at),
      ['rain'],
    )

  const airs = free().filter(isAir)
  const dry = widestOf(pairsOf(airs.filter((column) => !isMoist(column))))
  const pairs = dry.length > 0 ? dry : widestOf(pairsOf(airs))
  const [pair] = pairs
  if (pairs.length > 1) ask([...new Set(pairs.flat().map(({ at }) => at))], ['tmin', 'tmax'])
  else if (pair) {
    take('tmin', pair[0].at)
    take('tmax', pair[1].at)
    // What lies between the two is the day's mean.
    for (const column of free())
      if (isUnder(pair[0], column) && isUnder(column, pair[1])) taken.add(column.at)
  } else {
    const single = airs.filter((column) => !isMoist(column) && middle(column) !== 0)
    if (single.length === 1) take('temperature', single[0]!.at)
    else if (single.length > 1)
      ask(
        single.map(({ at }) => at),
        ['temperature'],
      )
  }

  const moist = free().filter(isMoist)
  if (moist.length === 1) take('humidity', moist[0]!.at)
  else if (moist.length === 2 && isUnder(moist[0]!, moist[1]!)) {
    take('humidityMin', moist[0]!.at)
    take('humidityMax', moist[1]!.at)
  } else if (moist.length > 1)
    ask(
      moist.map(({ at }) => at),
      ['humidity'],
    )

  for (const column of free()) {
    const roles = (['wind', 'solar'] as const).filter(
      (role) => columns[role] === undefined && FITS[role](column),
    )
    if (roles.length === 1) take(roles[0]!, column.at)
    else if (roles.length > 1) ask([column.at], [...roles])
  }
  return { columns, doubts }
}

/** What wind, m/s to mph, and a day's sun, MJ/m² to W/m², look like. */
const FITS: Record<Extract<Measure, 'wind' | 'solar'>, (column: Column) => boolean> = {
  wind: (column) => from(column, 0) && middle(column) > 0.3 && middle(column) < 12 && top(column) <= 60,
  solar: (column) => from(column, 0) && middle(column) > 4 && top(column) > 10 && top(column) <= 1500,
}

/** The column in which most cells are dates; null: none is. */
export function mostDates(rows: readonly (readonly string[])[], width: number): number | null {
  const looked = rows.slice(0, 20)
  let best = { at: 0, count: 0 }
  for (let at = 0; at < width; at++) {
    const count = looked.filter((row) => isDate(row[at] ?? '')).length
    if (count > best.count) best = { at, count }
  }
  return best.count > looked.length / 2 ? best.at : null
}

function numbersOf(rows: readonly (readonly string[])[], at: number, decimals: 'point' | 'comma'): Column {
  const values = rows.map((row) => {
    const cell = row[at] ?? ''
    if (isTrace(cell)) return 0
    return isMissing(cell) ? NaN : (readNumber(cell, decimals)?.value ?? NaN)
  })
  const sorted = values.filter(Number.isFinite).sort((a, b) => a - b)
  return { at, values, sorted: sorted.length >= 0.4 * rows.length ? sorted : [] }
}

/** Year, month and day in three columns of whole numbers. */
function dateParts(all: readonly Column[]): Pick<Record<Role, number>, 'year' | 'month' | 'day'> | null {
  const whole = all.filter(({ sorted }) => sorted.length > 0 && sorted.every(Number.isInteger))
  const within = (column: Column, low: number, high: number) => from(column, low) && top(column) <= high
  const year = whole.find((column) => within(column, 1800, 2400))
  if (!year) return null
  const near = whole.filter(({ at }) => Math.abs(at - year.at) <= 2 && at !== year.at)
  const month = near.find((column) => within(column, 1, 12))
  const day = near.find((column) => column !== month && within(column, 1, 31))
  return month && day ? { year: year.at, month: month.at, day: day.at } : null
}

const isClock = (rows: readonly (readonly string[])[], at: number) => {
  const cells = rows.map((row) => (row[at] ?? '').trim()).filter(Boolean)
  return cells.length > 0 && cells.every((cell) => /^\d{1,2}:\d{2}/.test(cell) && readTime(cell) !== null)
}

const at = ({ sorted }: Column, share: number) => sorted[Math.floor((sorted.length - 1) * share)] ?? NaN
const middle = (column: Column) => at(column, 0.5)
const top = (column: Column) => at(column, 1)
const from = (column: Column, low: number) => at(column, 0) >= low

/** Never under none, often none, and now and then a lot. */
const isRain = (column: Column) =>
  from(column, 0) && at(column, 0.25) === 0 && top(column) > 0 && middle(column) < top(column) / 5

const isAir = (column: Column) => at(column, 0) >= AIR.low && top(column) <= AIR.high

/** Per cent of moisture: never over a hundred, mostly over thirty, now and then near it. */
const isMoist = (column: Column) =>
  from(column, 1) && top(column) <= 100 && top(column) >= 75 && middle(column) >= 35

/** Whether one column is nowhere over another, and lower on the whole. */
function isUnder(low: Column, high: Column): boolean {
  let [both, gap] = [0, 0]
  for (let row = 0; row < low.values.length; row++) {
    const [a, b] = [low.values[row]!, high.values[row]!]
    if (!Number.isFinite(a) || !Number.isFinite(b)) continue
    if (a > b) return false
    both++
    gap += b - a
  }
  return both > 0 && gap / both >= LEAST_SPREAD / 2
}

/** Columns of which one is nowhere over the other, and which rise and fall together. */
const pairsOf = (columns: readonly Column[]) =>
  columns.flatMap((low) =>
    columns
      .filter((high) => high !== low && isUnder(low, high) && together(low.values, high.values) > 0.3)
      .map((high) => [low, high] as const),
  )

/** Pairs that no other pair holds between its two. */
const widestOf = (pairs: readonly (readonly [Column, Column])[]) =>
  pairs.filter(
    ([low, high]) =>
      !pairs.some(
        ([a, b]) =>
          (a === low && b !== high && isUnder(high, b)) || (b === high && a !== low && isUnder(a, low)),
      ),
  )

/** Correlation of two columns; of too few rows, whole. */
function together(a: readonly number[], b: readonly number[]): number {
  const rows = a.flatMap((value, row) =>
    Number.isFinite(value) && Number.isFinite(b[row]!) ? [[value, b[row]!] as const] : [],
  )
  if (rows.length < 5) return 1
  const mean = (side: 0 | 1) => rows.reduce((sum, row) => sum + row[side], 0) / rows.length
  const [meanA, meanB] = [mean(0), mean(1)]
  let [ab, aa, bb] = [0, 0, 0]
  for (const [x, y] of rows) {
    ab += (x - meanA) * (y - meanB)
    aa += (x - meanA) ** 2
    bb += (y - meanB) ** 2
  }
  return aa === 0 || bb === 0 ? 0 : ab / Math.sqrt(aa * bb)
}
