import { WEATHER_BOUNDS } from '../../core/bounds'
import { dewPointFromHumidity, windAtTwoMetres } from '../../core/climate'
import { readDate, type Mapping, type Role } from './columns'

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
  days: ReadDay[]
  faults: Fault[]
}

/** What a day's numbers can be, SI. */
const BOUNDS = {
  tmin: [...WEATHER_BOUNDS.tmin, 'low'],
  tmax: [...WEATHER_BOUNDS.tmax, 'high'],
  rain: [...WEATHER_BOUNDS.rain, 'rain'],
  dewPoint: [...WEATHER_BOUNDS.dewPoint, 'dew point'],
  humidity: [0, 100, 'humidity'],
  humidityMin: [0, 100, 'lowest humidity'],
  humidityMax: [0, 100, 'highest humidity'],
  wind: [...WEATHER_BOUNDS.wind, 'wind'],
  solar: [...WEATHER_BOUNDS.solar, 'solar radiation'],
} as const satisfies Record<Exclude<Role, 'date'>, readonly [number, number, string]>
type Measured = keyof typeof BOUNDS

/** What stations write where nothing was measured. */
const MISSING = new Set([
  '',
  '-',
  '--',
  'na',
  'n/a',
  'nan',
  'null',
  'none',
  'm',
  '-999',
  '-9999',
  '-99.9',
  '-999.9',
])

class LineFault extends Error {}

/**
 * Reads the lines of a table as days, one after the other, so that it can be shown and stopped; yields the share
 * done. A line that is wrong is reported and left out.
 *
 * @param today no day after it is on record
 */
export function* readingDays(
  rows: readonly (readonly string[])[],
  mapping: Mapping,
  today: string,
): Generator<number, ReadResult> {
  const days: ReadDay[] = []
  const faults: Fault[] = []
  const lineOf = new Map<string, number>()
  for (let index = mapping.header ? 1 : 0; index < rows.length; index++) {
    const row = rows[index]!
    const line = index + 1
    if (row.every((cell) => cell.trim() === '')) continue
    try {
      const day = readDay(row, mapping)
      if (day.date > today) throw new LineFault(`${day.date} has not come yet`)
      const before = lineOf.get(day.date)
      if (before !== undefined) throw new LineFault(`${day.date} is on line ${before} already`)
      lineOf.set(day.date, line)
      days.push(day)
    } catch (error) {
      if (!(error instanceof LineFault)) throw error
      faults.push({ line, reason: error.message })
    }
    if (index % STEP === 0) yield index / rows.length
  }
  return { days, faults }
}
const STEP = 200

function readDay(row: readonly string[], mapping: Mapping): ReadDay {
  const date = dateOf(row, mapping)
  const value = (role: Measured) => numberOf(row, role, mapping)
  const needed = (role: 'tmin' | 'tmax') => {
    const found = value(role)
    if (found === null) throw new LineFault(`the ${BOUNDS[role][2]} is missing`)
    return found
  }
  const [tmin, tmax] = [needed('tmin'), needed('tmax')]
  if (tmin > tmax)
    throw new LineFault(
      `the low, ${cellOf(row, 'tmin', mapping)}, is over the high, ${cellOf(row, 'tmax', mapping)}`,
    )
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

const tenth = (value: number) => Math.round(value * 10) / 10
const hundredth = (value: number) => Math.round(value * 100) / 100

/** The dew point, from humidity where that was measured. */
function moisture(value: (role: Measured) => number | null, tmin: number, tmax: number): number | null {
  const [mean, low, high] = [value('humidity'), value('humidityMin'), value('humidityMax')]
  const given = value('dewPoint')
  if (mean === null && high === null) return given === null ? null : tenth(given)
  const humid = high !== null ? { rhMax: high, rhMin: low ?? undefined } : { rhMean: mean! }
  const dewPoint = dewPointFromHumidity({ tmin, tmax, ...humid })
  return dewPoint === null ? null : tenth(dewPoint)
}

const cellOf = (row: readonly string[], role: Role, { columns }: Mapping) =>
  columns[role] === undefined ? '' : (row[columns[role]] ?? '').trim()

function dateOf(row: readonly string[], mapping: Mapping): string {
  const cell = cellOf(row, 'date', mapping)
  if (cell === '') throw new LineFault('the date is missing')
  const date = readDate(cell, mapping.dateFormat)
  if (date !== null) return date
  const leap = /29\D?(02|2|feb)\w*\D|(02|feb)\w*\D?29/i.test(`${cell} `)
  throw new LineFault(
    leap
      ? `“${cell}”: that year has no 29 February`
      : `“${cell.slice(0, 30)}” is no date written ${mapping.dateFormat}`,
  )
}

const KMH = 3.6
const MPH = 3600 / 1609.344
/** MJ of a kWh, and of a day of one W. */
const MJ_PER_KWH = 3.6
const MJ_PER_WATT_DAY = 0.0864

/** What was measured in SI; null: nothing was. */
function numberOf(row: readonly string[], role: Measured, mapping: Mapping): number | null {
  const cell = cellOf(row, role, mapping)
  if (MISSING.has(cell.toLowerCase())) return null
  const [low, high, name] = BOUNDS[role]
  const plain = mapping.decimals === 'comma' ? cell.replace(',', '.') : cell
  const typed = /^[-+−]?(\d+\.?\d*|\.\d+)\s*(°?\s?[cf]|mm|in|%)?$/i.test(plain)
    ? Number.parseFloat(plain.replace('−', '-'))
    : NaN
  if (Number.isNaN(typed)) throw new LineFault(`the ${name}, “${cell.slice(0, 30)}”, is no number`)
  const value = toSi(typed, role, mapping)
  if (role === 'rain' && value < 0) throw new LineFault(`the rain, ${cell}, is less than none`)
  if (value < low || value > high) throw new LineFault(`the ${name}, ${cell}, cannot be`)
  return Math.round(value * 1000) / 1000
}

function toSi(value: number, role: Measured, { temperature, rain, wind, solar }: Mapping): number {
  switch (role) {
    case 'tmin':
    case 'tmax':
    case 'dewPoint':
      return temperature === 'f' ? (value - 32) / 1.8 : value
    case 'rain':
      return rain === 'in' ? value * 25.4 : value
    case 'wind':
      return wind === 'km/h' ? value / KMH : wind === 'mph' ? value / MPH : value
    case 'solar':
      return solar === 'kWh/m²' ? value * MJ_PER_KWH : solar === 'W/m²' ? value * MJ_PER_WATT_DAY : value
    default:
      return value
  }
}
