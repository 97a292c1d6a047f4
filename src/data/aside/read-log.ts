import type { ReadLog } from '../log-reading'
import { aside } from './thread'

/** What the reading thread tells: a portion of what the file holds; or that it was all. */
export type ToldOfLog = ReadLog | { whole: true }

/**
 * Reads a logbook's CSV in a thread of its own.
 *
 * @param content is handed over: it is empty afterwards
 * @returns null: it holds more than a logbook can
 */
export function readLogAside(content: Uint8Array<ArrayBuffer>): Promise<ReadLog | null> {
  const read: ReadLog = { entries: [], faults: [] }
  return aside('log', content, (told: ToldOfLog) => {
    if ('whole' in told) return read
    for (const entry of told.entries) read.entries.push(entry)
    read.faults.push(...told.faults)
    return undefined
  })
}
