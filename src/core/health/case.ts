import type { IsoDate } from '../calendar'
import { inOrder, type AnyEntry, type Entry, type EntrySubject } from '../entry'
import type { CauseId } from './causes'
import type { SignId } from './signs'

/** How a case went on since it was looked at last. */
export const COURSES = ['worse', 'same', 'better'] as const
export type CaseCourse = (typeof COURSES)[number]

/** How a case ended. */
export const OUTCOMES = ['gone', 'lived-with', 'taken-out', 'mistaken'] as const
export type CaseOutcome = (typeof OUTCOMES)[number]

/** Days after which a case is looked at again. */
export const LOOK_AGAIN_EVERY = 3

/** What is entered of a plant's, planting's or place's health. */
export interface CaseEntries {
  /** What looks wrong: seen, looked for and not there, since when, and what it is taken for. It begins a case. */
  noticed: { signs: SignId[]; absent?: SignId[]; since?: IsoDate; cause?: CauseId }
  /** A case looked at again, by the id of the entry that began it. */
  followed: { case: string; course: CaseCourse; signs?: SignId[]; absent?: SignId[]; cause?: CauseId }
  closed: { case: string; outcome: CaseOutcome; cause?: CauseId }
}
type CaseEntry<Kind extends keyof CaseEntries = keyof CaseEntries> = Entry<CaseEntries, Kind>

/** Something seen on a plant, planting or place, followed until it is over. */
export interface HealthCase {
  /** That of the entry that began it. */
  id: string
  subject: EntrySubject
  /** When it was entered, and when it is thought to have begun. */
  on: IsoDate
  since: IsoDate | null
  /** All that was seen, and what was looked for and is not there, by the last word on each. */
  signs: SignId[]
  absent: SignId[]
  /** What the grower takes it for. */
  cause: CauseId | null
  course: CaseCourse | null
  /** The last day it was looked at. */
  lastSeen: IsoDate
  closed: { on: IsoDate; outcome: CaseOutcome } | null
  entries: CaseEntry[]
}

const isOfCase = (entry: AnyEntry): boolean =>
  entry.kind === 'noticed' || entry.kind === 'followed' || entry.kind === 'closed'

/** The cases among entries that count, those looked at last first. */
export function casesOf(entries: readonly AnyEntry[]): HealthCase[] {
  const cases = new Map<string, HealthCase>()
  for (const entry of (entries.filter(isOfCase) as CaseEntry[]).sort(inOrder)) {
    if (entry.kind === 'noticed') cases.set(entry.id, begun(entry))
    else {
      const own = cases.get(entry.data.case)
      if (own) follow(own, entry)
    }
  }
  return [...cases.values()].sort((a, b) => (a.lastSeen < b.lastSeen ? 1 : a.lastSeen > b.lastSeen ? -1 : 0))
}

const begun = (entry: CaseEntry<'noticed'>): HealthCase => ({
  id: entry.id,
  subject: entry.subject,
  on: entry.on,
  since: entry.data.since ?? null,
  signs: [...entry.data.signs],
  absent: [...(entry.data.absent ?? [])],
  cause: entry.data.cause ?? null,
  course: null,
  lastSeen: entry.on,
  closed: null,
  entries: [entry],
})

function follow(own: HealthCase, entry: CaseEntry<'followed' | 'closed'>): void {
  own.entries.push(entry)
  own.lastSeen = entry.on
  own.cause = entry.data.cause ?? own.cause
  if (entry.kind === 'closed') {
    own.closed = { on: entry.on, outcome: entry.data.outcome }
    return
  }
  const { signs = [], absent = [], course } = entry.data
  own.course = course
  own.signs = [...new Set([...own.signs.filter((sign) => !absent.includes(sign)), ...signs])]
  own.absent = [...new Set([...own.absent.filter((sign) => !signs.includes(sign)), ...absent])]
  // It came back after it was thought to be over.
  own.closed = null
}
