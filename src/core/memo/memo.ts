import QuickLRU from 'quick-lru'

/** What was worked out for objects, by what it is; what is kept in other numbers, apart. */
const worked = new WeakMap<object, Map<number, QuickLRU<string, unknown>>>()

/**
 * What was worked out before for an object, as long as the object lives; else worked out now. All that is remembered
 * anywhere is remembered here: by the very object that it follows from, never by a number that may say the same twice.
 *
 * @param of what it follows from
 * @param what its name, and with it all that it follows from besides the object itself
 * @param most of an object's values that are kept for certain; what was asked for least lately goes first
 */
export function remembered<Value>(of: object, what: string, work: () => Value, most = 500): Value {
  let byMost = worked.get(of)
  if (!byMost) worked.set(of, (byMost = new Map()))
  let known = byMost.get(most)
  if (!known) byMost.set(most, (known = new QuickLRU({ maxSize: most })))
  if (known.has(what)) return known.get(what) as Value
  const value = work()
  known.set(what, value)
  return value
}

let marks = 0

/** A mark that no other object has: for what follows from several objects at once. */
export const markOf = (of: object): string => remembered(of, 'mark', () => String(++marks), 1)
