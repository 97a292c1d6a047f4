/** Two edits of one row brought together: what is kept, and the fields that both changed, each to something else. */
export interface Merged<Row> {
  row: Row
  conflicts: (keyof Row & string)[]
}

/**
 * Merges an edit into a row that may have changed since it was read: a field that only one of them changed takes the
 * change. Of a field that both changed `row` holds the edit's own value.
 *
 * @param seen the row as it was when the edit began
 * @param mine the row as the edit wants it
 * @param theirs the row as it is
 * @example mergeRow({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }) // { row: { a: 2, b: 3 }, conflicts: [] }
 */
export function mergeRow<Row extends object>(seen: Row, mine: Row, theirs: Row): Merged<Row> {
  const row = { ...mine }
  const conflicts: Merged<Row>['conflicts'] = []
  for (const key of Object.keys(mine) as (keyof Row & string)[]) {
    if (isSame(theirs[key], seen[key]) || isSame(theirs[key], mine[key])) continue
    if (isSame(mine[key], seen[key])) row[key] = theirs[key]
    else conflicts.push(key)
  }
  return { row, conflicts }
}

const isSame = (a: unknown, b: unknown) => a === b || JSON.stringify(a) === JSON.stringify(b)
