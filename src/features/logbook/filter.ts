import { parseDate, type IsoDate } from '../../core/calendar'
import { PERSON_NAME, type Manner } from '../../core/facts'
import { ENTRY_KINDS, type EntryKind } from '../../core/log'

/** What of the log is asked for; null: everything. */
export interface LogFilter {
  place: string | null
  /** One plant: what was entered of it, or of its planting without naming it as left out. */
  plant: string | null
  kind: EntryKind | null
  /** Who entered it, by name. */
  by: string | null
  from: IsoDate | null
  to: IsoDate | null
  words: string
  /** What was taken back is shown too. */
  taken: boolean
}

type Asked = Record<string, string | string[] | undefined>

type Asking = { now: IsoDate; garden: Pick<Manner, 'dates'> }

const asText = (asked: Asked, key: string) => (typeof asked[key] === 'string' ? asked[key].trim() : '')
const asDay = (asked: Asked, key: string, { now, garden }: Asking) =>
  parseDate(asText(asked, key), now, garden.dates)

/** Days of an address that nobody could read, as they were typed. */
export function misreadDays(asked: Asked, by: Asking): Partial<Record<'from' | 'to', string>> {
  const misread = (['from', 'to'] as const).filter(
    (end) => asText(asked, end) !== '' && asDay(asked, end, by) === null,
  )
  return Object.fromEntries(misread.map((end) => [end, asText(asked, end).slice(0, 40)]))
}

/** The filter of an address, its days as the garden writes them; what is unsound in it counts as not asked. */
export function filterOf(asked: Asked, by: Asking): LogFilter {
  const one = (key: string) => asText(asked, key)
  return {
    place: one('place') || null,
    plant: one('plant') || null,
    kind: ENTRY_KINDS.find((kind) => kind === one('kind')) ?? null,
    by: one('by').slice(0, PERSON_NAME) || null,
    from: asDay(asked, 'from', by),
    to: asDay(asked, 'to', by),
    words: one('words').slice(0, 80),
    taken: one('taken') === '1',
  }
}

/** The same filter as an address asks for it, without a leading `?`. */
export function queryOf({ place, plant, kind, by, from, to, words, taken }: LogFilter): string {
  const asked = { place, plant, kind, by, from, to, words, taken: taken ? '1' : null }
  return new URLSearchParams(
    Object.entries(asked).flatMap(([key, value]) => (value ? [[key, value]] : [])),
  ).toString()
}
