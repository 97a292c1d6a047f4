import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { POCKET_VERSION, type PocketLists } from '../data/pocket/lists'
import { POCKET_STORE } from '../data/pocket/names'
import type { PocketOffer } from '../data/pocket/offer'

/** The garden that this device keeps. */
export interface PocketGarden extends Omit<PocketOffer, 'pieces'> {
  /** What is to be added to this device's clock to have the server's, ms. */
  clock: number
}

/** What came of asking for the garden. */
export type Fetched = 'same' | 'new' | 'none' | 'signed-out' | 'not-reached' | 'full'

/** A screen as it was worked out last, and from what. */
interface KeptView {
  stamp: string
  view: unknown
}

interface Pocket extends DBSchema {
  /** The rows of each piece as JSON, by its mark. */
  pieces: { key: string; value: string }
  garden: { key: string; value: PocketGarden }
  views: { key: string; value: KeptView }
}

const THE_GARDEN = 'garden'

let opened: Promise<IDBPDatabase<Pocket>> | undefined
const database = () =>
  (opened ??= openDB<Pocket>(POCKET_STORE, 1, {
    upgrade(db) {
      for (const store of ['pieces', 'garden', 'views'] as const) db.createObjectStore(store)
    },
    blocking: () => void opened?.then((db) => db.close()).finally(() => (opened = undefined)),
    terminated: () => (opened = undefined),
  }))

/** The garden that was fetched last; null: none was, or for another version of the application. */
export async function pocketGarden(): Promise<PocketGarden | null> {
  const garden = await (await database()).get('garden', THE_GARDEN)
  return garden?.version === POCKET_VERSION ? garden : null
}

/** The rows of one of its lists. */
export async function rowsOf<List extends keyof PocketLists>(marks: readonly string[]) {
  const tx = (await database()).transaction('pieces')
  const pieces = await Promise.all(marks.map((mark) => tx.store.get(mark)))
  return pieces.flatMap((piece) => JSON.parse(piece ?? '[]') as unknown[]) as unknown as PocketLists[List]
}

/** Fetches what has changed of the garden at work since it was fetched last. */
export async function fetchGarden(): Promise<Fetched> {
  const db = await database()
  const has = await db.getAllKeys('pieces')
  const asked = Date.now()
  const response = await fetch('/pocket/garden', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ version: POCKET_VERSION, has }),
  }).catch(() => null)
  if (!response || response.status >= 500) return 'not-reached'
  if (!response.ok) {
    // Who is turned away keeps nothing of the garden; what was entered waits elsewhere.
    await forgetGarden()
    return response.status === 401 ? 'signed-out' : 'none'
  }
  const { pieces, ...offer } = (await response.json()) as PocketOffer
  if (offer.version !== POCKET_VERSION) return 'none'
  const before = await pocketGarden()
  const clock = new Date(offer.at).getTime() - (asked + Date.now()) / 2
  const wanted = new Set(Object.values(offer.lists).flat())
  try {
    const tx = db.transaction(['pieces', 'garden'], 'readwrite')
    const kept = tx.objectStore('pieces')
    for (const [mark, rows] of Object.entries(pieces)) void kept.put(rows, mark)
    for (const mark of has) if (!wanted.has(mark)) void kept.delete(mark)
    void tx.objectStore('garden').put({ ...offer, clock }, THE_GARDEN)
    await tx.done
  } catch {
    return 'full'
  }
  return JSON.stringify(before?.lists) === JSON.stringify(offer.lists) ? 'same' : 'new'
}

async function forgetGarden(): Promise<void> {
  const tx = (await database()).transaction(['pieces', 'garden', 'views'], 'readwrite')
  for (const store of ['pieces', 'garden', 'views'] as const) void tx.objectStore(store).clear()
  await tx.done
}

/** A screen that was worked out before from the very same; undefined: none was. */
export async function keptView(address: string, stamp: string): Promise<unknown> {
  const kept = await (await database()).get('views', address)
  return kept?.stamp === stamp ? kept.view : undefined
}

/** A screen as it was worked out last, whatever has come since. */
export const lastView = async (address: string): Promise<unknown> =>
  (await (await database()).get('views', address))?.view

/** Keeps a screen for the next time that it is opened; where there is no room it is worked out anew. */
export const keepView = async (address: string, kept: KeptView): Promise<void> =>
  database().then(
    (db) => db.put('views', kept, address).then(() => undefined),
    () => undefined,
  )
