import type { IsoDate } from '../../core/calendar'
import type { Call } from '../../core/calls'
import type { Manner, PlantPosition } from '../../core/facts'
import { ofKind, type EntryKind, type LogEntry } from '../../core/log'
import type { SeasonOutlook } from '../../core/season'
import { sayMinutes, sayWorks } from '../../wording/calls'
import { detailsOf } from '../../wording/entries'
import { capital } from '../../wording/names'
import { sayCount, sayMass, sayVolume } from '../../wording/say'
import { ENTRY_NAMES } from '../../wording/stages'
import type { Summary } from './types'

/** What an entry is about, in words. @param plants those of the garden, whose entries are told by their planting */
export function aboutOf(
  { plantings }: SeasonOutlook,
  { subject }: LogEntry,
  plants: readonly PlantPosition[],
): string {
  const plantingId = plants.find(({ id }) => id === subject.id)?.plantingId ?? subject.id
  const planting = plantings.find(({ planting: { id } }) => id === plantingId)
  if (planting) return `${planting.place.name}, ${planting.cultivar.name}`
  const own = plantings.find(({ place }) => place.id === subject.id)
  return own?.place.name ?? 'Garden'
}

/** Kinds that are no work done. */
const NO_WORK: readonly EntryKind[] = [
  'put-off',
  'declined',
  'note',
  'void',
  'timed',
  'practised',
  'tried',
  'judged',
]

/** What the round of a day came to by its entries, and what is left of it. */
export function summaryOf(
  outlook: SeasonOutlook<LogEntry>,
  due: readonly Call[],
  on: IsoDate,
  manner: Manner,
  plants: readonly PlantPosition[],
): Summary {
  const entries = outlook.counted.filter((entry) => entry.on === on)
  const worked = entries.filter(({ kind }) => !NO_WORK.includes(kind))
  const kinds = [...new Set(worked.map(({ kind }) => kind))]
  const took = ofKind(entries, 'timed').reduce((sum, { data }) => sum + data.minutes, 0)
  const left = due.reduce((sum, { minutes }) => sum + minutes, 0)
  const say = (entry: LogEntry) =>
    [aboutOf(outlook, entry, plants), detailsOf(entry, 'tomato', manner)].filter(Boolean).join(': ')
  return {
    done: kinds.map((kind) =>
      sumUp(
        kind,
        worked.filter((entry) => entry.kind === kind),
        manner,
      ),
    ),
    putOff: ofKind(entries, 'put-off').map(say),
    declined: ofKind(entries, 'declined').map(say),
    notes: entries.flatMap((entry) =>
      entry.note !== '' && entry.kind !== 'declined'
        ? [`${aboutOf(outlook, entry, plants)}: ${entry.note}`]
        : [],
    ),
    took: took > 0 ? sayMinutes(took) : null,
    left: due.length > 0 ? `${sayCount(due.length, 'stop')}, ${sayMinutes(left)}` : null,
  }
}

/** The entries of one kind in one line, with their sum. */
function sumUp(kind: EntryKind, entries: readonly LogEntry[], manner: Manner): string {
  const name = capital(ENTRY_NAMES[kind])
  const times = entries.length === 1 ? '' : `, ${entries.length} times`
  switch (kind) {
    case 'watered':
      return `${name}${times}: ${sayVolume(
        sum(ofKind(entries, kind), (data) => data.litres),
        manner,
      )}`
    case 'picked': {
      const picked = ofKind(entries, kind)
      const fruit = sum(picked, (data) => data.count ?? 0)
      return `${name}${times}: ${sayMass(
        sum(picked, (data) => data.mass),
        manner,
      )}${fruit > 0 ? `, ${sayCount(fruit, 'fruit', 'fruit')}` : ''}`
    }
    case 'fed':
      return `${name}${times}: ${sayMass(sum(ofKind(entries, kind), (data) => data.grams) / 1000, manner)}`
    case 'tended':
      return `${capital(sayWorks([...new Set(ofKind(entries, kind).flatMap(({ data }) => data.works))]))}${times}`
    default:
      return `${name}${times}`
  }
}

const sum = <Data>(entries: readonly { data: Data }[], of: (data: Data) => number) =>
  entries.reduce((all, { data }) => all + of(data), 0)
