/** Days since the season's start by which it has happened in 1, 5 and 9 seasons of ten; null: not in so many. */
export interface DayPercentiles {
  p10: number | null
  p50: number | null
  p90: number | null
  /** Share of the seasons in which it happened at all, 0–1. */
  share: number
}

/**
 * Percentiles over seasons in which a thing may not happen.
 *
 * @param offsets days since the season's start, or null where it did not happen
 * @param missing whether what did not happen counts as before everything (a last frost) or after (a first one)
 */
export function dayPercentiles(
  offsets: readonly (number | null)[],
  missing: 'before' | 'after',
): DayPercentiles {
  const happened = Float64Array.from(offsets.filter((offset) => offset !== null)).sort()
  const absent = offsets.length - happened.length
  const at = (share: number): number | null => {
    const rank = Math.min(offsets.length - 1, Math.floor(share * offsets.length))
    return happened[missing === 'before' ? rank - absent : rank] ?? null
  }
  return {
    p10: at(0.1),
    p50: at(0.5),
    p90: at(0.9),
    share: offsets.length === 0 ? 0 : happened.length / offsets.length,
  }
}
