import { ValidationError, type AnyObjectSchema } from 'yup'
import { EVERY_RECORD, RECORDS } from './records'
import { gardenRecord } from './records/garden'
import type { GardenRecord } from './records/record'

const HEAD = ['format', 'version', 'garden']
/** So many faults are told; a file with more is no better known by them. */
export const MOST_FAULTS = 20

/**
 * What is wrong with a garden file: every field there, none beside it, each within what can be true, no row twice.
 * Reading stops at the first {@link MOST_FAULTS} faults.
 */
export function gardenFileFaults(file: Record<string, unknown>): string[] {
  const faults: string[] = []
  const isFull = () => faults.length >= MOST_FAULTS
  for (const key of Object.keys(file))
    if (!isFull() && !HEAD.includes(key) && !Object.hasOwn(RECORDS, key))
      faults.push(`${key.slice(0, 80)} is no part of a garden file`)
  faults.push(...rowFaults(gardenRecord.row, file.garden, 'garden', MOST_FAULTS - faults.length))
  for (const [list, record] of EVERY_RECORD) {
    if (isFull()) break
    const rows = file[list]
    const { most, exactly } = record
    if (!Array.isArray(rows)) faults.push(`${list} must be a list`)
    else if (exactly ? rows.length !== most : rows.length > most)
      faults.push(`${list} must hold ${exactly ? '' : 'at most '}${most} rows, not ${rows.length}`)
    else faults.push(...listFaults(list, rows, record, MOST_FAULTS - faults.length))
  }
  return faults
}

function listFaults(
  name: string,
  rows: readonly unknown[],
  { row, key }: GardenRecord<object>,
  most: number,
): string[] {
  const faults: string[] = []
  const seen = new Map<string, number>()
  for (let at = 0; at < rows.length && faults.length < most; at++) {
    const found = rowFaults(row, rows[at], `${name}[${at}]`, most - faults.length)
    faults.push(...found)
    if (found.length > 0) continue
    const mark = JSON.stringify(key.map((field) => (rows[at] as Record<string, unknown>)[field]))
    const before = seen.get(mark)
    if (before !== undefined)
      faults.push(`${name}[${at}] is there twice: it has the same ${key.join(', ')} as ${name}[${before}]`)
    seen.set(mark, at)
  }
  return faults
}

function rowFaults(schema: AnyObjectSchema, row: unknown, path: string, most: number): string[] {
  if (typeof row !== 'object' || row === null || Array.isArray(row)) return [`${path} must be an object`]
  try {
    // Yup names every field by its whole path when it is told where it begins.
    schema.validateSync(row, { strict: true, abortEarly: false, path } as Parameters<
      typeof schema.validateSync
    >[1])
    return []
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    return error.errors.slice(0, most)
  }
}

/** The first rows of a sound file that name what it does not hold. */
export function danglingReferences(file: Record<string, unknown>): string[] {
  const faults: string[] = []
  const rowsOf = (list: string) => file[list] as Record<string, unknown>[]
  const known = new Map(
    EVERY_RECORD.map(([list, { name }]) => [name, new Set(rowsOf(list).map(({ id }) => id))]),
  )
  for (const [list, { references }] of EVERY_RECORD)
    for (const [field, of] of Object.entries(references ?? {}))
      for (const [at, row] of rowsOf(list).entries()) {
        if (faults.length >= MOST_FAULTS) return faults
        if (!known.get(of)!.has(row[field]))
          faults.push(`${list}[${at}].${field} names no ${of} of this file`)
      }
  return faults
}
