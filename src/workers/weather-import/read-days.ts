import { WEATHER_BOUNDS } from '../../core/bounds'
import { addDays, type IsoDate } from '../../core/calendar'
import { dewPointFromHumidity, FORECAST_REACH, windAtTwoMetres } from '../../core/climate'
import { isMissing, isTrace, readNumber } from './cells'
import { isoOf, readDate, readTime } from './dates'
import { DayOfReadings, type Gathered, type Reading } from './gather'
import { MEASURES, type Mapping, type Measure, type Role } from './mapping'

/** A day as it is kept: °C, mm, °C, m/s at 2 m, MJ m⁻² d⁻¹; null: not measured. */
export interface ReadDay {
  date: string
  tmin: number
  tmax: number
  rain: number | null
  dewPoint: number | null
  wind: number | null
  solar: number | null
}

/** A line that cannot be taken, by its number in the file, and why. */
interface Fault {
  line: number
  reason: string
}

export interface ReadResult {
  /** Those after the garden's day are a forecast. */
  days: ReadDay[]
  faults: Fault[]
}

/** What a day's numbers can be, SI. */
const BOUNDS: Record<Measure, readonly [number, number, string]> = {
  tmin: [...WEATHER_BOUNDS.tmin, 'low'],
  tmax: [...WEATHER_BOUNDS.tmax, 'high'],
  temperature: [WEATHER_BOUNDS.tmin[0], WEATHER_BOUNDS.tmax[1], 'temperature'],
  rain: [...WEATHER_BOUNDS.rain, 'rain'],
  dewPoint: [...WEATHER_BOUNDS.dewPoint, 'dew point'],
  humidity: [0, 100, 'humidity'],
  humidityMin: [0, 100, 'lowest humidity'],
  humidityMax: [0, 100, 'highest humidity'],
  wind: [...WEATHER_BOUNDS.wind, 'wind'],
  solar: [...WEATHER_BOUNDS.solar, 'solar radiation'],
}
/** MJ m⁻² d⁻¹ that the sun at its highest would come to, held all day. */
const MOST_SUN_AT_ONCE = 130
/** Gauges tell a little over full moisture. */
const OVER_FULL = 105

class LineFault extends Error {}

type Rows = readonly (readonly string[])[]
/** What stands in a row for a role. */
type CellOf = (role: Role) => string

/**
 * Reads the rows of a table as days, one after the other, so that it can be shown and stopped; yields the share done.
 * A row that is wrong is reported and left out, and so is a day of which too little was read.
 *
 * @param today the garden's; of what comes after it only so many days are taken, as a forecast
 */
export function* readingDays(rows: Rows, mapping: Mapping, today: string): Generator<number, ReadResult> {
  const faults: Fault[] = []
  const days: ReadDay[] = []
  const lineOf = new Map<string, number>()
  const take = (line: number, read: () => ReadDay) =>
    guarded(faults, line, () => {
      const day = read()
      if (day.date > addDays(today as IsoDate, FORECAST_REACH))
        throw new LineFault(
          `${day.date} is more than ${FORECAST_REACH} days ahead: no forecast reaches so far`,
        )
      const before = lineOf.get(day.date)
      if (before !== undefined) throw new LineFault(`${day.date} is on line ${before} already`)
      lineOf.set(day.date, line)
      days.push(day)
    })
  const each = eachRow(rows, mapping)
  if (mapping.shape === 'days')
    for (const [line, row, share] of each) {
      take(line, () => dayOf(cellsOf(row, mapping), mapping))
      if (line % STEP === 0) yield share
    }
  else if (mapping.shape === 'codes') {
    const byDay = new Map<string, { line: number; cells: Map<Measure, string> }>()
    for (const [line, row, share] of each) {
      guarded(faults, line, () => putCode(byDay, line, row, mapping))
      if (line % STEP === 0) yield share
    }
    for (const [date, { line, cells }] of byDay)
      take(line, () => ofCells(date, (role) => cells.get(role as Measure) ?? '', mapping))
  } else {
    const byDay = new Map<string, DayOfReadings>()
    for (const [line, row, share] of each) {
      guarded(faults, line, () => putReading(byDay, line, row, mapping))
      if (line % STEP === 0) yield share
    }
    const usual = usualCount(byDay)
    for (const [date, readings] of byDay) {
      const gathered = readings.gathered(mapping.solar === 'W/m²')
      take(gathered.line, () => ofReadings(date, gathered, usual))
    }
  }
  return { days, faults: faults.sort((a, b) => a.line - b.line) }
}
const STEP = 200

