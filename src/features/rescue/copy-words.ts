import type { CopyReason } from '../../data/copy'

/** What a copy was made before, in words. */
export const COPY_NAMES: Record<CopyReason, string> = {
  'before-update': 'before an update of Prairie',
  'before-import': 'before an import',
  'before-removal': 'before removing a garden',
  'before-return': 'before going back to a copy',
}

/** Bytes as one would say them: `320 kB`, `1.4 MB`. */
export function sayBytes(bytes: number): string {
  const unit = bytes < 1_000_000 ? 'kilobyte' : 'megabyte'
  const value = bytes / (unit === 'kilobyte' ? 1000 : 1_000_000)
  return new Intl.NumberFormat('en', {
    style: 'unit',
    unit,
    maximumFractionDigits: value < 10 ? 1 : 0,
  }).format(value)
}

/** A moment in UTC, without a garden to ask for its time zone: `18 June 2026, 07:05 UTC`. */
export const sayMoment = (at: string): string =>
  `${new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeStyle: 'short', timeZone: 'UTC' }).format(new Date(at))} UTC`
