import type { IsoDate } from '../calendar'

export const STAGES = [
  'sow',
  'emerge',
  'first-light',
  'pot-up',
  'harden',
  'set-out',
  'first-flower',
  'first-green',
  'first-ripe',
  'peak',
  'last-flower-ripe',
  'last-flower-green',
  'top',
  'end',
] as const
export type Stage = (typeof STAGES)[number]

/** Days from the season's start; null: it does not come, or is not part of this way of growing. */
export type StageDays = Record<Stage, number | null>

/** Dates in 1, 5 and 9 seasons of ten; null: not in so many. `share` of the seasons have it at all. */
export interface DateSpread {
  p10: IsoDate | null
  p50: IsoDate | null
  p90: IsoDate | null
  share: number
}

/** A stage's date in this season: entered, meant by the grower or the calendar, or expected from the weather. */
export interface StageDate {
  date: IsoDate | null
  how: 'logged' | 'planned' | 'expected'
  spread: DateSpread | null
}

export type PlantingDates = Record<Stage, StageDate>

/** The first fruit that can be picked: green where the type is picked green, else ripe. */
export const firstPick = (dates: Pick<PlantingDates, 'first-green' | 'first-ripe'>): StageDate =>
  dates['first-green'].date === null ? dates['first-ripe'] : dates['first-green']
