import type { Advice, Reason } from '../advice'
import type { IsoDate } from '../calendar'
import type { SetOutRule } from '../season'

/** What a call asks for, in SI: m, L, h, °C. */
export type CallAnswer =
  | { kind: 'sow'; seeds: number; plants: number; depth: number }
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
  | { kind: 'clear' }

export type CallKind = CallAnswer['kind']

export type CallRule =
  | SetOutRule
  | 'call.sow-weeks'
  | 'call.sow-in-place'
  | 'call.sow-odds'
  | 'call.sow-late'
  | 'call.loops-due'
  | 'call.loops-due-in-place'
  | 'call.light-at-once'
  | 'call.pot-up-roots'
  | 'call.harden-days'
  | 'call.harden-rest-cold'
  | 'call.harden-rest-wind'
  | 'call.harden-night-out'
  | 'call.harden-night-in'
  | 'call.read-soil-estimate'
  | 'call.cover-low'
  | 'call.cover-clear-of-leaves'
  | 'call.flowers-due'
  | 'call.first-ripe-due'
  | 'call.picked-last'
  | 'call.top-last-flower'
  | 'call.clear-frost'
  | 'call.waits-sow'
  | 'call.waits-light'
  | 'call.waits-roots'
  | 'call.waits-hardening'
  | 'call.waits-set-out'
  | 'call.waits-frost'
  | 'call.waits-pick'
  | 'call.waits-top'

/** How a call stands to the day: lost if not done by night, past its time, for today, or coming. */
export type Urgency = 'tonight' | 'late' | 'today' | 'coming'

/** Something that is due for a planting in its place. */
export interface Call {
  /** The same for the same thing to do, however often it is asked. */
  id: string
  kind: CallKind
  plantingId: string
  placeId: string
  window: { from: IsoDate; due: IsoDate; until: IsoDate | null }
  urgency: Urgency
  /** Working time, min. */
  minutes: number
  advice: Advice<CallAnswer, CallRule>
  /** What changes if it waits. */
  ifItWaits: Reason<CallRule> | null
}
