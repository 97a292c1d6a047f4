/**
 * Guards shared by the core's public functions. Each takes the parameter's name, so that the error says
 * who complained: a value outside its bounds is a programmer's error, not a person's.
 */

/** @throws RangeError when `value` is NaN or infinite. */
export function requireFinite(name: string, value: number): number {
  if (!Number.isFinite(value)) throw new RangeError(`${name} must be a finite number, not ${value}`)
  return value
}

/** @throws RangeError when `value` is not a finite number from `low` to `high`, both included. */
export function requireInRange(name: string, value: number, low: number, high: number): number {
  requireFinite(name, value)
  if (value < low || value > high)
    throw new RangeError(`${name} must be from ${low} to ${high}, not ${value}`)
  return value
}

/** @throws RangeError when `value` is not a whole number from `low` to `high`. */
export function requireInteger(name: string, value: number, low: number, high: number): number {
  requireInRange(name, value, low, high)
  if (!Number.isInteger(value)) throw new RangeError(`${name} must be a whole number, not ${value}`)
  return value
}

/** @throws RangeError when `list` is empty. */
export function requireAtLeastOne<T>(name: string, list: readonly T[]): readonly [T, ...T[]] {
  if (list.length === 0) throw new RangeError(`${name} must hold at least one entry`)
  return list as readonly [T, ...T[]]
}
