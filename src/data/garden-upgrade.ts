import { MOST_AREA, PLACE_BOUNDS, POT_BOUNDS, WEATHER_BOUNDS, type Bounds } from '../core/bounds'
import { isTimeZone } from '../core/calendar'
import { GARDEN_VERSION } from './garden-document'

type Row = Record<string, unknown>
type File = Record<string, unknown>

const each = (rows: unknown, change: (row: Row) => Row): unknown =>
  Array.isArray(rows)
    ? rows.map((row: unknown) =>
        typeof row === 'object' && row !== null && !Array.isArray(row) ? change(row as Row) : row,
      )
    : rows
const within = (value: unknown, [low, high]: Bounds): unknown =>
  typeof value === 'number' && Number.isFinite(value) ? Math.min(high, Math.max(low, value)) : value

/** What each version did not know yet, or bore what later ones cannot: by the version that it leads to. */
const STEPS: Record<number, (file: File) => File> = {
  /** Lists that were not there, and fields of places and plantings. */
  7: (file) => ({
    obstacles: [],
    supplies: [],
    products: [],
    readings: [],
    photos: [],
    archive: [],
    ...file,
    places: each(file.places, (place) => ({
      turn: 0,
      height: null,
      emitterFirst: null,
      emitterFlow: null,
      pot: place.kind === 'container' ? { shape: 'round', bottom: null, selfWatering: false } : null,
      ...place,
    })),
    plantings: each(file.plantings, (planting) => ({ raising: 'plant', plannedSow: null, ...planting })),
  }),
  /** Measures that no screen could work with were taken: they are brought to the nearest that can be. */
  8: (file) => ({
    ...file,
    garden: (
      each([file.garden], (garden) => ({
        ...garden,
        timeZone:
          typeof garden.timeZone === 'string' && !isTimeZone(garden.timeZone) ? 'UTC' : garden.timeZone,
      })) as unknown[]
    )[0],
    weather: each(file.weather, (day) => {
      const [low, high] = [within(day.tmin, WEATHER_BOUNDS.tmin), within(day.tmax, WEATHER_BOUNDS.tmax)]
      const isTurned = typeof low === 'number' && typeof high === 'number' && low > high
      return { ...day, tmin: isTurned ? high : low, tmax: isTurned ? low : high }
    }),
    places: each(file.places, (place) => {
      const isPot = place.kind === 'container'
      const side = isPot ? POT_BOUNDS.across : PLACE_BOUNDS.side
      return {
        ...place,
        length: within(place.length, side),
        width: within(within(place.width, side), [
          side[0],
          Math.max(side[0], MOST_AREA / Number(place.length || 1)),
        ]),
        height: within(place.height, isPot ? POT_BOUNDS.height : PLACE_BOUNDS.height),
        soilDepth: within(
          place.soilDepth,
          isPot && place.height === null ? POT_BOUNDS.height : PLACE_BOUNDS.soilDepth,
        ),
      }
    }),
  }),
}

/** A file of an earlier version as this version has it. */
export function upgraded(file: File): File {
  const { version } = file
  if (typeof version !== 'number' || version < 1 || version >= GARDEN_VERSION) return file
  const steps = Object.entries(STEPS).filter(([to]) => Number(to) > version)
  const brought = steps.reduce((before, [, step]) => step(before), file)
  return { ...brought, version: GARDEN_VERSION }
}
