import type { IsoDate } from '../calendar'
import type { Crop } from '../crop'
import type { EntrySubject } from '../entry'
import type { EntryData, EntryKind } from '../log'
import type { Product } from '../feeding'
import type { CauseId } from '../health'
import type { UnitSystem } from '../quantity'

/** What a quick line can be about. */
export interface QuickNames {
  /** Places; `area` in m², `flow` of all their emitters in L/h, null where none lie there. */
  places: readonly { id: string; name: string; area: number; flow: number | null }[]
  /** Plantings that are not cleared, with their place; `stands`: in the ground already. */
  plantings: readonly {
    id: string
    placeId: string
    cultivar: string
    crop: Crop
    count: number
    stands: boolean
  }[]
  products: readonly Product[]
  /** Causes of what looks wrong, by what they are called. */
  causes: readonly { id: CauseId; name: string }[]
  units: UnitSystem
  /** The day that a line without a date is of, and the order in which dates are written. */
  today: IsoDate
  dates: 'day-first' | 'month-first' | 'iso'
}

/** A plain line as an entry, with what it was understood to be about. */
export type QuickEntry = {
  [K in EntryKind]: {
    kind: K
    subject: EntrySubject
    data: EntryData[K]
    note: string
    about: string
    /** The day that the line names; null: it names none. */
    on: IsoDate | null
  }
}[EntryKind]

/** Why a line is not understood: and what would be. */
export interface QuickProblem {
  problem:
    | { why: 'no-place' }
    | { why: 'which-planting'; place: string; cultivars: string[] }
    | { why: 'nothing-stands'; place: string }
    | { why: 'amount'; of: 'litres' | 'mass' | 'product'; told: string }
    /** A number whose unit is not known, as in `2 cans`. */
    | { why: 'unit'; of: 'litres' | 'mass'; told: string }
    /** Minutes of a place without emitters. */
    | { why: 'no-flow'; place: string }
    /** So much of a concentrate: mixed with water, or as it comes. */
    | { why: 'mixed'; product: string; told: string }
    | { why: 'ahead'; on: IsoDate }
}

/** An entry before its day is known. */
export type Undated = Omit<QuickEntry, 'on'>
export type QuickPlace = QuickNames['places'][number]
/** What an entry is about. */
export type About = Pick<QuickEntry, 'subject' | 'about'>
