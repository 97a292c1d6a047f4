import { rescueState } from '../../data/rescue'
import { PROBLEM_WORDS } from '../../wording/database-problems'
import { formatDate } from '../../wording/dates'
import { ENTRY_NAMES } from '../../wording/stages'
import { COPY_NAMES, sayBytes, sayMoment } from './copy-words'
import type { RescueView } from './rescue-screen'

/** What can be gone back to, read from the database alone: it stands when a core function, or all of them, throw. */
export async function rescueView(): Promise<RescueView> {
  const { problem, file, garden, last, copies } = await rescueState()
  return {
    problem: problem && PROBLEM_WORDS[problem],
    garden: garden?.name ?? null,
    file: file && sayBytes(file.bytes),
    canBeginAnew: problem === 'missing' || problem === 'broken' || problem === 'damaged',
    last: last.map(({ entry: { id, kind, on, note }, about }) => ({
      id,
      said: `${about}: ${ENTRY_NAMES[kind] ?? kind}, ${formatDate(on, { dates: 'day-first' }, 'full')}`,
      note,
    })),
    copies: copies.map(({ name, reason, at, bytes }) => ({
      name,
      made: sayMoment(at),
      why: COPY_NAMES[reason],
      size: sayBytes(bytes),
    })),
  }
}
