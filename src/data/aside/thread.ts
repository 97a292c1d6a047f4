import { resolve } from 'node:path'
import { Worker } from 'node:worker_threads'
import { build } from 'esbuild'

/** MB that a thread takes at the most, and ms. */
const MOST_MEMORY = 420
const PATIENCE = 60_000
/** ms that a thread waits for its next file: then what it holds is given back. */
const WAITING = 20_000

/** The threads that there are, by the names of their files. */
export type ThreadName = 'garden' | 'log'

const compiled = new Map<ThreadName, Promise<string>>()

/** A thread's program, made of its sources once: what builds the pages does not build threads. */
function programOf(name: ThreadName): Promise<string> {
  const known = compiled.get(name)
  if (known) return known
  const made = build({
    entryPoints: [resolve(/* turbopackIgnore: true */ process.cwd(), `src/data/aside/${name}.thread.ts`)],
    bundle: true,
    platform: 'node',
    target: 'node20',
    write: false,
  }).then(({ outputFiles }) => outputFiles[0]!.text)
  compiled.set(name, made)
  made.catch(() => compiled.delete(name))
  return made
}

/** Threads that wait for their next file, and when each is ended; one that ended badly is never among them. */
const waiting = new Map<ThreadName, { worker: Worker; ending: NodeJS.Timeout }>()

async function threadOf(name: ThreadName): Promise<Worker> {
  const kept = waiting.get(name)
  if (kept) {
    waiting.delete(name)
    clearTimeout(kept.ending)
    kept.worker.ref()
    return kept.worker
  }
  return new Worker(await programOf(name), {
    eval: true,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
  })
}

/** Lets a thread wait for what comes next, for a while and without holding the process. */
function keepWaiting(name: ThreadName, worker: Worker): void {
  worker.unref()
  const ending = setTimeout(() => {
    waiting.delete(name)
    void worker.terminate()
  }, WAITING)
  ending.unref()
  waiting.set(name, { worker, ending })
}

/** Files are read one at a time: two large ones at once would share one memory. */
let running: Promise<unknown> = Promise.resolve()

/**
 * Gives a file to a thread of its own, within limits of memory and time: whatever it holds, others are served
 * meanwhile.
 *
 * @param given is handed over: it is empty afterwards
 * @param take is told each thing that the thread tells; the first answer that is not undefined is the last
 * @returns that answer; null: it would have taken too much memory or time
 */
export function aside<Told, Answer>(
  name: ThreadName,
  given: Uint8Array<ArrayBuffer>,
  take: (told: Told) => Answer | undefined,
): Promise<Answer | null> {
  const turn = running.then(() => run(name, given, take))
  running = turn.catch(() => undefined)
  return turn
}

async function run<Told, Answer>(
  name: ThreadName,
  given: Uint8Array<ArrayBuffer>,
  take: (told: Told) => Answer | undefined,
): Promise<Answer | null> {
  const worker = await threadOf(name)
  let patience: NodeJS.Timeout | undefined
  let answered: Answer | null = null
  try {
    answered = await new Promise<Answer | null>((answer, fail) => {
      patience = setTimeout(() => answer(null), PATIENCE)
      worker.on('message', (told: Told) => {
        const found = take(told)
        if (found !== undefined) answer(found)
      })
      worker.on('error', (error: NodeJS.ErrnoException) =>
        error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? answer(null) : fail(error),
      )
      worker.on('exit', () => fail(new Error(`the ${name} thread ended without an answer`)))
      worker.postMessage(given, [given.buffer])
    })
    return answered
  } finally {
    clearTimeout(patience)
    // Event by event: a worker hears of its own ones by listeners that `removeAllListeners()` would take too.
    for (const event of ['message', 'error', 'exit']) worker.removeAllListeners(event)
    if (answered === null) void worker.terminate()
    else keepWaiting(name, worker)
  }
}
