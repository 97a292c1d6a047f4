import { parentPort } from 'node:worker_threads'
import { readLogCsv } from '../log-reading'
import { portions } from './portions'
import type { ToldOfLog } from './read-log'

/** Reads logbooks' CSVs and tells each a portion at a time. */
const tell = (told: ToldOfLog) => parentPort!.postMessage(told)

parentPort!.on('message', (content: Uint8Array) => {
  const { entries, faults } = readLogCsv(new TextDecoder().decode(content))
  tell({ entries: [], faults })
  for (const portion of portions(entries)) tell({ entries: portion, faults: [] })
  tell({ whole: true })
})
