import { useSyncExternalStore } from 'react'
import { keptActs, onKeptChange, type KeptAct } from '../components/outbox/kept'

interface Kept {
  /** What is still to be sent, in order; and what the server did not take. */
  waiting: readonly KeptAct[]
  refused: readonly KeptAct[]
}

const NOTHING: Kept = { waiting: [], refused: [] }
let now = NOTHING
let isFollowed = false
const listeners = new Set<() => void>()

async function read(): Promise<void> {
  const acts = await keptActs()
  if (acts.length === 0 && now === NOTHING) return
  now =
    acts.length === 0
      ? NOTHING
      : {
          waiting: acts.filter(({ refused }) => refused === null),
          refused: acts.filter(({ refused }) => refused !== null),
        }
  for (const listener of listeners) listener()
}

function follow(listener: () => void): () => void {
  listeners.add(listener)
  if (!isFollowed) {
    isFollowed = true
    onKeptChange((what) => (what === 'sent' ? readSoon() : void read()))
    void read()
  }
  return () => void listeners.delete(listener)
}

/** While many are sent one need not see each go, ms. */
const SOON = 200
let soon: ReturnType<typeof setTimeout> | undefined

function readSoon(): void {
  soon ??= setTimeout(() => {
    soon = undefined
    void read()
  }, SOON)
}

/** What waits on this device. */
export const useKept = (): Kept =>
  useSyncExternalStore(
    follow,
    () => now,
    () => NOTHING,
  )
