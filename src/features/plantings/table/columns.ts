/** What a column of a table of plantings can hold. */
export const PLANTING_ROLES = [
  'place',
  'placeKind',
  'length',
  'width',
  'litres',
  'cultivar',
  'fruit',
  'habit',
  'days',
  'count',
  'begins',
  'training',
  'support',
  'inRow',
  'season',
] as const
export type PlantingRole = (typeof PLANTING_ROLES)[number]
export type PlantingColumns = Partial<Record<PlantingRole, number>>

export const PLANTING_ROLE_NAMES: Record<PlantingRole, string> = {
  place: 'place',
  placeKind: 'kind of place',
  length: 'its length',
  width: 'its width',
  litres: 'pot holds',
  cultivar: 'cultivar',
  fruit: 'type of fruit',
  habit: 'habit',
  days: 'days to maturity',
  count: 'plants',
  begins: 'how it begins',
  training: 'pruning style',
  support: 'support',
  inRow: 'spacing in the row',
  season: 'season',
}

/** Words by which a column's head is known, the surest first. */
const HEADS: readonly (readonly [PlantingRole, RegExp])[] = [
  ['placeKind', /^(kind|place type|type of place)/],
  ['days', /\bdays\b|maturity|\bdtm\b/],
  ['count', /^(plants?|count|number|how many|qty|quantity|no\.?|#)$|plants? wanted/],
  ['inRow', /spacing|in.?row|apart|distance/],
  ['cultivar', /cultivar|variety|^name$|^sort/],
  ['fruit', /fruit|^type|^crop/],
  ['habit', /habit|growth/],
  ['litres', /lit(re|er)s?|gallons?|volume|holds|pot size/],
  ['length', /^length|^long/],
  ['width', /^width|^wide/],
  ['begins', /begins|start|origin|from|source/],
  ['training', /prun|style|training|stems?/],
  ['support', /support|stake|held/],
  ['season', /season|year/],
  ['place', /place|bed|where|location|plot|row/],
]

/** What the first line says of its columns; where it is a planting already, columns in the order of a usual list. */
export function guessColumns(rows: readonly (readonly string[])[]): {
  header: boolean
  columns: PlantingColumns
} {
  const heads = (rows[0] ?? []).map((cell) => cell.toLowerCase().replace(/[_-]+/g, ' ').trim())
  const columns: PlantingColumns = {}
  const taken = new Set<number>()
  for (const [role, pattern] of HEADS) {
    const at = heads.findIndex((head, index) => !taken.has(index) && pattern.test(head))
    if (at < 0) continue
    columns[role] = at
    taken.add(at)
  }
  // A head that is a number is none.
  const header = taken.size > 1 && !heads.some((head) => /^\d+$/.test(head))
  if (header) return { header, columns }
  const body = rows.slice(0, 20)
  const width = Math.max(0, ...body.map((row) => row.length))
  const isNumber = (at: number) =>
    body.length > 0 && body.every((row) => /^\d{1,4}$/.test((row[at] ?? '').trim()))
  const numbers = Array.from({ length: width }, (_, at) => at).filter(isNumber)
  const texts = Array.from({ length: width }, (_, at) => at).filter((at) => !isNumber(at))
  return {
    header: false,
    columns: {
      ...(texts[0] !== undefined && { place: texts[0] }),
      ...(texts[1] !== undefined && { cultivar: texts[1] }),
      ...(texts[2] !== undefined && { fruit: texts[2] }),
      ...(numbers[0] !== undefined && { count: numbers[0] }),
    },
  }
}
