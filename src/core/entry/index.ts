export { effectiveEntries, entriesAbout, inOrder, readerOf } from './entry'
export type { AnyEntry, Entry, EntrySubject, PlainEntries } from './entry'
