import { parse } from 'papaparse'
import { ValidationError } from 'yup'
import type { LogEntry } from '../core/log'
import { entrySchema } from './records/entry-schema'
import { scanJson } from './scan-json'

/** The columns of a logbook's CSV. */
export const LOG_COLUMNS = [
  'id',
  'on',
  'at',
  'subject',
  'subject id',
  'about',
  'kind',
  'what',
  'data',
  'note',
  'voids',
  'by',
] as const
const NEEDED = LOG_COLUMNS.filter((column) => !['about', 'what', 'by'].includes(column))

/** A cell that a sheet would take for a formula, and one that begins as if it had been kept from that. */
export const FORMULA = /^[=+\-@\t\r']/

/** A line that cannot be taken, counted as a sheet counts them, and why. */
export type LineFault = { line: number } & (
  | { kind: 'columns'; missing: string[] }
  | { kind: 'too-many'; most: number }
  | { kind: 'data' }
  /** A field holds what it cannot; what, in the schema's words. */
  | { kind: 'field'; said: string }
)

/** What a file of entries holds. */
export interface ReadLog {
  entries: { line: number; entry: LogEntry }[]
  faults: LineFault[]
}

/** Lines of the longest logbook; and faulty ones after which the rest is not read, nor anything offered. */
const MOST_LINES = 100_000
const MOST_FAULTY = 1000

/** Reads a logbook's CSV: its entries with their lines, and the lines that are none. */
export function readLogCsv(text: string): ReadLog {
  const { data, meta } = parse<Record<string, string>>(text.replace(/^\ufeff/, ''), {
    header: true,
    // Told here: finding it out takes longer than reading the file.
    delimiter: /^\ufeff?"?id"?([,;\t])/.exec(text)?.[1] ?? ',',
    skipEmptyLines: 'greedy',
    preview: MOST_LINES + 1,
  })
  const missing = NEEDED.filter((column) => !meta.fields?.includes(column))
  if (missing.length > 0) return nothing({ line: 1, kind: 'columns', missing })
  if (data.length > MOST_LINES) return nothing({ line: MOST_LINES + 2, kind: 'too-many', most: MOST_LINES })
  const entries: ReadLog['entries'] = []
  const faults: LineFault[] = []
  for (const [index, row] of data.entries()) {
    const line = index + 2
    try {
      const entry = entrySchema.validateSync(entryOf(row), { strict: true }) as unknown as LogEntry
      entries.push({ line, entry })
    } catch (error) {
      faults.push(faultOf(line, error))
      if (faults.length >= MOST_FAULTY) return { entries: [], faults }
    }
  }
  return { entries, faults }
}

const nothing = (fault: LineFault): ReadLog => ({ entries: [], faults: [fault] })

const plain = (cell: string | undefined) => (cell ?? '').replace(/^'(?=[=+\-@\t\r'])/, '')

function entryOf(row: Record<string, string>): unknown {
  return {
    id: plain(row.id),
    subject: { type: plain(row.subject), id: plain(row['subject id']) },
    kind: plain(row.kind),
    on: plain(row.on),
    at: plain(row.at),
    data: dataOf(plain(row.data)),
    note: plain(row.note),
    voids: plain(row.voids) || null,
    ...(plain(row.by) === '' ? {} : { by: plain(row.by) }),
  }
}

/** Characters of the data of the largest entry. */
const LONGEST_DATA = 200_000

/** What an entry holds; brackets that nest deeper than any entry's would end whoever looks into them. */
function dataOf(text: string): unknown {
  const bytes = new TextEncoder().encode(text)
  if (bytes.byteLength > LONGEST_DATA || scanJson(bytes) !== 'sound')
    throw new SyntaxError('no data of an entry')
  return JSON.parse(text)
}

function faultOf(line: number, error: unknown): LineFault {
  if (error instanceof ValidationError) return { line, kind: 'field', said: error.errors[0]! }
  if (error instanceof SyntaxError) return { line, kind: 'data' }
  throw error
}
