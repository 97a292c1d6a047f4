interface Point {
  x: number
  y: number
}

/**
 * Where the numbers of marks stand: in a column on each side of the plant, level with what they mean as far as none
 * comes nearer to another than `gap`. They keep their parts' order from below, so their lines do not cross.
 *
 * @param column how far each column is from the stem, m
 * @param top the highest that a number may stand, m
 */
export function markPlaces(
  parts: readonly Point[],
  { column, top, gap }: { column: number; top: number; gap: number },
): Point[] {
  const most = Math.max(1, Math.floor(top / gap))
  const sides = parts.map(({ x }): 1 | -1 => (x < 0 ? -1 : 1))
  for (const side of [-1, 1] as const) {
    const own = parts.map((_, index) => index).filter((index) => sides[index] === side)
    const nearest = own.sort((one, other) => Math.abs(parts[one]!.x) - Math.abs(parts[other]!.x))
    for (const index of nearest.slice(0, Math.max(0, own.length - most))) sides[index] = side === 1 ? -1 : 1
  }
  const places: Point[] = []
  for (const side of [-1, 1] as const) {
    const own = parts
      .map(({ y }, index) => ({ index, y: Math.max(gap / 2, Math.min(y, top)) }))
      .filter(({ index }) => sides[index] === side)
      .sort((one, other) => one.y - other.y || one.index - other.index)
    for (let at = 1; at < own.length; at++) own[at]!.y = Math.max(own[at]!.y, own[at - 1]!.y + gap)
    const over = Math.max(0, (own.at(-1)?.y ?? 0) - top)
    if (over > 0) {
      own.at(-1)!.y -= over
      for (let at = own.length - 2; at >= 0; at--) own[at]!.y = Math.min(own[at]!.y, own[at + 1]!.y - gap)
    }
    for (const { index, y } of own) places[index] = { x: side * column, y }
  }
  return places
}
