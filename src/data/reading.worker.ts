import { parentPort } from 'node:worker_threads'
import { readGardenUpload } from './garden-reading'
import type { Told } from './read-aside'

/** Reads garden files in a thread of its own and tells them a portion at a time, so that taking one in holds nobody up. */
const ROWS_AT_ONCE = 2000
const tell = (told: Told, transfer: ArrayBuffer[] = []) => parentPort!.postMessage(told, transfer)

parentPort!.on('message', (content: Uint8Array) => {
  const read = readGardenUpload(content)
  if ('problem' in read) return tell({ problem: read.problem })
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
})
