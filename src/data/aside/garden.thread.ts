import { parentPort } from 'node:worker_threads'
import { readGardenUpload } from '../garden-reading'
import { portions } from './portions'
import type { ToldOfGarden } from './read-garden'

/** Reads garden files and tells each a portion at a time, so that taking it in holds nobody up. */
const tell = (told: ToldOfGarden, transfer: ArrayBuffer[] = []) => parentPort!.postMessage(told, transfer)

parentPort!.on('message', (content: Uint8Array) => {
  const read = readGardenUpload(content)
  if ('problem' in read) return tell({ problem: read.problem })
  const { format, version, garden } = read.file
  tell({ head: { format, version, garden } })
  for (const [list, rows] of Object.entries(read.file))
    if (Array.isArray(rows)) for (const portion of portions<unknown>(rows)) tell({ list, rows: portion })
  for (const [id, picture] of read.pictures) {
    const own = new Uint8Array(picture)
    tell({ picture: { id, content: own } }, [own.buffer])
  }
  tell({ whole: true })
})
