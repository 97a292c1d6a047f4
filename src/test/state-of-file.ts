import type { IsoDate } from '../core/calendar'
import { simulateSeasons, type Ensemble } from '../core/climate'
import type { GardenFile } from '../data/records'
import { assembled } from '../data/assembled'
import type { GardenState } from '../data/garden-state'
import { normalsOf } from '../data/garden-row'
import { SOLANACEAE } from '../core/rotation'

/**
 * A garden file as the state that screens are made of, without a database.
 *
 * @param seasons simulated ones, few for speed; or those that another state of the same site has
 */
export function stateOfFile(file: GardenFile, seasons: number | Ensemble = 8): GardenState {
  const { garden } = file
  const normals = normalsOf(file.normals.map((month) => ({ ...month, gardenId: garden.id })))
  const ensemble =
    typeof seasons === 'number'
      ? simulateSeasons({ normals, latitude: garden.latitude, count: seasons })
      : seasons
  const { normals: _, weather, log, photos, cropHistory, ...lists } = file
  return assembled(
    {
      ...lists,
      garden,
      changes: 0,
      devices: [],
      shares: [],
      entries: log,
      photos,
      history: cropHistory.filter(({ family }) => family === SOLANACEAE),
      normalRows: file.normals.map((month) => ({ ...month, gardenId: garden.id })),
      weather: weather.map(({ source: _, ...day }) => ({
        ...day,
        rain: day.rain ?? undefined,
        dewPoint: day.dewPoint ?? undefined,
        wind: day.wind ?? undefined,
        solar: day.solar ?? undefined,
      })),
    },
    ensemble,
    garden.clockDate ?? ('2026-06-18' as IsoDate),
  )
}
