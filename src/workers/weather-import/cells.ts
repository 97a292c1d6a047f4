/** What stations write where nothing was measured. */
const MISSING = new Set([
  '',
  '-',
  '--',
  '---',
  '/',
  'na',
  'n/a',
  'nan',
  'null',
  'none',
  'm',
  '-999',
  '-9999',
  '-99.9',
  '-999.9',
  '-999.0',
  '-9999.0',
  '9999',
  '99999',
])

export const isMissing = (cell: string) => MISSING.has(cell.trim().toLowerCase())

/** Rain too little to measure. */
const TRACE = /^(t|tr|trace|traces|<\s*0?[.,]\d+)$/i
export const isTrace = (cell: string) => TRACE.test(cell.trim())

/** A cell as a number, with the unit behind it where one stands there; null: it is none. */
export function readNumber(
  cell: string,
  decimals: 'point' | 'comma',
): { value: number; unit: string } | null {
  const plain = decimals === 'comma' ? cell.trim().replace(',', '.') : cell.trim()
  const found = /^([-+−]?(?:\d+\.?\d*|\.\d+))\s*(°\s?[cf]|[℃℉cf]|mm|in|%|mph|km\/h|m\/s|kn|kt)?$/i.exec(plain)
  return found
    ? { value: Number.parseFloat(found[1]!.replace('−', '-')), unit: (found[2] ?? '').toLowerCase() }
    : null
}

/** Whether a cell is a number however its decimals are written. */
export const isNumeric = (cell: string) =>
  readNumber(cell, 'point') !== null || readNumber(cell, 'comma') !== null

/** The numbers among some cells, in their order. */
export const valuesOf = (cells: readonly string[], decimals: 'point' | 'comma') =>
  cells.flatMap((cell) => (isMissing(cell) ? [] : (readNumber(cell, decimals)?.value ?? [])))
