import type { FirstWeek } from './first-week'
import type { SaidReason } from '../../wording/say-reason'
import type { LookWords } from '../../wording/calls'
import type { FirstSeasonDates } from '../../components/drawing/first-season-bands'
import type { LookedFor } from '../../components/drawing/look-picture'
import type { WaterLevel } from '../../core/watering'
import type { PhotoView } from '../../components/photo/photo-strip'
import type { Manner, Place } from '../../core/facts'
import type { IsoDate } from '../../core/calendar'
import type { CallKind, Urgency, Work } from '../../core/calls'
import type { EntrySubject } from '../../core/entry'
import type { EntryData, EntryKind } from '../../core/log'
import type { Crop, PlantPart } from '../../core/crop'
import type { Canopy } from '../../core/season'

export type Picture =
  | { type: 'plan'; place: Place; plants: Canopy[] }
  | { type: 'tray'; cells: number; stage: 'seed' | 'loop' | 'seedling'; label: string }
  | { type: 'hardening'; day: number; hours: number[]; rest: boolean }
  | { type: 'probe'; depth: number; expected: number }
  | ({ type: 'water'; isPot: boolean; crop: Crop } & WaterLevel)
  | ({ type: 'look' } & LookedFor)

/** A number that can be entered otherwise than advised; `initial` as one would type it. */
export interface ActField {
  name: string
  label: string
  unit: 'whole' | 'length' | 'temperature' | 'mass' | 'grams' | 'volume' | 'hours'
  initial: string
  optional?: boolean
}

/** What doing the stop means: an entry at once, one whose numbers only the grower knows, or a screen of its own. */
export type Act =
  | {
      /** Works and cuts on the plants that are ticked. */
      type: 'tend'
      works: Work[]
      alike: { plants: { id: string; label: string; each: string }[]; cuts: PlantPart[] }[]
      plants: { id: string; label: string }[]
    }
  | { type: 'enter'; kind: EntryKind; data: EntryData[EntryKind]; fields: ActField[] }
  | { type: 'ask'; kind: EntryKind; data: EntryData[EntryKind]; fields: ActField[] }
  | { type: 'open'; href: string }

/** A stop of the round, in words. */
export interface Stop {
  call: string
  kind: CallKind
  subject: EntrySubject
  entrySubject: EntrySubject
  place: string
  cultivar: string
  title: string
  deciding: string
  when: string
  urgency: Urgency
  minutes: string
  /** By the working values, min: what a time that was taken is held against. */
  usualMinutes: number
  /** When it may be done, what is carried, and the weather that it wants. */
  window: string
  tools: string
  weather: { text: string; suits: boolean } | null
  reasons: SaidReason[]
  ifItWaits: string | null
  cautions: string[]
  picture: Picture
  doneLabel: string
  /** Where more than one plant is entered at once: which, and what of them. */
  books: string | null
  /** It is a question to the plants: what was found, or not yet, as it is said afterwards. */
  look: LookWords | null
  /** The word for the button that changes what is entered; null: there is nothing to change. */
  change: string | null
  act: Act
}

export interface DayAhead {
  date: IsoDate
  name: string
  high: string
  low: string
  note: string
  usual: boolean
  /** The simulated station makes it up. */
  isMadeUp: boolean
}

/** What stops come to, in words. */
export interface RoundWords {
  heading: string
  /** What must be done before tonight, and what is late. */
  pressing: string
  carry: string
  /** What the weather changes today. */
  weather: string
}

/** A part of the round that one walks by itself. */
export interface RoundPart extends RoundWords {
  id: string
  of: 'person' | 'nobody' | 'place'
  /** Whose, or which place; empty: nobody's. */
  name: string
  /** Its stops, of today and of the week. */
  calls: string[]
  /** How many of them are due today. */
  due: number
}

export interface Round extends RoundWords {
  on: IsoDate
  now: IsoDate
  manner: Manner
  parts: RoundPart[]
  stops: Stop[]
  coming: Stop[]
  done: { id: string; text: string; photos: PhotoView[] }[]
  summary: Summary
  days: DayAhead[]
  newPlantingHref: string
  /** All that are due to be set out, in one; null: none is. */
  plantingDayHref: string | null
  /** What to do first, where nothing is planned. */
  firstAnswer: FirstAnswer | null
  /** What leads a new garden on; null: it is no longer new. */
  firstWeek: FirstWeek | null
}

/** What a round came to. */
export interface Summary {
  /** Done, by kind of work, with its amounts. */
  done: string[]
  /** Put off or not done, with until when or why. */
  putOff: string[]
  declined: string[]
  notes: string[]
  /** How long it took, as far as it was timed, and what is left. */
  took: string | null
  left: string | null
}

/** When a garden without plantings sows and sets out. */
export interface FirstAnswer {
  headline: string
  season: number
  /** A season whose plantings can be planned again; null: there were none. */
  again: number | null
  reasons: SaidReason[]
  /** The season on one axis. */
  picture: FirstSeasonDates
  crops: { crop: string; sow: string; opens: string; range: string; closes: string }[]
}