/** Each row that holds anything, with its line and the share of the file that is behind it. */
function* eachRow(rows: Rows, { first }: Mapping): Generator<[number, readonly string[], number]> {
  for (let index = first; index < rows.length; index++) {
    const row = rows[index]!
    if (row.some((cell) => cell.trim() !== '')) yield [index + 1, row, index / rows.length]
  }
}

function guarded(faults: Fault[], line: number, act: () => void): void {
  try {
    act()
  } catch (error) {
    if (!(error instanceof LineFault)) throw error
    faults.push({ line, reason: error.message })
  }
}

const cellsOf =
  (row: readonly string[], { columns }: Mapping): CellOf =>
  (role) =>
    columns[role] === undefined ? '' : (row[columns[role]] ?? '').trim()

const dayOf = (cell: CellOf, mapping: Mapping) => ofCells(dateOf(cell, mapping), cell, mapping)

/** A day of cells that hold its low and high. */
function ofCells(date: string, cell: CellOf, mapping: Mapping): ReadDay {
  const value = (role: Measure) => numberOf(cell(role), role, mapping)
  const needed = (role: 'tmin' | 'tmax') => {
    const found = value(role)
    if (found === null) throw new LineFault(`the ${BOUNDS[role][2]} is missing`)
    return found
  }
  const [tmin, tmax] = [needed('tmin'), needed('tmax')]
  if (tmin > tmax) throw new LineFault(`the low, ${cell('tmin')}, is over the high, ${cell('tmax')}`)
  const wind = value('wind')
  return {
    date,
    tmin: tenth(tmin),
    tmax: tenth(tmax),
    rain: value('rain'),
    dewPoint: moisture(value, tmin, tmax),
    wind: wind === null ? null : hundredth(windAtTwoMetres(wind, mapping.windHeight)),
    solar: value('solar'),
  }
}

/** Puts a value of a table of codes to its day. */
function putCode(
  byDay: Map<string, { line: number; cells: Map<Measure, string> }>,
  line: number,
  row: readonly string[],
  mapping: Mapping,
): void {
  const cell = cellsOf(row, mapping)
  const measure = MEASURES.find((each) => mapping.codes[each] === cell('code'))
  if (!measure) return
  const date = dateOf(cell, mapping)
  const day = byDay.get(date) ?? { line, cells: new Map<Measure, string>() }
  if (day.cells.has(measure)) throw new LineFault(`${date} has its ${BOUNDS[measure][2]} already`)
  numberOf(cell('value'), measure, mapping)
  day.cells.set(measure, cell('value'))
  byDay.set(date, day)
}

/** Puts one of a day's readings to the others. */
function putReading(
  byDay: Map<string, DayOfReadings>,
  line: number,
  row: readonly string[],
  mapping: Mapping,
): void {
  const cell = cellsOf(row, mapping)
  const date = dateOf(cell, mapping)
  const reading = {} as Reading
  for (const measure of MEASURES)
    reading[measure] =
      mapping.columns[measure] === undefined ? null : numberOf(cell(measure), measure, mapping)
  if (reading.wind !== null) reading.wind = windAtTwoMetres(reading.wind, mapping.windHeight)
  const day = byDay.get(date) ?? new DayOfReadings(line)
  const minute = readTime(cell('time')) ?? readTime(cell('date')) ?? line
  day.add(reading, minute, mapping.rainOf)
  byDay.set(date, day)
}

/** How many readings most days have. */
function usualCount(byDay: ReadonlyMap<string, DayOfReadings>): number {
  const counts = [...byDay.values()].map((day) => day.gathered(false).count).sort((a, b) => a - b)
  return counts[Math.floor(counts.length / 2)] ?? 0
}

/** Of a day with fewer of its usual readings, the lowest and the highest may have been missed. */
const ENOUGH = 0.75

