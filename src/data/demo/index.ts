import { GARDEN_VERSION } from '../../core/facts'
import type { IsoDate } from '../../core/calendar'
import { weatherAt, normalsFor, shiftTemperatures, stationRecord, type MonthNormal } from '../../core/climate'
import { GARDEN_FORMAT, type GardenFile } from '../records'
import { DEMO_ID } from './id'
import { CULTIVARS, OBSTACLES, PLACES } from './facts'
import { sensorReadings } from './care'
import { demoSeasons } from './seasons'
import { PRODUCTS } from './products'
import { SUPPLIES } from './supplies'
import type { WeatherRow } from '../records/weather-day'

const HELD_ON = '2026-06-18' as IsoDate
const SITE = { latitude: 41.2, longitude: -97.6, elevation: 460 }
/** Brings the median last frost to about 5 May. */
const SHIFT = -2.2
/** The plain's own wind, m/s, and the heat of high summer, which the template does not know. */
const WIND = [4.2, 4.3, 4.7, 4.9, 4.5, 4.1, 3.6, 3.5, 3.8, 4, 4.2, 4.1]
const JULY = { tmin: 18.4, tmax: 32.6 }
const AUGUST = { tmin: 16.8, tmax: 31 }

/** The demo garden, whole: a year of simulated weather behind it, its clock held in June. */
export function demoGarden(): GardenFile {
  const normals = shiftTemperatures(normalsFor('humid-warm-summer', SITE), SHIFT).map(
    (month, index): MonthNormal => ({
      ...month,
      wind: WIND[index]!,
      ...(index === 6 && JULY),
      ...(index === 7 && AUGUST),
    }),
  )
  const garden: GardenFile['garden'] = {
    id: DEMO_ID,
    name: 'Windrow Lane',
    ...SITE,
    timeZone: 'America/Chicago',
    units: 'metric',
    decimals: 'point',
    currency: 'USD',
    dates: 'day-first',
    clockDate: HELD_ON,
    shelter: 'open',
    soil: 'silt-loam',
    climateTemplate: 'humid-warm-summer',
    climateShift: SHIFT,
    climateHot: SHIFT,
    station: 'simulated',
    seed: 212,
    houseSchools: { depth: 'worked-out', spacing: 'standard' },
    ownRecord: null,
  }
  const record = stationRecord(
    { normals, latitude: SITE.latitude, seed: garden.seed },
    '2025-06-01' as IsoDate,
    382,
  )
  const rounded = (value: number) => Math.round(value * 10) / 10
  return {
    format: GARDEN_FORMAT,
    version: GARDEN_VERSION,
    garden,
    normals: normals.map((month, index) => ({ month: index + 1, source: 'entered', ...month })),
    weather: Array.from({ length: record.days }, (_, index): WeatherRow => {
      const { date, tmin, tmax, rain, dewPoint, wind, solar } = weatherAt(record, index)
      return {
        date,
        source: 'simulated',
        tmin: rounded(tmin),
        tmax: rounded(tmax),
        rain: rounded(rain),
        dewPoint: rounded(dewPoint),
        wind: rounded(wind),
        solar: rounded(solar),
      }
    }),
    places: PLACES,
    obstacles: OBSTACLES,
    cropHistory: [2023, 2024].flatMap((year) =>
      PLACES.filter(({ kind }) => kind === 'bed').map(({ id }, index) => ({
        placeId: id,
        year,
        family: (index + year) % 3 === 0 ? 'Solanaceae' : index % 2 === 0 ? 'Fabaceae' : 'Brassicaceae',
      })),
    ),
    supplies: SUPPLIES,
    wanted: [],
    products: PRODUCTS,
    readings: sensorReadings(),
    cultivars: CULTIVARS,
    ...demoSeasons(),
    photos: [],
    archive: [],
  }
}
