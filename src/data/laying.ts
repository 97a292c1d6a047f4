import { v7 } from 'uuid'
import type { WetnessPressure } from '../core/climate'
import type { GardenCultivar, Planting, PlantPosition } from '../core/facts'
import { effectiveEntries } from '../core/entry'
import { plantingSpacing, type StandingPlant } from '../core/spacing'
import type { Reader } from './database'
import { todayIn } from './garden-row'
import { entriesOfSubject } from './log'
import { plantRecord } from './records/plant'
import { plantingRecord } from './records/planting'
import type { GardenRow } from './records/garden'

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
  const all = await plantRecord.of(garden.id, tx)
  for (const planting of (await plantingRecord.of(garden.id, tx)).filter((one) => one.season === season)) {
    const cultivar = cultivars.find(({ id }) => id === planting.cultivarId)
    if (planting.placeId !== placeId || !cultivar) continue
    const plants = all.filter(({ plantingId }) => plantingId === planting.id)
    labels += plants.length
    const log = await entriesOfSubject(garden.id, { type: 'planting', id: planting.id }, tx)
    if (effectiveEntries(log, now).some(({ kind }) => kind === 'cleared')) continue
    const { inRow, lines } = plantingSpacing(planting, cultivar, wetness)
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
