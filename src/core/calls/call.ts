import type { Advice, Reason } from '../advice'
import type { IsoDate } from '../calendar'
import type { WetnessPressure } from '../climate'
import type { EntrySubject } from '../entry'
import type { Place, PlantPosition } from '../facts'
import type { Bears } from '../feeding'
import type { FlowerSchool, PruningRule } from '../pruning'
import type { PlantingOutlook, SetOutRule, VigourCourse } from '../season'
import type { FeedingSchool } from '../transplant'
import type { CallNeeds } from './needs'
import type { WateredPlace, WateringSchool } from '../watering'
import type { CallAnswer } from './call-answer'

/** Which trusses are kept where the season ends the stems. */
export type EndingRule = Extract<PruningRule, `prune.top-season-${string}`>

/** What the calls are worked out from besides the outlook. */
export interface CallGarden {
  id: string
  plants: readonly PlantPosition[]
  /** The water of every place in which something stands. */
  water: readonly WateredPlace[]
  wetness: WetnessPressure
  /** kg that a plant of each planting is expected to bear. */
  bears: Bears
  /** How well the plants of each planting are off; null: they have all they want. */
  vigour: (own: PlantingOutlook) => VigourCourse | null
  /** The house's ways. */
  house: { feeding: (place: Place) => FeedingSchool; watering: WateringSchool; flowers: FlowerSchool }
}

export type CallKind = CallAnswer['kind']
/** All kinds, in the order of a season. */
export const CALL_KINDS = [
  'sow',
  'get',
  'look-for-loops',
  'pot-up',
  'harden',
  'read-soil',
  'set-out',
  'cover',
  'water',
  'feed',
  'tend',
  'vent',
  'shake',
  'shade',
  'scout',
  'follow',
  'look-for-flowers',
  'pick',
  'top',
  'clear',
] as const satisfies readonly CallKind[]

export type CallRule =
  | SetOutRule
  | 'call.sow-weeks'
  | 'call.sow-in-place'
  | 'call.sow-odds'
  | 'call.sow-late'
  | 'call.get-ready'
  | 'call.get-look'
  | 'call.waits-get'
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
  | 'call.first-green-due'
  | 'call.first-ripe-due'
  | 'call.picked-last'
  | 'call.top-last-flower'
  | 'call.clear-frost'
  | 'call.clear-borne'
  | 'call.waits-sow'
  | 'call.waits-light'
  | 'call.waits-roots'
  | 'call.waits-hardening'
  | 'call.waits-set-out'
  | 'call.waits-frost'
  | 'call.waits-pick'
  | 'call.waits-top'
  | EndingRule
  | 'call.water-dry'
  | 'call.water-due'
  | 'call.water-last'
  | 'call.water-turns'
  | 'call.water-never'
  | 'call.waits-water'
  | 'call.waits-water-pot'
  | 'call.feed-gap'
  | 'call.feed-dry-roots'
  | 'call.feed-cold-soil'
  | 'call.feed-flowers'
  | 'call.waits-feed'
  | 'call.tie'
  | 'call.tier'
  | 'call.lower'
  | 'call.cut'
  | 'call.cut-last'
  | 'call.storm'
  | 'call.forecast-simulated'
  | 'call.waits-tie'
  | 'call.waits-cut'
  | 'call.vent-open'
  | 'call.vent-shut'
  | 'call.vent-night-open'
  | 'call.waits-vent'
  | 'call.shake'
  | 'call.waits-shake'
  | 'call.shade'
  | 'call.waits-shade'
  | 'call.scout-first'
  | 'call.scout-last'
  | 'call.waits-scout'
  | 'call.follow-last'
  | 'call.waits-follow'

/** How a call stands to the day: lost if not done by night, past its time, for today, or coming. */
export type Urgency = 'tonight' | 'late' | 'today' | 'coming'

/** Something that is due for a planting in its place. */
export interface Call {
  /** The same for the same thing to do, however often it is asked. */
  id: string
  kind: CallKind
  /** What it is about. */
  subject: EntrySubject
  /** Of a place: its first planting. */
  plantingId: string
  placeId: string
  window: { from: IsoDate; due: IsoDate; until: IsoDate | null }
  urgency: Urgency
  /** Working time by the garden's own times, min; and by the working values alone. */
  minutes: number
  usualMinutes: number
  needs: CallNeeds
  advice: Advice<CallAnswer, CallRule>
  /** What changes if it waits. */
  ifItWaits: Reason<CallRule> | null
}
