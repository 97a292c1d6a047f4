import { addDays, type IsoDate } from '../calendar'
import { filledHeight, potVolume } from '../containers'
import { potOf, type Place, type Planting } from '../facts'
import type { EntryKind, LogEntry } from '../log'

/** What makes an entry hard to believe. `refuse`: it cannot be; else it is taken when the gardener says that it is so. */
export type Doubt =
  /** L given to a place, and what it can hold at once. */
  | { why: 'over-place'; refuse: boolean; place: string; litres: number; holds: number }
  /** What follows is dated before what it follows. */
  | { why: 'before'; refuse: true; kind: EntryKind; first: EntryKind; on: IsoDate }
  | { why: 'outside-season'; refuse: true; season: number; from: IsoDate; to: IsoDate }
  | { why: 'after-cleared'; refuse: boolean; on: IsoDate }
  | { why: 'more-than-planned'; refuse: false; kind: EntryKind; count: number; planned: number }

/** What an entry is held against. */
export interface CheckedAgainst {
  place: (id: string) => Place | undefined
  planting: (id: string) => Planting | undefined
  /** The entries about a planting that count, whatever their day, oldest first. */
  entriesOf: (plantingId: string) => readonly LogEntry[]
  /** First day of the season of a year. */
  seasonStart: (season: number) => IsoDate
}

/** Share of a soil's volume that is pores: more water than this it cannot hold, even for an hour. */
const PORES = 0.5
/** m of water on a place at once, over which an amount is refused. */
const MOST_DEPTH = 1
/** Plants are sown this long before a season's first day at the earliest, and end this long after it, d. */
const SEASON_SPAN = { before: 92, after: 456 }
/** Seeds a plant that nobody sows more of. */
const SEEDS_A_PLANT = 20

/** The order in which a planting's steps follow each other. */
const STEPS: readonly EntryKind[] = ['sown', 'emerged', 'potted-up', 'hardened', 'met', 'set-out']
/** What can be entered only while a planting grows. */
const GROWING: readonly EntryKind[] = [
  ...STEPS,
  'covered',
  'flowered',
  'picked',
  'seen',
  'pruned',
  'marked',
  'topped',
  'cleared',
  'tended',
]

/** Why an entry is hard to believe; null: it is not. */
export function doubtOf(
  entry: Pick<LogEntry, 'kind' | 'subject' | 'on' | 'data'>,
  against: CheckedAgainst,
): Doubt | null {
  if (entry.subject.type === 'place') return doubtOfPlace(entry, against.place(entry.subject.id))
  if (entry.subject.type !== 'planting' || !GROWING.includes(entry.kind)) return null
  const planting = against.planting(entry.subject.id)
  return planting ? doubtOfPlanting(entry, planting, against) : null
}

function doubtOfPlace(
  { kind, data }: Pick<LogEntry, 'kind' | 'data'>,
  place: Place | undefined,
): Doubt | null {
  if (kind !== 'watered' || !place) return null
  const { litres } = data as LogEntry<'watered'>['data']
  const holds = litresHeld(place)
  if (litres <= holds) return null
  return {
    why: 'over-place',
    refuse: litres > MOST_DEPTH * 1000 * areaOf(place),
    place: place.name,
    litres,
    holds,
  }
}

/** m² of a place's soil. */
export const areaOf = (place: Place): number => {
  const pot = potOf(place)
  return pot ? potVolume(pot).filled / 1000 / filledHeight(pot) : place.length * place.width
}

/** L that a place can hold at once: a pot its own volume, soil what its pores take. */
export function litresHeld(place: Place): number {
  const pot = potOf(place)
  return pot ? potVolume(pot).filled : 1000 * PORES * place.length * place.width * place.soilDepth
}

function doubtOfPlanting(
  { kind, on, data }: Pick<LogEntry, 'kind' | 'on' | 'data'>,
  planting: Planting,
  { entriesOf, seasonStart }: CheckedAgainst,
): Doubt | null {
  const start = seasonStart(planting.season)
  const [from, to] = [addDays(start, -SEASON_SPAN.before), addDays(start, SEASON_SPAN.after)]
  if (on < from || on > to) return { why: 'outside-season', refuse: true, season: planting.season, from, to }
  const own = entriesOf(planting.id)
  const first = earlierStep(kind, own)
  if (first && on < first.on) return { why: 'before', refuse: true, kind, first: first.kind, on: first.on }
  const cleared = own.find((entry) => entry.kind === 'cleared')
  if (cleared && on > cleared.on && kind !== 'cleared')
    return { why: 'after-cleared', refuse: kind !== 'picked', on: cleared.on }
  return countDoubt(kind, data, planting)
}

/** The first entry of the latest step that comes before a kind. */
function earlierStep(kind: EntryKind, own: readonly LogEntry[]): LogEntry | undefined {
  const step = STEPS.indexOf(kind)
  // What grows in the ground stood there or came up before; clearing follows everything.
  const before =
    step >= 0 ? STEPS.slice(0, step) : kind === 'cleared' ? STEPS : (['sown', 'emerged'] as EntryKind[])
  return before.flatMap((one) => own.find((entry) => entry.kind === one) ?? []).at(-1)
}

function countDoubt(kind: EntryKind, data: LogEntry['data'], { count: planned }: Planting): Doubt | null {
  const more = (count: number, most: number): Doubt | null =>
    count > most ? { why: 'more-than-planned', refuse: false, kind, count, planned } : null
  if (kind === 'set-out') return more((data as LogEntry<'set-out'>['data']).count, planned)
  if (kind === 'sown') return more((data as LogEntry<'sown'>['data']).seeds, planned * SEEDS_A_PLANT)
  return null
}
