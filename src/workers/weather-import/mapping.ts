import type { DateFormat } from './dates'

/** What a column can hold that is measured; `temperature` is one of many readings a day. */
export const MEASURES = [
  'tmin',
  'tmax',
  'temperature',
  'rain',
  'dewPoint',
  'humidity',
  'humidityMin',
  'humidityMax',
  'wind',
  'solar',
] as const
export type Measure = (typeof MEASURES)[number]

/** What a column can hold: the date whole or in three parts, a measure, or a value and the code that says of what. */
export const ROLES = ['date', 'year', 'month', 'day', 'time', ...MEASURES, 'code', 'value'] as const
export type Role = (typeof ROLES)[number]

/** A row a day; a row a reading, many of them a day; or a row for each value of a day, with its code. */
export const SHAPES = ['days', 'readings', 'codes'] as const
export type Shape = (typeof SHAPES)[number]

/** How a table is to be read: where it begins, the column of each role, and the units that its numbers are in. */
export interface Mapping {
  /** Index of the row that names the columns; null: none does. */
  heading: number | null
  /** Index of the first row with numbers. */
  first: number
  shape: Shape
  columns: Partial<Record<Role, number>>
  /** Of a table of codes: which stands for what. */
  codes: Partial<Record<Measure, string>>
  dateFormat: DateFormat
  decimals: 'point' | 'comma'
  /** Temperatures, rain and wind are whole tenths of their unit. */
  tenths: boolean
  temperature: 'c' | 'f'
  rain: 'mm' | 'in'
  /** Of many readings a day: each its own rain, or the day's so far. */
  rainOf: 'each' | 'so-far'
  wind: 'm/s' | 'km/h' | 'mph' | 'kn'
  /** Height of the wind gauge, m. */
  windHeight: number
  solar: 'MJ/m²' | 'kWh/m²' | 'W/m²' | 'J/cm²'
}

/** Columns that could each hold any of some roles, so that it has to be said. */
export interface Doubt {
  columns: number[]
  roles: Role[]
}

/** How the garden writes, for what a file leaves open. */
export interface GardenWays {
  decimals: 'point' | 'comma'
  units: 'metric' | 'us'
  dates: 'day-first' | 'month-first' | 'iso'
}
