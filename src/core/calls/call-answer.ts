import type { IsoDate } from '../calendar'
import type { PlantPart } from '../crop'
import type { CauseId } from '../health'
import type { TyingWork } from '../support'

/** What a call asks for, in SI: m, L, h, °C. */
export type CallAnswer =
  | { kind: 'sow'; seeds: number; plants: number; depth: number }
  | { kind: 'get'; plants: number }
  | { kind: 'look-for-loops'; plants: number }
  | { kind: 'pot-up'; plants: number; potVolume: number }
  | {
      kind: 'harden'
      day: number
      hours: number
      sun: boolean
      wind: boolean
      nightOut: boolean
      rest: boolean
    }
  | { kind: 'read-soil'; depth: number; expected: number }
  | { kind: 'set-out'; plants: number; go: boolean; suits: IsoDate | null }
  | { kind: 'cover'; nightLow: number }
  | { kind: 'look-for-flowers' }
  | { kind: 'pick'; first: boolean }
  | { kind: 'top' }
  | { kind: 'water'; litres: number; dripMinutes: number | null; splits: number }
  | { kind: 'feed'; product: string; grams: number; plants: number }
  | {
      kind: 'tend'
      works: TyingWork[]
      plants: number
      /** Parts that come off, in all. */
      cuts: Record<'sucker' | 'leaf' | 'truss' | 'tip', number>
      /** The same by plants that are cut alike. */
      alike: { plants: { id: string; label: string }[]; cuts: PlantPart[] }[]
    }
  | { kind: 'vent'; opens: number; shuts: number | null }
  | { kind: 'shake' }
  | { kind: 'shade' }
  | { kind: 'scout'; plants: number; every: number }
  /** A case looked at again; what it is taken for. */
  | { kind: 'follow'; case: string; cause: CauseId | null }
  | { kind: 'clear'; why: 'frost' | 'borne' }
