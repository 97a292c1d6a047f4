import type { IsoDate } from '../calendar'
import { remembered } from '../memo'

export interface EntrySubject {
  type: 'garden' | 'place' | 'planting' | 'plant'
  id: string
}

/** What every entry has, whatever kind of thing happened. */
interface Envelope<Kind, Data> {
  /** Sortable by the moment of entry, made where it was entered, so that sending it twice is harmless. */
  id: string
  subject: EntrySubject
  kind: Kind
  /** The day it happened. */
  on: IsoDate
  /** When it was entered, ISO 8601 UTC. */
  at: string
  data: Data
  note: string
  voids: string | null
  /** Who entered it, by name; not there: whoever signed in without one. */
  by?: string
}

/** An entry of one of a map's kinds: what each holds, by its name. A room declares its own map beside its rules. */
export type Entry<Kinds, Kind extends keyof Kinds = keyof Kinds> = {
  [K in Kind]: Envelope<K, Kinds[K]>
}[Kind]

/** An entry of which nothing is known but its envelope. */
export type AnyEntry = Envelope<string, unknown>

/** What is told without a rule: words, and that an earlier entry is taken back. */
export interface PlainEntries {
  note: Record<string, never>
  void: Record<string, never>
}

/** The entries that count on a date, oldest first: not taken back, not of a later day. */
export function effectiveEntries<One extends AnyEntry>(entries: readonly One[], asOf: IsoDate): One[] {
  const taken = new Set(entries.flatMap(({ voids }) => (voids === null ? [] : [voids])))
  return entries.filter(({ id, kind, on }) => kind !== 'void' && !taken.has(id) && on <= asOf).sort(inOrder)
}

const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0)

/** The order in which entries happened: by day, then as they were entered. */
export const inOrder = (a: AnyEntry, b: AnyEntry): number =>
  compare(a.on, b.on) || compare(a.at, b.at) || compare(a.id, b.id)

/** The entries about one subject, in the log's order; the log is sorted by subject once. */
export function entriesAbout<One extends AnyEntry>(
  entries: readonly One[],
  { type, id }: EntrySubject,
): One[] {
  return remembered(entries, 'by subject', () => bySubject(entries)).get(`${type} ${id}`) ?? []
}

function bySubject<One extends AnyEntry>(entries: readonly One[]): Map<string, One[]> {
  const sorted = new Map<string, One[]>()
  for (const entry of entries) {
    const key = `${entry.subject.type} ${entry.subject.id}`
    const own = sorted.get(key)
    if (own) own.push(entry)
    else sorted.set(key, [entry])
  }
  return sorted
}

/** A reader of a map's kinds out of any log: the entries of one kind, with what they hold. */
export const readerOf =
  <Kinds>() =>
  <Kind extends keyof Kinds>(entries: readonly AnyEntry[], kind: Kind): Entry<Kinds, Kind>[] =>
    entries.filter((entry) => entry.kind === kind) as unknown as Entry<Kinds, Kind>[]
