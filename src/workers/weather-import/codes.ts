import { isNumeric } from './cells'
import { measureOfCode } from './heads'
import type { Mapping, Role } from './mapping'

type Rows = readonly (readonly string[])[]

/** A column whose words say what each row's value is, with what they stand for; null: there is none. */
export function codesOf(
  rows: Rows,
  columns: Partial<Record<Role, number>>,
): { at: number; of: Mapping['codes']; words: string[] } | null {
  const width = Math.max(0, ...rows.map((row) => row.length))
  for (let at = 0; at < width; at++) {
    if (at === columns.date || at === columns.value) continue
    const words = [
      ...new Set(rows.map((row) => (row[at] ?? '').trim()).filter((cell) => cell && !isNumeric(cell))),
    ]
    if (words.length > MOST_CODES) continue
    const of: Mapping['codes'] = {}
    for (const word of words) {
      const measure = measureOfCode(word)
      if (measure !== null) of[measure] ??= word
    }
    if (of.tmin !== undefined && of.tmax !== undefined) return { at, of, words }
  }
  return null
}
const MOST_CODES = 80

/** Words that come again and again: codes, where somebody says that there are any. */
export function wordsOf(rows: Rows): string[] {
  const counts = new Map<string, number>()
  for (const cell of rows.flat())
    if (/^[a-z]\w{0,15}$/i.test(cell.trim())) counts.set(cell.trim(), (counts.get(cell.trim()) ?? 0) + 1)
  return [...counts].flatMap(([word, count]) => (count > 1 ? [word] : [])).slice(0, MOST_CODES)
}

/** The column of numbers nearest behind the codes. */
export function valueBeside(
  rows: Rows,
  code: number,
  columns: Partial<Record<Role, number>>,
): number | undefined {
  const width = Math.max(0, ...rows.map((row) => row.length))
  const dated = new Set([columns.date, columns.year, columns.month, columns.day, columns.time, code])
  const order = Array.from({ length: width }, (_, at) => (code + 1 + at) % width)
  return order.find(
    (at) => !dated.has(at) && rows.filter((row) => isNumeric(row[at] ?? '')).length > 0.6 * rows.length,
  )
}
