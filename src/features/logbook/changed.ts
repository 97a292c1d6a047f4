import type { Changed } from '../../components/act/own-acts'
import type { GardenState } from '../../data/garden-state'
import { mannerOf } from '../../data/gardens'
import { sayEntry } from '../../wording/entries'
import { subjectsOf } from './queries'

const MOST_TOLD = 20
/** An entry bears the moment before it was durable: it may be older by so much than what was heard before it, ms. */
const OVERLAP = 5000

/** What a screen that last heard of the garden at a moment is told now, the newest last. */
export function changedSince(state: GardenState, after: Date, now: Date): Changed {
  const manner = mannerOf(state.garden)
  const subjects = subjectsOf(state)
  const from = new Date(after.getTime() - OVERLAP).toISOString()
  return {
    changes: state.changes,
    at: now.toISOString(),
    entries: state.record.entries
      .filter(({ at, kind }) => at > from && kind !== 'void')
      .sort((a, b) => (a.at < b.at ? -1 : 1))
      .slice(-MOST_TOLD)
      .map((entry) => {
        const { about, crop } = subjects.say(entry)
        const { id, subject, kind, on, by = null } = entry
        return { id, subject, kind, on, by, said: `${about}, ${sayEntry(entry, crop, manner)}` }
      }),
  }
}
