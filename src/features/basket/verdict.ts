import { ofKind, type LogEntry, type Verdict } from '../../core/facts'

/** What was meant last to become of a cultivar; null: nothing was said. */
export const ofLastVerdict = (entries: readonly LogEntry[]): Verdict | null =>
  ofKind(entries, 'judged').at(-1)?.data.verdict ?? null
