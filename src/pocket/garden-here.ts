import type { IsoDate } from '../core/calendar'
import { effectiveEntries } from '../core/entry'
import type { LogEntry } from '../core/log'
import type { KeptAct } from '../components/outbox/kept'
import { todayIn } from '../data/garden-row'
import type { GardenState } from '../data/garden-state'
import { gardenOfLists, type PocketLists } from '../data/pocket/lists'
import { rowsOf, type PocketGarden } from './store'

type Held = { [List in keyof PocketLists]?: { marks: string; rows: PocketLists[List] } }

let held: Held = {}
let last: { key: string; state: GardenState } | undefined
let lastWith: { of: GardenState; key: string; state: GardenState } | undefined

/** The date on the garden's clock, by this device's clock put right: it is never earlier than the server was. */
export async function dateHere(kept: PocketGarden): Promise<IsoDate> {
  const [garden] = await listOf('garden', kept)
  return todayIn(garden!, new Date(Math.max(Date.now() + kept.clock, new Date(kept.at).getTime())))
}

/** The garden that this device keeps, on a day; the same object while nothing changes. */
export async function gardenHere(kept: PocketGarden, now: IsoDate): Promise<GardenState> {
  const key = `${now} ${JSON.stringify(kept.lists)}`
  if (last?.key === key) return last.state
  const names = Object.keys(kept.lists) as (keyof PocketLists)[]
  const lists = Object.fromEntries(
    await Promise.all(names.map(async (name) => [name, await listOf(name, kept)] as const)),
  ) as unknown as PocketLists
  const state = await gardenOfLists(lists, { changes: kept.changes, now })
  last = { key, state }
  return state
}

/** A list's rows, the same array as before where they are the same: what follows from it is known by it. */
async function listOf<List extends keyof PocketLists>(
  name: List,
  { lists }: PocketGarden,
): Promise<PocketLists[List]> {
  const marks = lists[name].join()
  const before = held[name]
  if (before?.marks === marks) return before.rows
  const rows = await rowsOf<List>(lists[name])
  held = { ...held, [name]: { marks, rows } }
  return rows
}

/** What the acts that wait are to a screen: of those that were refused nothing came. */
export const keyOfActs = (acts: readonly KeptAct[]): string =>
  JSON.stringify(
    acts.map(({ seq, refused, act }) => [
      seq,
      refused !== null,
      'entries' in act ? act.entries.map(({ id, on, data, note }) => [id, on, data, note]) : null,
    ]),
  )

/** The garden with what was entered on this device since; what it shows already is not entered again. */
export function withActs(state: GardenState, acts: readonly KeptAct[]): GardenState {
  const waiting = acts.filter(({ refused }) => refused === null)
  if (waiting.length === 0) return state
  const key = keyOfActs(waiting)
  if (lastWith?.of === state && lastWith.key === key) return lastWith.state
  let entries: readonly LogEntry[] = state.record.entries
  for (const act of waiting) entries = [...entries, ...entriesOf(act, entries)]
  const more = { ...state, record: { ...state.record, entries } } as GardenState
  lastWith = { of: state, key, state: more }
  return more
}

/** What an act enters after what is there. */
function entriesOf({ act, at: kept }: KeptAct, there: readonly LogEntry[]): LogEntry[] {
  const at = new Date(kept).toISOString()
  if ('entries' in act) {
    const known = new Set(there.map(({ id }) => id))
    return act.entries
      .filter(({ id }) => !known.has(id))
      .map((draft) => ({ ...draft, at, voids: null }) as LogEntry)
  }
  const { id, entry = '', alone = false } = act.undo
  const actOf = (one: string) => one.split('.')[0]
  return effectiveEntries(there, FAR)
    .filter((one) => (alone ? one.id === entry : actOf(one.id) === actOf(entry)))
    .map(({ id: voids, subject, on }, index): LogEntry<'void'> => ({
      id: index === 0 ? id : `${id}.${index + 1}`,
      subject,
      kind: 'void',
      on,
      at,
      data: {},
      note: '',
      voids,
    }))
}
const FAR = '2400-12-31' as IsoDate
