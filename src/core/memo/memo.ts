/** What was worked out for an object, by a key, as long as the object lives. */
export type Memo<Owner extends object, Value> = WeakMap<Owner, Map<string, Value>>

/**
 * What was worked out before for an object under a key, else worked out now. The key must say all that the value
 * follows from besides the object itself.
 *
 * @param most of an object's values that are kept; the oldest goes first
 */
export function remembered<Owner extends object, Value>(
  memo: Memo<Owner, Value>,
  owner: Owner,
  key: string,
  work: () => Value,
  most = 500,
): Value {
  let known = memo.get(owner)
  if (!known) memo.set(owner, (known = new Map()))
  const found = known.get(key)
  if (found !== undefined) return found
  const value = work()
  if (known.size >= most) known.delete(known.keys().next().value!)
  known.set(key, value)
  return value
}
