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

/** Asks whether the server is there, without anything to be answered. */
export async function look(): Promise<Connection> {
  const answer = await fetch('/changes?changes=0', { cache: 'no-store' }).catch(() => null)
  noteConnection(connectionOf(answer))
  return now
}

/** What an answer, or none, says of the connection: a web server in front answers for one that is away. */
export const connectionOf = (answer: Pick<Response, 'status'> | null): Connection =>
  !answer || [502, 504].includes(answer.status)
    ? 'not-reached'
    : answer.status === 401
      ? 'signed-out'
      : 'reached'
