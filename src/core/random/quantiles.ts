/**
 * What lies so far up the ordered values, between neighbours in proportion.
 *
 * @param share 0–1
 * @returns NaN of no values
 * @example quantile([1, 2, 3, 4, 5], 0.5) // 3
 */
export function quantile(values: readonly number[], share: number): number {
  const sorted = Float64Array.from(values).sort()
  if (sorted.length === 0) return NaN
  const at = share * (sorted.length - 1)
  const low = Math.floor(at)
  const high = Math.min(low + 1, sorted.length - 1)
  return sorted[low]! + (sorted[high]! - sorted[low]!) * (at - low)
}

export const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length
