import type { UnitSystem } from '../../core/quantity'

/** What a gardener has on the first day. */
export const HAVES = ['nothing', 'seed', 'bought', 'growing'] as const

export interface BeginValues {
  have: string
  where: string
  /** Coordinates, in °; empty until a town is chosen or coordinates are typed. */
  spot: string
  elevation: string
  climate: string
  lastFrost: string
  hottest: string
  units: UnitSystem
  decimals: string
  dates: string
  /** Empty: none. */
  currency: string
  timeZone: string
  placeName: string
  placeKind: string
  placeLength: string
  placeWidth: string
}

export const FIRST_PLACES = ['bed', 'rows', 'container'] as const
