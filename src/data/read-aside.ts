import { resolve } from 'node:path'
import { Worker } from 'node:worker_threads'
import type { GardenFile } from './garden-file'
import type { ReadGarden, ReadProblem } from './garden-reading'

/** What the reading thread tells: what is wrong, or the garden a portion at a time. */
export type Told =
  | { problem: ReadProblem }
  | { head: Pick<GardenFile, 'format' | 'version' | 'garden'> }
  | { list: string; rows: unknown[] }
  | { picture: { id: string; content: Uint8Array } }
  | { whole: true }

/** The thread's own file. Put together at run time: what builds the pages would take it for a part of them. */
const thread = () => resolve(/* turbopackIgnore: true */ process.cwd(), 'src/data/reading.thread.mjs')

/** MB that reading a file takes at the most, and ms. */
const MOST_MEMORY = 420
const PATIENCE = 60_000

/**
 * Reads an uploaded garden in a thread of its own, within limits of memory and time: whatever a file holds, others are
 * served meanwhile.
 *
 * @param content is handed over: it is empty afterwards
 */
export function readGardenAside(
  content: Uint8Array<ArrayBuffer>,
): Promise<ReadGarden | { problem: ReadProblem }> {
  return new Promise((answer, fail) => {
    const worker = new Worker(thread(), {
      workerData: content,
      transferList: [content.buffer],
      resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
    })
    const file: Record<string, unknown> = {}
    const pictures = new Map<string, Uint8Array>()
    const end = (found: ReadGarden | { problem: ReadProblem }) => {
      clearTimeout(patience)
      void worker.terminate()
      answer(found)
    }
    const patience = setTimeout(() => end({ problem: { kind: 'too-large' } }), PATIENCE)
    worker.on('message', (told: Told) => {
      if ('problem' in told) end(told)
      else if ('head' in told) Object.assign(file, told.head)
      else if ('list' in told)
        append(((file[told.list] as unknown[] | undefined) ?? (file[told.list] = [])) as unknown[], told.rows)
      else if ('picture' in told) pictures.set(told.picture.id, told.picture.content)
      else end({ file: file as unknown as GardenFile, pictures })
    })
    worker.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'ERR_WORKER_OUT_OF_MEMORY') return end({ problem: { kind: 'too-large' } })
      clearTimeout(patience)
      fail(error)
    })
  })
}

function append(to: unknown[], rows: readonly unknown[]): void {
  for (const row of rows) to.push(row)
}
