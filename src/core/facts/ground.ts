import type { Obstacle } from './obstacle'
import type { Place } from './place'
import type { Planting, PlantPosition } from './planting'

/** What lies and stands in a garden. */
export interface GroundRows {
  place: Place[]
  obstacle: Obstacle[]
  planting: Planting[]
  plant: PlantPosition[]
}

/** One row of the ground as it is to be; null: not there. `seen`: as it was when the edit began; untold: whatever it is. */
export type GroundEdit = {
  [K in keyof GroundRows]: {
    of: K
    id: string
    row: GroundRows[K][number] | null
    seen?: GroundRows[K][number] | null
  }
}[keyof GroundRows]

/** The ground with some rows brought to what they are to be. */
export function editedGround(ground: GroundRows, edits: readonly GroundEdit[]): GroundRows {
  const after: GroundRows = { ...ground }
  for (const kind of ['place', 'obstacle', 'planting', 'plant'] as const) {
    const changes = new Map(edits.filter(({ of }) => of === kind).map(({ id, row }) => [id, row]))
    if (changes.size === 0) continue
    const rows = ground[kind] as { id: string }[]
    const there = new Set(rows.map(({ id }) => id))
    after[kind] = [
      ...rows.flatMap((row) => (changes.has(row.id) ? (changes.get(row.id) ?? []) : row)),
      ...[...changes].flatMap(([id, row]) => (there.has(id) || row === null ? [] : [row])),
    ] as never
  }
  return after
}
