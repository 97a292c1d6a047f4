import type { Changed } from '../../components/act/own-acts'
import type { LogEntry } from '../../core/log'
import type { GardenState } from '../../data/garden-state'
import { mannerOf } from '../../data/garden-row'
import { sayEntry } from '../../wording/entries'
import { subjectsOf } from './queries'

const MOST_TOLD = 20
/** An entry bears the moment before it was durable: it may be older by so much than what was heard before it, ms. */
const OVERLAP = 5000

/** What a screen that last heard of the garden at a moment is told now, the newest last. */
export function changedSince(state: GardenState, after: Date, now: Date): Changed {
  const from = new Date(after.getTime() - OVERLAP).toISOString()
  const fresh = state.record.entries.filter(({ at, kind }) => at > from && kind !== 'void')
  return {
    changes: state.changes,
    at: now.toISOString(),
    entries: fresh.length > 0 ? heard(state, fresh) : [],
  }
}

function heard(state: GardenState, fresh: LogEntry[]): Changed['entries'] {
  const manner = mannerOf(state.garden)
  const subjects = subjectsOf(state)
  return fresh
    .sort((a, b) => (a.at < b.at ? -1 : 1))
    .slice(-MOST_TOLD)
    .map((entry) => {
      const { about, crop } = subjects.say(entry)
      const { id, subject, kind, on, by = null } = entry
      return { id, subject, kind, on, by, said: `${about}, ${sayEntry(entry, crop, manner)}` }
    })
}
