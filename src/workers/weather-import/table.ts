import { parse } from 'papaparse'

const DELIMITERS = [';', '\t', '|', ','] as const
/** Lines that are looked at from the middle of a file, where its rows are surest. */
const LOOKED_AT = 60
const LEAST_COLUMNS = 3

/** A text as rows of cells, by the mark that parts its rows most evenly; null: it is no table. */
export function tableOf(text: string): string[][] | null {
  if (/^\s*[<{[]/.test(text)) return null
  const lines = text.split(/\r\n|\n|\r/)
  const from = Math.max(0, Math.floor(lines.length / 2) - LOOKED_AT / 2)
  const middle = lines.slice(from, from + LOOKED_AT).filter((line) => line.trim() !== '')
  const delimiter = DELIMITERS.find((mark) => isEven(middle.map((line) => line.split(mark).length)))
  const rows = delimiter
    ? parse<string[]>(text, { delimiter }).data
    : isEven(middle.map((line) => spaced(line).length))
      ? lines.map(spaced)
      : null
  return rows && rows.filter((row) => row.length >= LEAST_COLUMNS).length >= 2 ? rows : null
}

/** Words that stand apart by any blank; a mark of a remark before them is left off. */
const spaced = (line: string) => line.replace(/^\s*#/, '').trim().split(/\s+/)

/** Whether most rows have the same number of cells, and enough of them. */
function isEven(widths: readonly number[]): boolean {
  const counts = new Map<number, number>()
  for (const width of widths) if (width >= LEAST_COLUMNS) counts.set(width, (counts.get(width) ?? 0) + 1)
  return Math.max(0, ...counts.values()) >= 0.6 * widths.length
}
