import type { IsoDate } from '../../core/calendar'
import type { EntryData, LogEntry } from '../../core/log'

const entry = <K extends 'noticed' | 'followed' | 'closed'>(
  id: string,
  kind: K,
  planting: string,
  on: string,
  data: EntryData[K],
  note = '',
) =>
  ({
    id,
    subject: { type: 'planting', id: `demo-${planting}` },
    kind,
    on: on as IsoDate,
    data,
    note,
    voids: null,
  }) as Omit<LogEntry, 'at'>

/** What looked wrong in the demo garden: two open cases, and one that was closed last year. */
export const CASE_ENTRIES: Omit<LogEntry, 'at'>[] = [
  entry('demo-case-1', 'noticed', '2025-row-b-1', '2025-07-21', {
    signs: ['target-rings', 'from-below'],
    cause: 'early-blight',
  }),
  entry('demo-case-1-closed', 'closed', '2025-row-b-1', '2025-08-19', {
    case: 'demo-case-1',
    outcome: 'lived-with',
    cause: 'early-blight',
  }),
  entry('demo-case-2', 'noticed', '2026-pot-7-1', '2026-06-14', {
    signs: ['bottom-patch', 'first-fruits'],
    since: '2026-06-12' as IsoDate,
    cause: 'blossom-end-rot',
  }),
  entry('demo-case-3', 'noticed', '2026-row-b-1', '2026-06-13', {
    signs: ['shot-holes'],
    absent: ['slime-trails'],
  }),
  entry(
    'demo-case-3-again',
    'followed',
    '2026-row-b-1',
    '2026-06-17',
    { case: 'demo-case-3', course: 'same', signs: ['jumping-beetles'] },
    'Only on the three plants by the hedge.',
  ),
]
