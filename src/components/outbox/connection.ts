/** Whether the server answered when it was last asked; `signed-out`: it did, and does not know this device. */
export type Connection = 'reached' | 'not-reached' | 'signed-out'

let now: Connection = 'reached'
const listeners = new Set<() => void>()

export const connection = (): Connection => now

/** Notes what came of asking the server. */
export function noteConnection(is: Connection): void {
  if (is === now) return
  now = is
  for (const listener of listeners) listener()
}

export function onConnection(listener: () => void): () => void {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}
