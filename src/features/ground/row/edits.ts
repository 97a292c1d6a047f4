import { trainingsFor } from '../../../core/crop'
import type { GroundEdit, Place, Planting } from '../../../core/facts'
import { layRuns, type RowRun } from '../../../core/spacing'
import { plannedPlanting, plantEdit } from '../place/edits'
import type { PlaceView } from '../place/queries'

/** The runs of a row as it is: plants along it, as long as the cultivar stays the same. */
export function runsOf({ plants, plantings }: PlaceView): RowRun[] {
  const runs: RowRun[] = []
  for (const { plantingId } of [...plants].sort((a, b) => a.x - b.x)) {
    const { cultivarId, spacing } = plantings.find(({ planting }) => planting.id === plantingId)!
    const last = runs.at(-1)
    if (last?.cultivarId === cultivarId) last.plants++
    else runs.push({ cultivarId, plants: 1, inRow: spacing.inRow })
  }
  return runs
}

/** The row laid anew: plantings by cultivar, each plant in its run; what was planned here goes. */
export function layEdits(
  { plants, plantings, cultivars, season, school }: PlaceView,
  place: Place,
  runs: readonly RowRun[],
  endEdge: number,
): GroundEdit[] {
  const { runs: laid } = layRuns({ length: place.length, endEdge }, runs)
  const rows = new Map<string, Planting>()
  for (const { cultivarId, plants } of runs) {
    const before = rows.get(cultivarId)
    const there = plantings.find((other) => other.cultivarId === cultivarId)?.planting
    const cultivar = cultivars.find(({ id }) => id === cultivarId)!
    rows.set(cultivarId, {
      ...(there ??
        plannedPlanting({
          cultivarId,
          placeId: place.id,
          season,
          count: 0,
          training: trainingsFor(cultivar)[0]!,
          support: 'stake',
          spacingSchool: school as Planting['spacingSchool'],
        })),
      ...before,
      count: (before?.count ?? 0) + plants,
    })
  }
  const kept = new Set([...rows.values()].map(({ id }) => id))
  let label = 0
  return [
    ...plants.map(({ id }): GroundEdit => ({ of: 'plant', id, row: null })),
    ...plantings
      .filter(({ planting }) => !kept.has(planting.id))
      .map(({ planting }): GroundEdit => ({ of: 'planting', id: planting.id, row: null })),
    ...[...rows.values()].map((row): GroundEdit => ({ of: 'planting', id: row.id, row })),
    ...laid.flatMap(({ run, xs }) =>
      xs.map((x) =>
        plantEdit(rows.get(run.cultivarId)!.id, ++label, { x, y: place.dripLines[0] ?? place.width / 2 }),
      ),
    ),
  ]
}
