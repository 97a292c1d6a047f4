import { parentPort, workerData } from 'node:worker_threads'
import { readGardenUpload } from './garden-reading'
import type { Told } from './read-aside'

/** Reads a garden file in a thread of its own and tells it a portion at a time, so that taking it in holds nobody up. */
const ROWS_AT_ONCE = 2000
const tell = (told: Told, transfer: ArrayBuffer[] = []) => parentPort!.postMessage(told, transfer)

const read = readGardenUpload(workerData as Uint8Array)
if ('problem' in read) tell({ problem: read.problem })
else {
  const { format, version, garden } = read.file
  tell({ head: { format, version, garden } })
  for (const [list, rows] of Object.entries(read.file)) {
    if (!Array.isArray(rows)) continue
    tell({ list, rows: [] })
    for (let at = 0; at < rows.length; at += ROWS_AT_ONCE)
      tell({ list, rows: rows.slice(at, at + ROWS_AT_ONCE) as unknown[] })
  }
  for (const [id, content] of read.pictures) {
    const own = new Uint8Array(content)
    tell({ picture: { id, content: own } }, [own.buffer])
  }
  tell({ whole: true })
}
