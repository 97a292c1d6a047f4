import { dayOf } from '../../core/garden-day'
import { unparse } from 'papaparse'
import { allPlantings, STAGES } from '../../core/season'
import type { GardenState } from '../../data/garden-state'

/** The season as a table: a line for each stage of each planting, with its spread. */
export function seasonCsv(state: GardenState): string {
  const rows = allPlantings(dayOf(state, state.now).outlook).flatMap(({ planting, cultivar, place, dates }) =>
    STAGES.map((stage) => {
      const { date, how, spread } = dates[stage]
      return {
        planting: cultivar.name,
        place: place.name,
        plants: planting.count,
        stage,
        date: date ?? '',
        how,
        'earliest (1 season in 10)': spread?.p10 ?? '',
        'middle season': spread?.p50 ?? '',
        'latest (9 seasons in 10)': spread?.p90 ?? '',
        'share of seasons': spread === null ? '' : Number(spread.share.toFixed(2)),
      }
    }),
  )
  return unparse(rows, { escapeFormulae: true })
}
