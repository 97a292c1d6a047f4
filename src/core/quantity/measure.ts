import type { IsoDate } from '../calendar'

/** The kinds a person can type, each with its SI unit: m, °C, kg, L, m², s. */
export type QuantityKind = 'length' | 'temperature' | 'mass' | 'volume' | 'area' | 'duration'

/** Kinds that are only ever shown: m of a post, K, mm of water, m/s, °C d, a share 0–1, days, days as weeks, a count. */
type ShownKind =
  | 'thickness'
  | 'temperature-difference'
  | 'water-depth'
  | 'speed'
  | 'degree-days'
  | 'share'
  | 'days'
  | 'weeks'
  | 'count'

/** A value that knows what it is, so that it can be put into words in anyone's units. */
export type Measure =
  | { kind: QuantityKind | ShownKind; value: number }
  | { kind: 'date'; value: IsoDate }
  | { kind: 'name'; value: string }

export type UnitSystem = 'metric' | 'us'

export const length = (value: number): Measure => ({ kind: 'length', value })
export const thickness = (value: number): Measure => ({ kind: 'thickness', value })
export const temperature = (value: number): Measure => ({ kind: 'temperature', value })
export const volume = (value: number): Measure => ({ kind: 'volume', value })
export const mass = (value: number): Measure => ({ kind: 'mass', value })
export const area = (value: number): Measure => ({ kind: 'area', value })
export const speed = (value: number): Measure => ({ kind: 'speed', value })
export const degreeDaySum = (value: number): Measure => ({ kind: 'degree-days', value })
export const share = (value: number): Measure => ({ kind: 'share', value })
export const waterDepth = (value: number): Measure => ({ kind: 'water-depth', value })
export const days = (value: number): Measure => ({ kind: 'days', value })
/** @param value days */
export const weeks = (value: number): Measure => ({ kind: 'weeks', value })
export const duration = (value: number): Measure => ({ kind: 'duration', value })
export const count = (value: number): Measure => ({ kind: 'count', value })
export const onDate = (value: IsoDate): Measure => ({ kind: 'date', value })
export const name = (value: string): Measure => ({ kind: 'name', value })
