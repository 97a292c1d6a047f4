import type { IsoDate } from '../calendar'
import type { UnitSystem } from '../quantity'

/** Where a garden lies: ° north, ° east, m above the sea. */
export interface Site {
  latitude: number
  longitude: number
  elevation: number
}

/** How much the surroundings take off the wind. */
export const SHELTERS = ['open', 'fenced', 'walled'] as const
export type Shelter = (typeof SHELTERS)[number]

export const SOILS = ['sand', 'loamy-sand', 'sandy-loam', 'loam', 'silt-loam', 'clay-loam', 'clay'] as const
export type SoilTexture = (typeof SOILS)[number]

/** The garden's own way of writing numbers and dates. */
export interface Manner {
  units: UnitSystem
  decimals: 'point' | 'comma'
  dates: 'day-first' | 'month-first' | 'iso'
  /** Of the gardener's money, ISO 4217; null: none was chosen. */
  currency?: string | null
  /** The day that is looked at: dates of another year are written with it. */
  seenOn?: IsoDate
}

/** A garden's clock follows the computer, or is held on a date. */
export type Clock = { follows: 'computer' } | { follows: 'date'; date: IsoDate }
