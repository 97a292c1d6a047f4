import { v7 } from 'uuid'
import type { IsoDate } from '../../core/calendar'
import type { EntrySubject } from '../../core/entry'
import type { EntryData, EntryKind, LogEntry } from '../../core/log'

/** An entry before it is kept. */
export interface NewEntry {
  subject: EntrySubject
  kind: EntryKind
  data: EntryData[EntryKind]
  note?: string
}

/** Entries of one act: they share their id up to a dot, and are taken back together. */
export function actDrafts(entries: readonly NewEntry[], on: IsoDate): Omit<LogEntry, 'at' | 'voids'>[] {
  const act = v7()
  return entries.map(
    ({ subject, kind, data, note = '' }, index) =>
      ({ id: index === 0 ? act : `${act}.${index + 1}`, subject, kind, on, data, note }) as Omit<
        LogEntry,
        'at' | 'voids'
      >,
  )
}
