import type { BlendProduct, Product, Release } from '../../core/feeding'
import { readNumber, valueOf, type Read } from './numbers'

/** A bag as it is typed. */
export interface Row {
  name: string
  n: string
  p2o5: string
  k2o: string
  density: string
  volume: string
  release: Release
}

/** A product as a bag. */
export const rowOf = ({ name, n, p2o5, k2o, bulkDensity, release }: Product, volume: string): Row => ({
  name,
  n: String(n),
  p2o5: String(p2o5),
  k2o: String(k2o),
  density: String(bulkDensity),
  volume,
  release,
})

export const LABELS = { n: 'N, %', p2o5: 'P₂O₅, %', k2o: 'K₂O, %', density: 'Bulk, g/mL' } as const

/** A bag as a product, or what is wrong with each of its fields. */
export function readRow(row: Row): {
  product: BlendProduct | null
  errors: Partial<Record<keyof typeof LABELS, string>>
} {
  const read: Record<keyof typeof LABELS, Read> = {
    n: readNumber(row.n, 0, 100),
    p2o5: readNumber(row.p2o5, 0, 100),
    k2o: readNumber(row.k2o, 0, 100),
    density: readNumber(row.density, 0.05, 5),
  }
  const errors = Object.fromEntries(
    Object.entries(read).flatMap(([key, one]) => ('error' in one ? [[key, one.error]] : [])),
  )
  const [n, p2o5, k2o, bulkDensity] = [read.n, read.p2o5, read.k2o, read.density].map(valueOf)
  if (n === null || p2o5 === null || k2o === null || bulkDensity === null) return { product: null, errors }
  if (n! + p2o5! + k2o! > 100) return { product: null, errors: { k2o: 'Over 100 % together.' } }
  return { product: { n: n!, p2o5: p2o5!, k2o: k2o!, bulkDensity: bulkDensity! }, errors }
}

/** `3-1-4`, `3:1:4`, `3 1 4`. */
export function readRatio(text: string): { n: number; p2o5: number; k2o: number } | null {
  const match = /^\s*(\d+(?:[.,]\d+)?)\s*[-–:/ ]\s*(\d+(?:[.,]\d+)?)\s*[-–:/ ]\s*(\d+(?:[.,]\d+)?)\s*$/.exec(
    text,
  )
  const [n, p2o5, k2o] = (match ?? []).slice(1).map((part) => Number(part.replace(',', '.')))
  return n === undefined || n + p2o5! + k2o! === 0 ? null : { n, p2o5: p2o5!, k2o: k2o! }
}
