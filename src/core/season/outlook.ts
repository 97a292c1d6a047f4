import { addDays, yearOf, type IsoDate } from '../calendar'
import {
  frostPercentiles,
  indexOf,
  seasonStart,
  soilTemperatures,
  weatherLine,
  type DailySeries,
  type DayPercentiles,
  type Ensemble,
  type RecordedDay,
  type WeatherLine,
} from '../climate'
import { CROPS, runningDegreeDays, thermalTraits } from '../crop'
import {
  effectiveEntries,
  holdsOn,
  ofKind,
  surroundingsOf,
  type GardenCultivar,
  type LogEntry,
  type Place,
  type Planting,
} from '../facts'
import { plantingDates, type PlantingDates } from './planting-dates'
import { ROOT_DEPTH, transplantWindow, type TransplantWindow } from './transplant-window'

/** Facts, log and weather: everything that an outlook is derived from. */
export interface GardenRecord {
  ensemble: Ensemble
  places: readonly Place[]
  cultivars: readonly GardenCultivar[]
  plantings: readonly Planting[]
  entries: readonly LogEntry[]
  weather: readonly RecordedDay[]
}

/** One planting as it stands on the day asked for. */
export interface PlantingOutlook {
  planting: Planting
  cultivar: GardenCultivar
  place: Place
  /** The planting's entries that count, oldest first. */
  entries: LogEntry[]
  window: TransplantWindow
  dates: PlantingDates
  /** °C at root depth in its place, a value for each day of the line. */
  soil: Float64Array
  /** °C d from setting out to today; null: not set out. */
  grownFor: number | null
}

/** The garden as of a day. */
export interface SeasonOutlook {
  today: IsoDate
  /** First day of the season that today falls in. */
  start: IsoDate
  line: WeatherLine
  /** The garden's entries that count on the day, oldest first. */
  counted: LogEntry[]
  frost: { lastSpring: DayPercentiles; firstAutumn: DayPercentiles }
  plantings: PlantingOutlook[]
}

/** The line begins this long before the season, so that soil has settled, and runs past its end. */
const DAYS_BEFORE = 60
const LINE_DAYS = 620

/**
 * Everything that is dated, as of one day, from facts, log and weather.
 *
 * @param today the day asked for; it may lie ahead
 * @param forecast the latest that is known on that day, from its day of issue on; before it the record counts
 * @param known the first day without a record
 */
export function seasonOutlook(
  garden: GardenRecord,
  today: IsoDate,
  forecast: DailySeries | null,
  known: IsoDate = today,
): SeasonOutlook {
  const { ensemble } = garden
  const { normals } = ensemble
  const start = seasonStart(normals, today)
  const line = weatherLine({
    normals,
    from: addDays(start, -DAYS_BEFORE),
    days: LINE_DAYS,
    today: known,
    record: garden.weather,
    forecast,
  })
  const entries = effectiveEntries(garden.entries, today)
  const soils = new Map<string, Float64Array>()
  const soilOf = (place: Place) => {
    let soil = soils.get(place.id)
    if (!soil)
      soils.set(
        place.id,
        (soil = soilTemperatures(line.air, ROOT_DEPTH, surroundingsOf(place), readingsIn(place, entries))),
      )
    return soil
  }
  const running = new Map(CROPS.map((crop) => [crop, runningDegreeDays(line.air, crop)]))

  const plantings = garden.plantings
    .filter(({ season }) => season === yearOf(start))
    .flatMap((planting): PlantingOutlook[] => {
      const cultivar = garden.cultivars.find(({ id }) => id === planting.cultivarId)
      const place = garden.places.find((place) => place.id === planting.placeId && holdsOn(place, today))
      if (!cultivar || !place) return []
      const own = entries.filter(({ subject }) => subject.type === 'planting' && subject.id === planting.id)
      const window = transplantWindow(ensemble, cultivar.crop, thermalTraits(cultivar), surroundingsOf(place))
      const dates = plantingDates({
        planting,
        cultivar,
        entries: own,
        window,
        ensemble,
        seasonStart: start,
        line,
        running: running.get(cultivar.crop)!,
        today,
      })
      const stood = dates['set-out'].how === 'logged' ? indexOf(line.air, dates['set-out'].date!) : -1
      const sums = running.get(cultivar.crop)!
      const grownFor = stood < 0 ? null : sums[indexOf(line.air, today)]! - sums[stood]!
      return [{ planting, cultivar, place, entries: own, window, dates, soil: soilOf(place), grownFor }]
    })
  return { today, start, line, counted: entries, frost: frostPercentiles(ensemble), plantings }
}

/** The soil thermometer's readings in a place. */
export function readingsIn(place: Pick<Place, 'id'>, entries: readonly LogEntry[]) {
  return ofKind(entries, 'soil-read')
    .filter(({ subject }) => subject.type === 'place' && subject.id === place.id)
    .map(({ on, data }) => ({ date: on, ...data }))
}
