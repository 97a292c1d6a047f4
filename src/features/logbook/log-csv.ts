import { parse, unparse } from 'papaparse'
import { ValidationError } from 'yup'
import type { LogEntry } from '../../core/facts'
import { scanJson } from '../../data/scan-json'
import { entrySchema } from '../../data/entry-schema'
import type { GardenState } from '../../data/garden-state'
import { mannerOf } from '../../data/gardens'
import { sayEntry } from '../../wording/entries'
import type { LogFilter } from './filter'
import { foundEntries, subjectsOf } from './queries'

const COLUMNS = [
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
] as const
const NEEDED = ['id', 'on', 'at', 'subject', 'subject id', 'kind', 'data', 'note', 'voids'] as const

/** A cell that a sheet would take for a formula, and one that begins as if it had been kept from that. */
const FORMULA = /^[=+\-@\t\r']/

/** The entries that a filter finds, oldest first, a line each; without one, also those that take others back. */
export function logCsv(state: GardenState, filter: LogFilter | null): string {
  const manner = mannerOf(state.garden)
  const subjects = subjectsOf(state)
  const entries = filter
    ? foundEntries(state, filter)
        .map(({ entry }) => entry)
        .reverse()
    : state.record.entries
  return unparse(
    {
      fields: [...COLUMNS],
      data: entries.map((entry) => {
        const { about, crop } = subjects.say(entry)
        return [
          entry.id,
          entry.on,
          entry.at,
          entry.subject.type,
          entry.subject.id,
          about,
          entry.kind,
          sayEntry(entry, crop, manner).replaceAll('\u00a0', ' '),
          JSON.stringify(entry.data),
          entry.note,
          entry.voids ?? '',
        ]
      }),
    },
    { escapeFormulae: FORMULA },
  )
}

/** The same entries as JSON. */
export const logJson = (state: GardenState, filter: LogFilter | null): string =>
  JSON.stringify(
    {
      format: 'prairie-log',
      version: 1,
      entries: filter
        ? foundEntries(state, filter)
            .map(({ entry }) => entry)
            .reverse()
        : state.record.entries,
    },
    null,
    2,
  )

/** A line that cannot be taken, counted as a sheet counts them, and why. */
export interface LineFault {
  line: number
  why: string
}

/** Reads a logbook's CSV: its entries with their lines, and the lines that are none. */
export function readLogCsv(text: string): {
  entries: { line: number; entry: LogEntry }[]
  faults: LineFault[]
} {
  const { data, meta } = parse<Record<string, string>>(text.replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  })
  const missing = NEEDED.filter((column) => !meta.fields?.includes(column))
  if (missing.length > 0)
    return {
      entries: [],
      faults: [{ line: 1, why: `The columns ${missing.join(', ')} are missing: this is no logbook.` }],
    }
  const entries: { line: number; entry: LogEntry }[] = []
  const faults: LineFault[] = []
  data.forEach((row, index) => {
    const line = index + 2
    try {
      const entry = entrySchema.validateSync(entryOf(row), { strict: true }) as unknown as LogEntry
      entries.push({ line, entry })
    } catch (error) {
      faults.push({ line, why: whyOf(error) })
    }
  })
  return { entries, faults }
}

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

function whyOf(error: unknown): string {
  if (error instanceof ValidationError) return `${error.errors[0]}.`
  if (error instanceof SyntaxError) return 'Its data is not whole: it must be JSON as it was exported.'
  throw error
}
