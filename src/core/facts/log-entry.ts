import type { IsoDate } from '../calendar'
import type { CallKind } from '../calls'
import type { PartMark, PlantPart } from '../crop'
import type { FedProduct, SoilTest } from '../feeding'
import type { FruitFault } from '../harvest'
import type { CaseCourse, CaseOutcome, CauseId, SignId } from '../health'
import type { MoistureFeel, MoistureMethod } from '../watering'
import type { Support } from './planting'

/** Works that come again and again. */
export const WORKS = [
  'tie',
  'tier',
  'lower',
  'shake',
  'scout',
  'open-tunnel',
  'shut-tunnel',
  'shade',
  'clean-up',
] as const
export type Work = (typeof WORKS)[number]

/** For the next season: grown again, left, or tried otherwise. */
export const VERDICTS = ['keep', 'try-again', 'drop'] as const
export type Verdict = (typeof VERDICTS)[number]

/** What can be entered, by kind, with its data in SI: L, m, °C, kg. */
export interface EntryData {
  sown: { seeds: number }
  emerged: { count: number }
  'potted-up': { count: number; potVolume: number }
  hardened: { day: number; hours: number }
  'soil-read': { depth: number; temperature: number }
  'set-out': {
    count: number
    method: 'upright' | 'trench'
    school: string
    stemBuried: number
    holeDepth: number
    leavesStripped: number
    /** What holds it; and the plant as it was measured, m: told since planting day asks for them. */
    support?: Support
    plant?: { height: number; leaves: number; rootBall: number }
  }
  covered: { nightLow: number }
  flowered: Record<string, never>
  /** kg; fruit where they were counted, and of them those with a fault; the one plant that they are of. */
  picked: {
    mass: number
    count: number | null
    faults?: Partial<Record<FruitFault, number>>
    plant?: string
  }
  /** What is meant to become of a planting's cultivar next season. */
  judged: { verdict: Verdict }
  /** Leaves and open trusses counted on the main stem, and height of the tip, m. */
  seen: { leaves: number | null; height: number | null; trusses?: number | null }
  /** Of a planting: on each plant but those that are named. */
  pruned: { cuts: PlantPart[]; except?: string[] }
  marked: { marks: PartMark[] }
  /** A task of training one's eye: of 100 points. */
  practised: { level: string; seed: number; points: number }
  /** L that a place was given in all. */
  watered: { litres: number }
  /** What a place was fed: g of a product in all, its analysis in %, how it comes free, days of a coated one. */
  fed: Omit<FedProduct, 'day'>
  /** How dry a place was found: by a feel, or as water content, m³/m³. */
  'moisture-read': { method: MoistureMethod; feel?: MoistureFeel; content?: number }
  'soil-tested': SoilTest
  /** Routine works on a planting but for plants that are named, or on a place. */
  tended: { works: Work[]; except?: string[] }
  /** What looks wrong: seen, looked for and not there, since when, and what it is taken for. It begins a case. */
  noticed: { signs: SignId[]; absent?: SignId[]; since?: IsoDate; cause?: CauseId }
  /** A case looked at again, by the id of the entry that began it. */
  followed: { case: string; course: CaseCourse; signs?: SignId[]; absent?: SignId[]; cause?: CauseId }
  closed: { case: string; outcome: CaseOutcome; cause?: CauseId }
  /** How long a kind of work took, and takes by the working values, min. */
  timed: { work: CallKind; minutes: number; usual: number }
  topped: Record<string, never>
  cleared: Record<string, never>
  'put-off': { call: string; until: IsoDate }
  declined: { call: string; why: string }
  note: Record<string, never>
  void: Record<string, never>
}

export type EntryKind = keyof EntryData
export const ENTRY_KINDS: readonly EntryKind[] = [
  'sown',
  'emerged',
  'potted-up',
  'hardened',
  'soil-read',
  'set-out',
  'covered',
  'flowered',
  'picked',
  'judged',
  'seen',
  'pruned',
  'marked',
  'practised',
  'watered',
  'fed',
  'moisture-read',
  'soil-tested',
  'tended',
  'noticed',
  'followed',
  'closed',
  'timed',
  'topped',
  'cleared',
  'put-off',
  'declined',
  'note',
  'void',
]

export interface EntrySubject {
  type: 'garden' | 'place' | 'planting' | 'plant'
  id: string
}

/** One thing that happened. Entries are only ever added; `voids` names the entry that this one takes back. */
export type LogEntry<Kind extends EntryKind = EntryKind> = {
  [K in Kind]: {
    /** Sortable by the moment of entry, made where it was entered, so that sending it twice is harmless. */
    id: string
    subject: EntrySubject
    kind: K
    /** The day it happened. */
    on: IsoDate
    /** When it was entered, ISO 8601 UTC. */
    at: string
    data: EntryData[K]
    note: string
    voids: string | null
  }
}[Kind]

/** The entries that count on a date, oldest first: not taken back, not of a later day. */
export function effectiveEntries(entries: readonly LogEntry[], asOf: IsoDate): LogEntry[] {
  const taken = new Set(entries.flatMap(({ voids }) => (voids === null ? [] : [voids])))
  return entries.filter(({ id, kind, on }) => kind !== 'void' && !taken.has(id) && on <= asOf).sort(inOrder)
}

const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0)

/** The order in which entries happened: by day, then as they were entered. */
export const inOrder = (a: LogEntry, b: LogEntry): number =>
  compare(a.on, b.on) || compare(a.at, b.at) || compare(a.id, b.id)

const bySubject = new WeakMap<readonly LogEntry[], Map<string, LogEntry[]>>()

/** The entries about one subject, in the log's order; the log is sorted by subject once. */
export function entriesAbout(entries: readonly LogEntry[], { type, id }: EntrySubject): LogEntry[] {
  let sorted = bySubject.get(entries)
  if (!sorted) {
    sorted = new Map()
    for (const entry of entries) {
      const key = `${entry.subject.type} ${entry.subject.id}`
      const own = sorted.get(key)
      if (own) own.push(entry)
      else sorted.set(key, [entry])
    }
    bySubject.set(entries, sorted)
  }
  return sorted.get(`${type} ${id}`) ?? []
}

/** The entries of one kind. */
export function ofKind<Kind extends EntryKind>(entries: readonly LogEntry[], kind: Kind): LogEntry<Kind>[] {
  return entries.filter((entry) => entry.kind === kind) as LogEntry<Kind>[]
}
