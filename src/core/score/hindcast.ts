import type { IsoDate } from '../calendar'
import type { Crop } from '../crop'
import type { EntrySubject } from '../entry'

/** What forecasts are held against: plants that came up, flowers, fruit, frost, soil and its water. */
export const SCORE_KINDS = [
  'seedlings',
  'first-flower',
  'first-ripe',
  'crop',
  'last-frost',
  'soil',
  'water',
] as const
export type ScoreKind = (typeof SCORE_KINDS)[number]

/** Days ahead that a forecast is made again for. */
export const LEADS = [7, 21, 42] as const
export type Lead = (typeof LEADS)[number]

/** Something of which the record says how it came. */
export interface Happened {
  kind: ScoreKind
  /** Null: of no crop. */
  crop: Crop | null
  subject: EntrySubject
  on: IsoDate
  /** The first day from which it is fair to foretell it: what it follows from had been done. */
  fair: IsoDate
  /** kg, °C; of a date, and of water, nothing more. */
  value: number
}

/** A forecast of the past, made again from what was known on its day, against what came. */
export interface Hindcast extends Omit<Happened, 'fair' | 'value'> {
  /** Days before; null: it was said from the season's start, and the same all along. */
  lead: Lead | null
  /**
   * What came less what was foretold: of dates days later, of a crop its share of the forecast, of soil °C, of water the
   * share of what the roots can hold by which it was drier. Null: it was foretold never to come.
   */
  error: number | null
  /** Whether it came within eight of ten courses; null: no such span was given, or of no width. */
  inside: boolean | null
}
