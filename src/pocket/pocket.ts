import { wrap, type Remote } from 'comlink'
import type { PocketWorker } from './pocket.worker'
import type { ViewOf } from './views'

let remote: Remote<PocketWorker> | undefined

/** The garden of this device, in a worker of its own. */
export const pocket = (): Remote<PocketWorker> =>
  (remote ??= wrap<PocketWorker>(
    new Worker(new URL('./pocket.worker.ts', import.meta.url), { type: 'module' }),
  ))

/** What is worked out for an address while nothing changes, so that it is asked for once. */
const asked = new Map<string, Promise<unknown>>()

/** @param turn counts up when what the device keeps has changed */
export function viewAt(address: string, turn: number): Promise<unknown> {
  const key = `${turn} ${address}`
  let answer = asked.get(key)
  if (!answer) {
    for (const old of asked.keys()) if (!old.startsWith(`${turn} `)) asked.delete(old)
    answer = pocket().view(address)
    asked.set(key, answer)
  }
  return answer
}

/** What is at a screen's own address. */
export const viewOfFrame = () => pocket().view('/frame') as Promise<ViewOf<'frame'> | null>
