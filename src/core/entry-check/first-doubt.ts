import { entriesAbout } from '../entry'
import type { EntryDraft, LogEntry } from '../log'
import { doubtOf, type CheckedAgainst, type Doubt } from './doubt-of'

/**
 * The first doubt about entries that are to be made together, each held against what is known and those before it.
 *
 * @param sure what is hard to believe was asked about, and is so
 */
export function firstDoubt(
  drafts: readonly EntryDraft[],
  known: CheckedAgainst,
  sure: boolean,
): Doubt | null {
  const before: LogEntry[] = []
  const against: CheckedAgainst = {
    ...known,
    entriesOf: (id) => [...known.entriesOf(id), ...entriesAbout([...before], { type: 'planting', id })],
  }
  for (const draft of drafts) {
    const doubt = doubtOf(draft, against)
    if (doubt && (doubt.refuse || !sure)) return doubt
    before.push({ ...draft, at: '', voids: null } as LogEntry)
  }
  return null
}
