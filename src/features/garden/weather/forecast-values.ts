/** Days that are asked for, from the garden's own on. */
export const FORETOLD_BY_HAND = 7

/** A forecast as it is typed: a row a day. */
export interface ForecastValues {
  /** The first row's day. */
  from: string
  days: Record<'tmin' | 'tmax' | 'rain' | 'wind', string>[]
}
