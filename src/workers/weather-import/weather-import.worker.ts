import { expose } from 'comlink'
import { decodeText, type Decoded } from './decode'
import { guessOf, type Guess } from './guess'
import type { GardenWays, Mapping } from './mapping'
import { readingDays, type ReadResult } from './read-days'
import { tableOf } from './table'

/** A table as it was opened: how it seems to be read, its first lines, and how many there are. */
export interface OpenedTable extends Guess {
  /** First rows with numbers. */
  rows: string[][]
  /** First lines of the file as they stand, in which its columns may be named. */
  top: string[]
  /** Rows with numbers. */
  lines: number
}
export type Opened =
  OpenedTable | { problem: Extract<Decoded, { problem: unknown }>['problem'] | 'not-a-table' }

const SHOWN = 6
const TOP = 40
let table: string[][] = []

function open(bytes: ArrayBuffer, garden: GardenWays): Opened {
  const decoded = decodeText(new Uint8Array(bytes))
  if ('problem' in decoded) return decoded
  const rows = tableOf(decoded.text)
  if (!rows) return { problem: 'not-a-table' }
  table = rows
  return guess(garden)
}

/** The same table, its columns named on another line. */
function guess(garden: GardenWays, heading?: number | null): OpenedTable {
  const found = guessOf(table, garden, heading)
  const body = table.slice(found.mapping.first).filter((row) => row.some((cell) => cell.trim() !== ''))
  return {
    ...found,
    rows: body.slice(0, SHOWN),
    top: table.slice(0, TOP).map((row) => row.join('  ').slice(0, 60)),
    lines: body.length,
  }
}

function read(mapping: Mapping, today: string, onProgress: (share: number) => void): ReadResult {
  const steps = readingDays(table, mapping, today)
  let step = steps.next()
  for (let count = 0; !step.done; step = steps.next(), count++) if (count % 4 === 0) onProgress(step.value)
  return step.value
}

const weatherImportWorker = { open, guess, read }
export type WeatherImportWorker = typeof weatherImportWorker
expose(weatherImportWorker)
