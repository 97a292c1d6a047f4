import type { Manner } from '../../core/facts'
import { formatMeasure, parseQuantity } from '../../core/quantity'

/** A typed number or measure: its value, or what to do about it. */
export type Read = { value: number } | { error: string }

/** A plain number within bounds; a comma is a decimal point. */
export function readNumber(text: string, low: number, high: number): Read {
  const trimmed = text.trim().replace(',', '.')
  const value =
    /^\d{0,9}(\.\d{0,9})?$/.test(trimmed) && trimmed !== '' && trimmed !== '.' ? Number(trimmed) : NaN
  if (Number.isNaN(value)) return { error: 'A number, please.' }
  return value < low || value > high ? { error: `From ${low} to ${high}, please.` } : { value }
}

/** A volume in any unit, L; a bare number is in the garden's small measure. */
export function readVolume(text: string, manner: Manner, most: number, bare?: string): Read {
  const read = parseQuantity(text, 'volume', manner.units, bare)
  if ('error' in read) return { error: read.error }
  return read.value < 0 || read.value > most
    ? { error: 'More than nothing, please, and no more than you can mix.' }
    : read
}

/** A length or area in any unit within bounds. */
export function readMeasure(
  text: string,
  kind: 'length' | 'area',
  manner: Manner,
  low: number,
  high: number,
): Read {
  const read = parseQuantity(text, kind, manner.units)
  if ('error' in read) return { error: read.error }
  const say = (value: number) => formatMeasure({ kind, value }, manner)
  return read.value < low || read.value > high
    ? { error: `From ${say(low)} to ${say(high)}, please.` }
    : { value: read.value }
}

/** What an emitter gives in an hour, L. */
export function readFlow(text: string, manner: Manner): Read {
  const read = parseQuantity(text, 'volume', manner.units)
  if ('error' in read) return { error: read.error }
  const say = (value: number) => formatMeasure({ kind: 'volume', value }, manner)
  return read.value < 0.1 || read.value > 50
    ? { error: `An emitter gives from ${say(0.1)} to ${say(50)} an hour: measure one with a cup.` }
    : { value: read.value }
}

export const errorOf = (read: Read): string | undefined => ('error' in read ? read.error : undefined)
export const valueOf = (read: Read): number | null => ('error' in read ? null : read.value)

/** A number rounded as one writes it down. */
export const plain = (value: number, digits = 1): string => String(Number(value.toFixed(digits)))
