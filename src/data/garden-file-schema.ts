import { ValidationError, type AnyObjectSchema } from 'yup'
import { entrySchema } from './entry-schema'
import {
  archiveRow,
  cropRow,
  cultivarRow,
  gardenRow,
  monthRow,
  obstacleRow,
  photoRow,
  placeRow,
  plantingRow,
  plantRow,
  productRow,
  readingRow,
  supplyRow,
  weatherRow,
} from './garden-rows'

/** A list of a garden file: what a row is, how many there are at the most, and what tells one from another. */
interface List {
  row: AnyObjectSchema
  most: number
  key: readonly string[]
}

const byId = ['id'] as const

/** The lists of a garden file. */
const LISTS = {
  normals: { row: monthRow, most: 12, key: ['month'] },
  weather: { row: weatherRow, most: 80_000, key: ['date'] },
  places: { row: placeRow, most: 2000, key: byId },
  obstacles: { row: obstacleRow, most: 2000, key: byId },
  cropHistory: { row: cropRow, most: 20_000, key: ['placeId', 'year', 'family'] },
  cultivars: { row: cultivarRow, most: 5000, key: byId },
  plantings: { row: plantingRow, most: 20_000, key: byId },
  plants: { row: plantRow, most: 100_000, key: byId },
  supplies: { row: supplyRow, most: 20_000, key: byId },
  products: { row: productRow, most: 5000, key: byId },
  readings: { row: readingRow, most: 200_000, key: ['placeId', 'at'] },
  log: { row: entrySchema, most: 100_000, key: byId },
  photos: { row: photoRow, most: 50_000, key: byId },
  archive: { row: archiveRow, most: 500, key: ['season'] },
} satisfies Record<string, List>

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
    if (!isFull() && !HEAD.includes(key) && !Object.hasOwn(LISTS, key))
      faults.push(`${key.slice(0, 80)} is no part of a garden file`)
  faults.push(...rowFaults(gardenRow, file.garden, 'garden', MOST_FAULTS - faults.length))
  for (const [name, list] of Object.entries(LISTS) as [keyof typeof LISTS, List][]) {
    if (isFull()) break
    const rows = file[name]
    if (!Array.isArray(rows)) {
      faults.push(`${name} must be a list`)
      continue
    }
    if (name === 'normals' ? rows.length !== list.most : rows.length > list.most) {
      faults.push(
        `${name} must hold ${name === 'normals' ? 'twelve months' : `at most ${list.most} rows`}, not ${rows.length}`,
      )
      continue
    }
    faults.push(...listFaults(name, rows, list, MOST_FAULTS - faults.length))
  }
  return faults
}

function listFaults(name: string, rows: readonly unknown[], { row, key }: List, most: number): string[] {
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
