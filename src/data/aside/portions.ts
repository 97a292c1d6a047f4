/** Rows that are told at once. */
const ROWS_AT_ONCE = 2000

/** A list a portion at a time; one portion of nothing for an empty list. */
export const portions = <Row>(rows: readonly Row[]): Row[][] =>
  Array.from({ length: Math.max(1, Math.ceil(rows.length / ROWS_AT_ONCE)) }, (_, at) =>
    rows.slice(at * ROWS_AT_ONCE, (at + 1) * ROWS_AT_ONCE),
  )
