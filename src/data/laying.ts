import { v7 } from 'uuid'
import type { WetnessPressure } from '../core/climate'
import type { GardenCultivar, Planting, PlantPosition } from '../core/facts'
import { effectiveEntries } from '../core/entry'
import { recommendSpacing, type StandingPlant } from '../core/spacing'
import type { Reader } from './database'
import { todayIn, type GardenRow } from './gardens'
import { entriesOfSubject } from './log'
import { plantingsOf, plantsOf } from './plantings'

/** The plants that stand in a place in a season or are meant to, as they are now: read where they are laid, in one. */
export async function standingIn(
  tx: Reader,
  garden: GardenRow,
  { placeId, season }: { placeId: string; season: number },
  cultivars: readonly GardenCultivar[],
  wetness: WetnessPressure,
): Promise<{ standing: StandingPlant[]; labels: number }> {
  const now = todayIn(garden)
  const standing: StandingPlant[] = []
  let labels = 0
  for (const planting of await plantingsOf(garden.id, season, tx)) {
    const cultivar = cultivars.find(({ id }) => id === planting.cultivarId)
    if (planting.placeId !== placeId || !cultivar) continue
    const plants = await plantsOf([planting.id], tx)
    labels += plants.length
    const log = await entriesOfSubject(garden.id, { type: 'planting', id: planting.id }, tx)
    if (effectiveEntries(log, now).some(({ kind }) => kind === 'cleared')) continue
    const { inRow, lines } = recommendSpacing({
      plant: cultivar,
      training: planting.training,
      school: planting.spacingSchool,
      wetness,
    }).answer
    for (const { x, y, to } of plants) if (to === null || to >= now) standing.push({ x, y, inRow, lines })
  }
  return { standing, labels }
}

/** Plants of a planting at these positions, numbered on from those that are there. */
export const plantRows = (
  { id: plantingId }: Pick<Planting, 'id'>,
  positions: readonly { x: number; y: number }[],
  labels: number,
): PlantPosition[] =>
  positions.map(({ x, y }, index) => ({
    id: v7(),
    plantingId,
    label: String(labels + index + 1),
    x,
    y,
    from: null,
    to: null,
  }))
