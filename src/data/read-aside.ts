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

/** MB that reading a file takes at the most, and ms. */
const MOST_MEMORY = 420
const PATIENCE = 60_000

/** The thread's own file: it runs as it is, what builds the pages takes no part of it. */
const thread = () => resolve(/* turbopackIgnore: true */ process.cwd(), 'src/data/reading.thread.mjs')

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
    const tooLarge = () => end({ problem: { kind: 'too-large' } })
    const patience = setTimeout(tooLarge, PATIENCE)
    worker.on('message', (told: Told) => {
      if ('head' in told) Object.assign(file, told.head)
      else if ('list' in told) {
        const rows = (file[told.list] ??= []) as unknown[]
        for (const row of told.rows) rows.push(row)
      } else if ('picture' in told) pictures.set(told.picture.id, told.picture.content)
      else end('problem' in told ? told : { file: file as unknown as GardenFile, pictures })
    })
    worker.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'ERR_WORKER_OUT_OF_MEMORY') return tooLarge()
      clearTimeout(patience)
      fail(error)
    })
  })
}
