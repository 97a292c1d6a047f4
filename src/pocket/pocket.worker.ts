import { expose } from 'comlink'
import { addDays, type IsoDate } from '../core/calendar'
import { startOfSeason } from '../core/climate'
import { effectiveEntries, entriesAbout } from '../core/entry'
import { firstDoubt } from '../core/entry-check'
import type { EntryDraft } from '../core/log'
import type { Refused } from '../core/result'
import type { Pressing } from '../components/notices/notices'
import { actsHere, forgetSent } from '../components/outbox/kept'
import { mannerOf } from '../data/garden-row'
import type { GardenState } from '../data/garden-state'
import { sayDoubt } from '../wording/doubts'
import { screenAt } from './addresses'
import { dateHere, gardenHere, keyOfActs, withActs } from './garden-here'
import { fetchGarden, keepView, keptView, pocketGarden, type Fetched } from './store'
import { pressingOf } from './pressing'
import { viewOf, type ViewOf } from './views'

/** What is worked out ahead, so that it is there at once when the device is next taken out. */
const AT_ONCE = ['/walk', '/frame']

/** The code of this very version: what another worked out may have another shape. */
const CODE = self.location.href

/** Which garden is kept here; null: none. */
const which = async (): Promise<string | null> => (await pocketGarden())?.garden ?? null

/** Tomorrow's screens are worked out when nothing has changed for so long, ms. */
const REST = 60_000
let rest: ReturnType<typeof setTimeout> | undefined

/** Fetches what has changed of the garden, and works out ahead what is opened first. */
async function refresh(): Promise<Fetched> {
  const asked = Date.now()
  const fetched = await fetchGarden().catch((): Fetched => 'full')
  if (fetched === 'new' || fetched === 'same') await forgetSent(asked)
  if (fetched !== 'new') return fetched
  await workAhead(0)
  clearTimeout(rest)
  // The morning may come without a network.
  rest = setTimeout(() => void workAhead(1), REST)
  return fetched
}

/** Works out what is opened first, so many days from now. */
async function workAhead(days: number): Promise<void> {
  const kept = await pocketGarden()
  if (!kept) return
  const now = addDays(await dateHere(kept), days)
  const acts = await actsHere()
  const stamp = stampOf(kept.lists, now, keyOfActs(acts))
  const state = withActs(await gardenHere(kept, now), acts)
  for (const address of AT_ONCE)
    await keepView(`${now} ${address}`, { stamp, view: viewOf(state, screenAt(address)!.screen, {}) })
}

const stampOf = (lists: object, now: string, acts: string) => JSON.stringify([CODE, lists, now, acts])

/** What a screen shows; null: it is not there, or nothing is kept here. */
async function view(address: string): Promise<unknown> {
  const [kept, found] = [await pocketGarden(), screenAt(address)]
  if (!kept || !found) return null
  const [now, acts] = [await dateHere(kept), await actsHere()]
  const isKept = AT_ONCE.includes(address)
  const stamp = stampOf(kept.lists, now, keyOfActs(acts))
  const before = isKept ? await keptView(`${now} ${address}`, stamp) : undefined
  if (before !== undefined) {
    // What is asked next wants the garden itself.
    setTimeout(() => void gardenHere(kept, now))
    return before
  }
  const shown = viewOf(withActs(await gardenHere(kept, now), acts), found.screen, found.asked)
  if (isKept) void keepView(`${now} ${address}`, { stamp, view: shown })
  return shown
}

/** What cannot wait past tonight; null: nothing is kept here. */
async function tonight(): Promise<{ on: IsoDate; stops: Pressing[] } | null> {
  const round = (await view('/walk')) as ViewOf<'walk'> | null
  return round && { on: round.now, stops: pressingOf(round) }
}

/** What this device has against entries; null: nothing. */
async function doubt(drafts: EntryDraft[]): Promise<(Refused & { ask?: true }) | null> {
  const kept = await pocketGarden()
  if (!kept) return null
  const state = withActs(await gardenHere(kept, await dateHere(kept)), await actsHere())
  const found = firstDoubt(drafts, knownIn(state), false)
  return found && { ok: false, ...sayDoubt(found, mannerOf(state.garden)) }
}

function knownIn({ record }: GardenState): Parameters<typeof firstDoubt>[1] {
  const counted = effectiveEntries(record.entries, LAST)
  return {
    place: (id) => record.places.find((one) => one.id === id),
    planting: (id) => record.plantings.find((one) => one.id === id),
    entriesOf: (id) => entriesAbout(counted, { type: 'planting', id }),
    seasonStart: (season) => startOfSeason(record.ensemble.normals, season),
  }
}
const LAST = '2400-12-31' as Parameters<typeof effectiveEntries>[1]

const pocketWorker = { which, refresh, view, doubt, tonight }
export type PocketWorker = typeof pocketWorker
expose(pocketWorker)
