import type { IsoDate } from '../core/calendar'
import { simulateSeasons, type Ensemble } from '../core/climate'
import type { GardenFile } from '../data/records'
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
  const now = garden.clockDate ?? ('2026-06-18' as IsoDate)
  const history = new Map<string, number[]>()
  for (const { placeId, year, family } of file.cropHistory)
    if (family === SOLANACEAE) history.set(placeId, [...(history.get(placeId) ?? []), year])
  const photos: GardenState['photos'] = new Map(
    file.photos.map((photo) => [photo.entryId, file.photos.filter((one) => one.entryId === photo.entryId)]),
  )
  return {
    garden,
    changes: 0,
    normalRows: file.normals.map((month) => ({ ...month, gardenId: garden.id })),
    record: {
      ensemble,
      places: file.places,
      cultivars: file.cultivars,
      plantings: file.plantings,
      entries: file.log,
      weather: file.weather.map(({ source: _, ...day }) => ({
        ...day,
        rain: day.rain ?? undefined,
        dewPoint: day.dewPoint ?? undefined,
        wind: day.wind ?? undefined,
        solar: day.solar ?? undefined,
      })),
    },
    plants: file.plants,
    obstacles: file.obstacles,
    supplies: file.supplies,
    wanted: file.wanted,
    products: file.products,
    devices: [],
    readings: file.readings,
    history,
    photos,
    archive: file.archive,
    now,
    station:
      garden.station === 'simulated'
        ? { normals: ensemble.normals, latitude: garden.latitude, seed: garden.seed }
        : null,
  }
}
