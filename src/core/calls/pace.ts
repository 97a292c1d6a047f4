import type { AnyEntry } from '../entry'
import type { CallKind } from './call'
import { callEntries } from './entries'

/**
 * Minutes of the working value that the garden's own times stand against, so that one odd day changes little.
 */
const WORKING_MINUTES = 15
/** Own times beyond this of the working value either way are slips. */
const MOST = 4

/**
 * How long a kind of work takes in this garden against its working time: by the times that were entered, drawn
 * towards 1 while there are few.
 *
 * @param entries that count
 * @returns a factor by kind of call, 0.25–4
 */
export function paceOf(entries: readonly AnyEntry[]): (kind: CallKind) => number {
  const sums = new Map<CallKind, { took: number; usual: number }>()
  for (const { data } of callEntries(entries, 'timed')) {
    const sum = sums.get(data.work) ?? { took: 0, usual: 0 }
    sums.set(data.work, { took: sum.took + data.minutes, usual: sum.usual + data.usual })
  }
  return (kind) => {
    const { took, usual } = sums.get(kind) ?? { took: 0, usual: 0 }
    return Math.min(MOST, Math.max(1 / MOST, (took + WORKING_MINUTES) / (usual + WORKING_MINUTES)))
  }
}
