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
  /** When the server had it, ms since 1970: it stays until the copy of the garden here shows it. null: it waits. */
  sentAt: number | null
}

export type NewlyKept = Omit<KeptAct, 'seq' | 'at' | 'refused' | 'sentAt'>

/** What became of what waits: the gardener had a hand in it, or it went to the server. */
type KeptChange = 'entered' | 'sent'

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
const listeners = new Set<(what: KeptChange) => void>()
const tell = (what: KeptChange) => {
  for (const listener of listeners) listener(what)
}
if (changed) changed.onmessage = ({ data }: MessageEvent<KeptChange>) => tell(data)

/** Calls back when what waits has changed, in this window or another. @returns how to stop it */
export function onKeptChange(listener: (what: KeptChange) => void): () => void {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

function told(what: KeptChange): void {
  tell(what)
  changed?.postMessage(what)
}

const isWaiting = ({ refused, sentAt }: KeptAct) => refused === null && !sentAt

/** All that waits, or was refused, in order; nothing where this device keeps nothing. */
export const keptActs = async (): Promise<KeptAct[]> => (await actsHere()).filter(({ sentAt }) => !sentAt)

/** That, and what was sent since the copy of the garden here was fetched. */
export async function actsHere(): Promise<KeptAct[]> {
  try {
    return await (await database()).getAll('acts')
  } catch {
    return []
  }
}

/** The acts that are sent next, without reading those behind them and their photos. */
export async function nextWaiting(most: number): Promise<KeptAct[]> {
  try {
    const { store } = (await database()).transaction('acts')
    const found: KeptAct[] = []
    for (let after = 0; found.length < most;) {
      const acts = await store.getAll(IDBKeyRange.lowerBound(after, true), most)
      found.push(...acts.filter(isWaiting))
      if (acts.length < most) break
      after = acts.at(-1)!.seq
    }
    return found.slice(0, most)
  } catch {
    return []
  }
}

/** Keeps an act, durably. @throws {NotKept} */
export async function keep(act: NewlyKept): Promise<void> {
  try {
    const tx = (await database()).transaction('acts', 'readwrite', { durability: 'strict' })
    // The store gives it its number.
    await tx.store.add({ ...act, at: Date.now(), refused: null, sentAt: null } as KeptAct)
    await tx.done
  } catch (error) {
    throw new NotKept(
      error instanceof DOMException && error.name === 'QuotaExceededError' ? 'full' : 'closed',
    )
  }
  told('entered')
}

/** What an act that waits is from now on; null: it is gone. */
export type Change = (act: KeptAct) => KeptAct | null

/** Changes what waits, as the gardener wants it. */
export async function changeKept(seq: number, change: Change): Promise<void> {
  await changeEach(new Map([[seq, change]]))
  told('entered')
}

/** Notes what came of sending acts, all of it or nothing. */
export async function noteSending(changes: ReadonlyMap<number, Change>): Promise<void> {
  await changeEach(changes)
  told('sent')
}

/** Notes that acts are sent now. @returns those that are, as they are: one may have been taken back meanwhile */
export const noteTried = (acts: readonly KeptAct[]): Promise<KeptAct[]> =>
  changeEach(new Map(acts.map(({ seq }) => [seq, (act) => (act.isTried ? act : { ...act, isTried: true })])))

/** @returns what is there after it, in the same order */
async function changeEach(changes: ReadonlyMap<number, Change>): Promise<KeptAct[]> {
  const left: KeptAct[] = []
  const tx = (await database()).transaction('acts', 'readwrite', { durability: 'strict' })
  for (const [seq, change] of changes) {
    const act = await tx.store.get(seq)
    const after = act && change(act)
    if (after && after !== act) await tx.store.put(after)
    else if (act && !after) await tx.store.delete(seq)
    if (after) left.push(after)
  }
  await tx.done
  return left
}

/** Lets go of what was sent before a moment, ms: the copy of the garden here shows it. */
export async function forgetSent(before: number): Promise<void> {
  const tx = (await database()).transaction('acts', 'readwrite')
  for (let cursor = await tx.store.openCursor(); cursor; cursor = await cursor.continue())
    if (cursor.value.sentAt && cursor.value.sentAt < before) await cursor.delete()
  await tx.done
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
    if (now.isTried || now.isEntered || now.sentAt || !('entries' in now.act)) return now
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
