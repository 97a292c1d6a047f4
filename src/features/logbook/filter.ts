import { parseDate, type IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { ENTRY_KINDS, type EntryKind } from '../../core/log'

/** What of the log is asked for; null: everything. */
export interface LogFilter {
  place: string | null
  /** One plant: what was entered of it, or of its planting without naming it as left out. */
  plant: string | null
  kind: EntryKind | null
  from: IsoDate | null
  to: IsoDate | null
  words: string
  /** What was taken back is shown too. */
  taken: boolean
}

type Asked = Record<string, string | string[] | undefined>

/** The filter of an address, its days as the garden writes them; what is unsound in it counts as not asked. */
export function filterOf(
  asked: Asked,
  { now, garden }: { now: IsoDate; garden: Pick<Manner, 'dates'> },
): LogFilter {
  const one = (key: string) => (typeof asked[key] === 'string' ? asked[key].trim() : '')
  const date = (key: string) => parseDate(one(key), now, garden.dates)
  return {
    place: one('place') || null,
    plant: one('plant') || null,
    kind: ENTRY_KINDS.find((kind) => kind === one('kind')) ?? null,
    from: date('from'),
    to: date('to'),
    words: one('words').slice(0, 80),
    taken: one('taken') === '1',
  }
}

/** The same filter as an address asks for it, without a leading `?`. */
export function queryOf({ place, plant, kind, from, to, words, taken }: LogFilter): string {
  const asked = { place, plant, kind, from, to, words, taken: taken ? '1' : null }
  return new URLSearchParams(
    Object.entries(asked).flatMap(([key, value]) => (value ? [[key, value]] : [])),
  ).toString()
}
