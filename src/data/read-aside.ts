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

// A thread that has read one file reads the next one sooner.
const shared = globalThis as unknown as { prairieReader?: Worker }

function takeWorker(): Worker {
  const idle = shared.prairieReader
  delete shared.prairieReader
  idle?.ref()
  return idle ?? new Worker(thread(), { resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY } })
}

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
    const worker = takeWorker()
    const file: Record<string, unknown> = {}
    const pictures = new Map<string, Uint8Array>()
    /** The thread waits for the next file; one that failed is not used again. */
    const end = (isSound: boolean) => {
      clearTimeout(patience)
      worker.removeAllListeners()
      if (!isSound || shared.prairieReader) return void worker.terminate()
      worker.once('error', () => delete shared.prairieReader)
      worker.unref()
      shared.prairieReader = worker
    }
    const tooLarge = () => {
      end(false)
      answer({ problem: { kind: 'too-large' } })
    }
    const patience = setTimeout(tooLarge, PATIENCE)
    worker.on('message', (told: Told) => {
      if ('head' in told) Object.assign(file, told.head)
      else if ('list' in told) {
        const rows = (file[told.list] ??= []) as unknown[]
        for (const row of told.rows) rows.push(row)
      } else if ('picture' in told) pictures.set(told.picture.id, told.picture.content)
      else {
        end(true)
        answer('problem' in told ? told : { file: file as unknown as GardenFile, pictures })
      }
    })
    worker.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'ERR_WORKER_OUT_OF_MEMORY') return tooLarge()
      end(false)
      fail(error)
    })
    worker.postMessage(content, [content.buffer])
  })
}
