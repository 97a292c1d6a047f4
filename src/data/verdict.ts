import type { Verdict } from '../core/harvest'
import { ofKind, type LogEntry } from '../core/log'

/** What was meant last to become of a cultivar; null: nothing was said. */
export const ofLastVerdict = (entries: readonly LogEntry[]): Verdict | null =>
  ofKind(entries, 'judged').at(-1)?.data.verdict ?? null
