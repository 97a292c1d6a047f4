import { expose } from 'comlink'
import { parse } from 'papaparse'
import { guessMapping, type Mapping } from './columns'
import { decodeText, type Decoded } from './decode'
import { readingDays, type ReadResult } from './read-days'

/** A table as it was opened: its first lines, how many there are, and how it seems to be written. */
export type Opened =
  | { rows: string[][]; lines: number; mapping: Mapping; encoding: string }
  | { problem: Extract<Decoded, { problem: unknown }>['problem'] | 'not-a-table' }

const SHOWN = 12
let table: string[][] = []

function open(bytes: ArrayBuffer, garden: Parameters<typeof guessMapping>[1]): Opened {
  const decoded = decodeText(new Uint8Array(bytes))
  if ('problem' in decoded) return decoded
  if (/^\s*[<{[]/.test(decoded.text)) return { problem: 'not-a-table' }
  const { data } = parse<string[]>(decoded.text, { delimitersToGuess: [',', ';', '\t', '|'] })
  table = data
  const wide = data.slice(0, 50).filter((row) => row.length >= 3).length
  if (wide < 2) return { problem: 'not-a-table' }
  return {
    rows: data.slice(0, SHOWN),
    lines: data.filter((row) => row.some((cell) => cell.trim() !== '')).length,
    mapping: guessMapping(data, garden),
    encoding: decoded.encoding,
  }
}

function read(mapping: Mapping, today: string, onProgress: (share: number) => void): ReadResult {
  const steps = readingDays(table, mapping, today)
  let step = steps.next()
  for (let count = 0; !step.done; step = steps.next(), count++) if (count % 4 === 0) onProgress(step.value)
  return step.value
}

const weatherImportWorker = { open, read }
export type WeatherImportWorker = typeof weatherImportWorker
expose(weatherImportWorker)
