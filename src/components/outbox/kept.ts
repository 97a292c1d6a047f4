import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { IsoDate } from '../../core/calendar'
import type { SentAct } from './sent-act'

/** An act that waits on this device until the server has it. */
export interface KeptAct {
  /** In this order they are sent. */
  seq: number
  /** Of its first entry, or of its undo. */
  id: string
  act: SentAct
  /** What it is called, as in `Bed 2: watered, 40 L`. */
  said: string
  on: IsoDate
  /** When it was kept, ms since 1970 by this device's clock. */
  at: number
  photo: { id: string; picture: Blob } | null
  /** It was sent before, and may have arrived. */
  isTried: boolean
  /** Its entries have arrived, and its photo is still to go. */
  isEntered: boolean
  /** Why the server did not take it: it waits for the gardener. */
  refused: { message: string; ask?: true } | null
}

export type NewlyKept = Omit<KeptAct, 'seq' | 'at' | 'refused'>

interface Kept extends DBSchema {
  acts: { key: number; value: KeptAct; indexes: { id: string } }
}

/** This device keeps nothing more: its storage is full, or closed to pages like this one. */
export class NotKept extends Error {
  constructor(readonly why: 'full' | 'closed') {
    super(`Nothing more is kept: ${why}.`)
  }
}

let opened: Promise<IDBPDatabase<Kept>> | undefined

// Later shapes of the store bring along what waits in it: nothing is ever dropped by an update.
const database = () =>
  (opened ??= openDB<Kept>('prairie-outbox', 1, {
    upgrade(db) {
      db.createObjectStore('acts', { keyPath: 'seq', autoIncrement: true }).createIndex('id', 'id')
    },
    blocking: () => void opened?.then((db) => db.close()).finally(() => (opened = undefined)),
    terminated: () => (opened = undefined),
  })).catch((error: unknown) => {
    opened = undefined
    throw error
  })

const changed = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('prairie-outbox')
const listeners = new Set<() => void>()
const tell = () => {
  for (const listener of listeners) listener()
}
if (changed) changed.onmessage = tell

/** Calls back when what waits has changed, in this window or another. @returns how to stop it */
export function onKeptChange(listener: () => void): () => void {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

function told(): void {
  tell()
  changed?.postMessage(null)
}

/** All that waits, in order; nothing where this device keeps nothing. */
export async function keptActs(): Promise<KeptAct[]> {
  try {
    return await (await database()).getAll('acts')
  } catch {
    return []
  }
}

/** The act that is sent next, without reading those behind it and their photos; null: nothing waits. */
export async function firstWaiting(): Promise<KeptAct | null> {
  try {
    let cursor = await (await database()).transaction('acts').store.openCursor()
    while (cursor && cursor.value.refused !== null) cursor = await cursor.continue()
    return cursor?.value ?? null
  } catch {
    return null
  }
}

/** Keeps an act, durably. @throws {NotKept} */
export async function keep(act: NewlyKept): Promise<void> {
  try {
    const tx = (await database()).transaction('acts', 'readwrite', { durability: 'strict' })
    // The store gives it its number.
    await tx.store.add({ ...act, at: Date.now(), refused: null } as KeptAct)
    await tx.done
  } catch (error) {
    throw new NotKept(
      error instanceof DOMException && error.name === 'QuotaExceededError' ? 'full' : 'closed',
    )
  }
  told()
}

/** Changes what waits, in one. @param change what it is from now on; null: it is gone */
export async function changeKept(seq: number, change: (act: KeptAct) => KeptAct | null): Promise<void> {
  const tx = (await database()).transaction('acts', 'readwrite', { durability: 'strict' })
  const act = await tx.store.get(seq)
  const after = act && change(act)
  if (after) await tx.store.put(after)
  else if (act) await tx.store.delete(seq)
  await tx.done
  told()
}

/**
 * Takes back what an entry's act was to enter, while it was not sent.
 *
 * @param alone only the entry itself
 * @returns whether it was still here, and is gone now
 */
export async function dropUnsent(entryId: string, alone: boolean): Promise<boolean> {
  const kept = await keptActOf(entryId)
  let isGone = false
  if (!kept) return false
  await changeKept(kept.seq, (now) => {
    if (now.isTried || now.isEntered || !('entries' in now.act)) return now
    isGone = true
    const left = alone ? now.act.entries.filter(({ id }) => id !== entryId) : []
    return left.length === 0 ? null : { ...now, act: { ...now.act, entries: left } }
  })
  return isGone
}

const actOf = (id: string) => id.split('.')[0]!

/** The act that an entry belongs to, while it waits. */
async function keptActOf(entryId: string): Promise<KeptAct | null> {
  const acts = await keptActs()
  return acts.find(({ id, act }) => 'entries' in act && actOf(id) === actOf(entryId)) ?? null
}
