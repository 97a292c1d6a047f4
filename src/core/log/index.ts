export { ENTRY_KINDS, ofKind } from './log'
export type { EntryData, EntryKind, LogEntry } from './log'