function ofReadings(date: string, gathered: Gathered, usual: number): ReadDay {
  const { count, tmin, tmax, rain, dewPoint, wind, solar } = gathered
  if (count < ENOUGH * usual)
    throw new LineFault(`${date} has ${count} of ${usual} readings: too few for its low and high`)
  if (tmin === null || tmax === null) throw new LineFault(`${date} has no temperature`)
  const most = (value: number | null, high: number) => (value === null ? null : Math.min(value, high))
  return {
    date,
    tmin: tenth(tmin),
    tmax: tenth(tmax),
    rain: rain === null ? null : hundredth(rain),
    dewPoint: dewPoint === null ? null : tenth(dewPoint),
    wind: wind === null ? null : hundredth(wind),
    solar: solar === null ? null : hundredth(most(solar, WEATHER_BOUNDS.solar[1])!),
  }
}

const tenth = (value: number) => Math.round(value * 10) / 10
const hundredth = (value: number) => Math.round(value * 100) / 100

/** The dew point, from humidity where that was measured. */
function moisture(value: (role: Measure) => number | null, tmin: number, tmax: number): number | null {
  const [mean, low, high] = [value('humidity'), value('humidityMin'), value('humidityMax')]
  const given = value('dewPoint')
  if (mean === null && high === null) return given === null ? null : tenth(given)
  const humid = high !== null ? { rhMax: high, rhMin: low ?? undefined } : { rhMean: mean! }
  const dewPoint = dewPointFromHumidity({ tmin, tmax, ...humid })
  return dewPoint === null ? null : tenth(dewPoint)
}

function dateOf(cell: CellOf, { columns, dateFormat }: Mapping): string {
  if (columns.date === undefined) {
    const parts = [cell('year'), cell('month'), cell('day')]
    const date = isoOf(Number(parts[0]), Number(parts[1]), Number(parts[2]))
    if (date === null) throw new LineFault(`there is no day “${parts.join('-').slice(0, 30)}”`)
    return date
  }
  const written = cell('date')
  if (written === '') throw new LineFault('the date is missing')
  const date = readDate(written, dateFormat)
  if (date !== null) return date
  const leap = /29\D?(02|2|feb)\w*\D|(02|feb)\w*\D?29/i.test(`${written} `)
  throw new LineFault(
    leap
      ? `“${written}”: that year has no 29 February`
      : `“${written.slice(0, 30)}” is no date written ${dateFormat}`,
  )
}

const KMH = 3.6
const MPH = 3600 / 1609.344
const KNOT = 3600 / 1852
/** MJ of a kWh, of a day of one W, and of one J on a square centimetre for a square metre. */
const MJ_PER_KWH = 3.6
const MJ_PER_WATT_DAY = 0.0864
const MJ_PER_JOULE_CM2 = 0.01

/** What was measured in SI; null: nothing was. */
function numberOf(cell: string, role: Measure, mapping: Mapping): number | null {
  const [low, high, name] = BOUNDS[role]
  if (role === 'rain' && isTrace(cell)) return 0
  if (isMissing(cell)) return null
  const typed = readNumber(cell, mapping.decimals)
  if (!typed) throw new LineFault(`the ${name}, “${cell.slice(0, 30)}”, is no number`)
  // Less than half a tenth is written as one tenth under none.
  if (role === 'rain' && mapping.tenths && typed.value === -1) return 0
  const value = toSi(typed.value, role, mapping)
  if (role === 'rain' && value < 0) throw new LineFault(`the rain, ${cell}, is less than none`)
  if (/^humidity/.test(role) && value > 100 && value <= OVER_FULL) return 100
  const most = role === 'solar' && mapping.shape === 'readings' ? MOST_SUN_AT_ONCE : high
  if (value < low || value > most) throw new LineFault(`the ${name}, ${cell}, cannot be`)
  return Math.round(value * 1000) / 1000
}

function toSi(written: number, role: Measure, mapping: Mapping): number {
  const { temperature, rain, wind, solar, tenths } = mapping
  const value = tenths && !/^humidity|solar/.test(role) ? written / 10 : written
  switch (role) {
    case 'tmin':
    case 'tmax':
    case 'temperature':
    case 'dewPoint':
      return temperature === 'f' ? (value - 32) / 1.8 : value
    case 'rain':
      return rain === 'in' ? value * 25.4 : value
    case 'wind':
      return value / { 'm/s': 1, 'km/h': KMH, mph: MPH, kn: KNOT }[wind]
    case 'solar':
      return (
        value *
        { 'MJ/m²': 1, 'kWh/m²': MJ_PER_KWH, 'W/m²': MJ_PER_WATT_DAY, 'J/cm²': MJ_PER_JOULE_CM2 }[solar]
      )
    default:
      return value
  }
}
