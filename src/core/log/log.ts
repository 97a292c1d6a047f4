import type { PlantEntries } from '../crop'
import { readerOf, type Entry, type PlainEntries } from '../entry'
import type { FeedEntries } from '../feeding'
import type { HarvestEntries } from '../harvest'
import type { CaseEntries } from '../health'
import type { PracticeEntries } from '../pruning'
import type { StageEntries } from '../season'
import type { TrialEntries } from '../trial'
import type { WaterEntries } from '../watering'
import type { CallEntries } from '../calls'

/** What can be entered, by kind, with its data in SI: L, m, °C, kg. Each room declares its own. */
export interface EntryData
  extends
    PlainEntries,
    StageEntries,
    HarvestEntries,
    PlantEntries,
    PracticeEntries,
    TrialEntries,
    WaterEntries,
    FeedEntries,
    CaseEntries,
    CallEntries {}

export type EntryKind = keyof EntryData

/** Every kind, in the order in which a season has them. */
export const ENTRY_KINDS = Object.keys({
  sown: true,
  emerged: true,
  'potted-up': true,
  hardened: true,
  'soil-read': true,
  met: true,
  'set-out': true,
  covered: true,
  flowered: true,
  picked: true,
  judged: true,
  seen: true,
  pruned: true,
  marked: true,
  practised: true,
  tried: true,
  watered: true,
  fed: true,
  'moisture-read': true,
  'soil-tested': true,
  tended: true,
  noticed: true,
  followed: true,
  closed: true,
  timed: true,
  topped: true,
  cleared: true,
  'put-off': true,
  declined: true,
  note: true,
  void: true,
} satisfies Record<EntryKind, true>) as readonly EntryKind[]

/** One thing that happened. Entries are only ever added; `voids` names the entry that this one takes back. */
export type LogEntry<Kind extends EntryKind = EntryKind> = Entry<EntryData, Kind>

/** An entry as a hand sends it: the id made there, so that sending it twice is harmless. */
export type EntryDraft = Omit<LogEntry, 'at' | 'voids' | 'by'>

/** The entries of one kind. */
export const ofKind = readerOf<EntryData>()
