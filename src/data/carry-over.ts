import { dayOf } from '../core/garden-day'
import { v7 } from 'uuid'
import { MOST_PLANTS } from '../core/bounds'
import type { Planting, PlantPosition } from '../core/facts'
import { layPlanting } from '../core/spacing'
import type { Result } from '../core/result'
import { write } from './database'
import { loadGarden } from './garden-state'
import { currentGarden } from './gardens'
import { plantRows, standingIn } from './laying'
import { placeRecord } from './records/place'
import { cultivarRecord } from './records/cultivar'
import { plantingRecord } from './records/planting'
import { plantRecord } from './records/plant'

/** A planting that is grown again: which one, how many plants, and where. */
export interface CarriedLine {
  from: string
  count: number
  placeId: string
}

export type CarryAnswer = Result<{ plantings: number }>

/** Plans the next season's plantings after this one's, all or none; a season that is planned already is refused. */
export async function carryOver(season: number, lines: readonly CarriedLine[]): Promise<CarryAnswer> {
  const state = await loadGarden()
  const wetness = state === null ? 'low' : dayOf(state, state.now).wetness
  const refused = (message: string): CarryAnswer => ({ ok: false, message })
  return write(async (tx): Promise<CarryAnswer> => {
    const garden = await currentGarden(tx)
    if (!garden) return refused('You have no garden yet. Start one first.')
    const all = await plantingRecord.of(garden.id, tx)
    if (all.some((planting) => planting.season === season + 1))
      return refused(`${season + 1} already has plantings. Nothing was planned. Change them one by one.`)
    const [places, cultivars] = [await placeRecord.of(garden.id, tx), await cultivarRecord.of(garden.id, tx)]
    const plantings: Planting[] = []
    for (const { from, count, placeId } of lines) {
      const before = all.find(({ id, season: year }) => id === from && year === season)
      const place = places.find(({ id }) => id === placeId)
      const cultivar = cultivars.find(({ id }) => id === before?.cultivarId)
      if (!before || !place || !cultivar)
        return refused('A planting or place is gone. Nothing was planned. Load the screen again.')
      if (!Number.isInteger(count) || count < 1 || count > MOST_PLANTS)
        return refused('Plants are whole numbers from 1 to 10,000. Nothing was planned.')
      plantings.push({
        ...before,
        id: v7(),
        placeId,
        season: season + 1,
        count,
        plannedSow: null,
        plannedSetOut: null,
      })
    }
    if (plantings.length === 0)
      return refused('You are growing nothing again. First choose what to grow again.')
    const rows: PlantPosition[] = []
    for (const place of places) {
      const { standing, labels } = await standingIn(
        tx,
        garden,
        { placeId: place.id, season: season + 1 },
        cultivars,
        wetness,
      )
      let numbered = labels
      for (const planting of plantings.filter(({ placeId }) => placeId === place.id)) {
        const cultivar = cultivars.find(({ id }) => id === planting.cultivarId)!
        const { positions, fits, laid } = layPlanting(place, { ...planting, cultivar }, standing, wetness)
        if (planting.count > fits)
          return refused(
            `${planting.count} ${cultivar.name} do not fit in ${place.name}, which has room for ${fits}. Nothing was planned. Choose fewer, or another place.`,
          )
        rows.push(...plantRows(planting, positions, numbered))
        numbered += positions.length
        standing.push(...laid)
      }
    }
    await plantingRecord.insert(tx, garden.id, plantings)
    await plantRecord.insert(tx, garden.id, rows)
    return { ok: true, plantings: plantings.length }
  })
}
