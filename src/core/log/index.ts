export { ENTRY_KINDS, ofKind } from './log'
export type { EntryData, EntryDraft, EntryKind, LogEntry } from './log'
