import { SITE_BOUNDS } from '../bounds'
import { requireInRange } from '../guard'
import { shiftTemperatures, turnSeasons, type MonthNormal, type Normals } from './normals'

/**
 * Climates to start a garden from. Composites in round numbers, none of a real station: January to
 * December; °C, °C, mm, days, °C, m/s at 2 m, MJ m⁻² d⁻¹; each with the place it is written for.
 */
interface ClimateTemplate {
  id: string
  latitude: number
  elevation: number
  months: Record<keyof MonthNormal, number[]>
}

const TEMPLATES = [
  {
    id: 'short-summer-plain',
    latitude: 50,
    elevation: 500,
    months: {
      tmin: [-20, -17, -10, -2, 4, 9, 12, 10, 5, -1, -10, -17],
      tmax: [-9, -6, 1, 11, 18, 23, 26, 25, 19, 11, 0, -7],
      rain: [18, 14, 20, 24, 50, 75, 65, 50, 38, 24, 18, 18],
      wetDays: [9, 7, 8, 7, 10, 12, 10, 9, 8, 7, 8, 9],
      dewPoint: [-17, -14, -8, -3, 3, 9, 12, 11, 5, -1, -8, -14],
      wind: [3.6, 3.6, 3.8, 4.2, 4.3, 3.9, 3.4, 3.3, 3.6, 3.8, 3.6, 3.5],
      solar: [4.5, 8, 13, 17.5, 21, 22.5, 23, 19, 13, 8.5, 5, 3.6],
    },
  },
  {
    id: 'humid-warm-summer',
    latitude: 41,
    elevation: 450,
    months: {
      tmin: [-10, -8, -2.5, 3.5, 10, 15.5, 18.5, 17, 11.5, 4.5, -2.5, -8],
      tmax: [1.5, 4, 10.5, 17.5, 23, 28.5, 31, 30, 25.5, 18.5, 10, 3],
      rain: [15, 18, 40, 65, 105, 100, 90, 85, 65, 50, 32, 20],
      wetDays: [5, 5, 7, 9, 11, 10, 9, 8, 7, 6, 5, 5],
      dewPoint: [-9, -7, -2, 3.5, 10, 15.5, 18.5, 17.5, 12, 5, -1.5, -7],
      wind: [3.4, 3.5, 3.8, 4, 3.6, 3.2, 2.8, 2.7, 3, 3.2, 3.4, 3.4],
      solar: [8, 11, 15, 18.5, 21.5, 24, 24, 21, 17, 12.5, 8.5, 7],
    },
  },
  {
    id: 'cool-maritime',
    latitude: 52,
    elevation: 50,
    months: {
      tmin: [2, 2, 3, 4.5, 7.5, 10.5, 12.5, 12.3, 10, 7.5, 4.5, 2.5],
      tmax: [7, 7.5, 10.5, 13.5, 17, 20, 22, 21.8, 18.8, 14.5, 10, 7.5],
      rain: [65, 50, 48, 50, 52, 55, 55, 62, 62, 75, 75, 72],
      wetDays: [14, 11, 12, 11, 11, 10, 10, 11, 11, 13, 14, 14],
      dewPoint: [2, 1.8, 3, 4, 7, 10, 12, 12.2, 10.5, 8.2, 5, 3],
      wind: [4.3, 4.1, 4, 3.6, 3.4, 3.1, 3, 3, 3.2, 3.5, 3.8, 4],
      solar: [2.4, 4.6, 8.6, 13.4, 16.9, 18.2, 17.6, 14.9, 10.9, 6.3, 3.1, 1.9],
    },
  },
  {
    id: 'dry-summer-warm',
    latitude: 38,
    elevation: 100,
    months: {
      tmin: [4, 5.5, 7, 8.5, 11.5, 14.5, 16.5, 16.2, 14.5, 11, 7, 4.2],
      tmax: [12.5, 15.5, 18.5, 21.5, 26, 30, 33, 32.5, 30.5, 25, 17.5, 12.5],
      rain: [95, 85, 65, 30, 15, 4, 1, 1, 6, 25, 55, 85],
      wetDays: [10, 9, 9, 5, 3, 1, 0.3, 0.4, 1, 3, 7, 9],
      dewPoint: [4.5, 5.5, 6, 6.5, 8, 9.5, 11, 11, 9.5, 8, 6.5, 4.5],
      wind: [2.2, 2.4, 2.7, 2.9, 3.1, 3.2, 3, 2.8, 2.5, 2.3, 2, 2.1],
      solar: [7.5, 11, 16, 21.5, 25.5, 28, 28, 25, 20, 14, 9, 6.8],
    },
  },
  {
    id: 'hot-semi-arid',
    latitude: 32.5,
    elevation: 350,
    months: {
      tmin: [5, 7, 10, 13.5, 18.5, 23.5, 27, 26.5, 23, 16, 9, 5],
      tmax: [20, 22, 26, 30.5, 35.5, 40.5, 41.5, 40.5, 38, 31.5, 24.5, 19.5],
      rain: [20, 22, 20, 8, 3, 3, 22, 25, 15, 14, 14, 22],
      wetDays: [4, 4, 4, 2, 1, 0.7, 4, 5, 3, 2.5, 2.5, 4],
      dewPoint: [0, 0, 0, 0, 1, 4, 13, 14, 9, 4, 1, 0],
      wind: [2, 2.2, 2.4, 2.7, 2.8, 2.7, 2.7, 2.5, 2.3, 2.1, 2, 1.9],
      solar: [11.5, 15, 19.5, 24.5, 28, 29, 27, 24.5, 21.5, 17, 13, 10.8],
    },
  },
  {
    id: 'two-season-hot',
    latitude: 28,
    elevation: 20,
    months: {
      tmin: [10, 11, 13.5, 16.5, 20, 23, 24, 24, 23.3, 19.5, 15, 11.5],
      tmax: [21.5, 23, 25.5, 28.5, 31.5, 33, 33.5, 33.5, 32.2, 29.3, 25.5, 22.5],
      rain: [60, 65, 80, 55, 80, 185, 190, 200, 160, 75, 50, 60],
      wetDays: [6, 6, 7, 5, 7, 13, 15, 15, 13, 7, 5, 6],
      dewPoint: [10.5, 11.5, 13, 15, 18.5, 22, 23, 23.2, 22.3, 18, 14.5, 12],
      wind: [2.7, 2.9, 3, 3, 2.8, 2.4, 2.2, 2.1, 2.4, 2.7, 2.7, 2.6],
      solar: [11.5, 14.5, 18.5, 22, 23.5, 22, 21, 20, 17.8, 15.8, 13, 11],
    },
  },
  {
    id: 'high-valley',
    latitude: 39,
    elevation: 2000,
    months: {
      tmin: [-9, -7, -4, -1, 3.5, 7.5, 11, 10.2, 5.8, 0.5, -5, -9],
      tmax: [3.5, 5, 9, 13, 18, 24, 28, 27, 23, 16.5, 9, 4],
      rain: [18, 18, 28, 35, 40, 28, 45, 48, 30, 25, 20, 18],
      wetDays: [5, 5, 6, 7, 8, 6, 9, 9, 6, 5, 5, 5],
      dewPoint: [-11, -9.5, -8, -6, -2, 1, 5, 5.5, 1, -4, -8, -10.5],
      wind: [2.3, 2.5, 2.9, 3.2, 3.1, 2.9, 2.6, 2.5, 2.5, 2.5, 2.4, 2.3],
      solar: [10, 13.5, 18.5, 22, 24.5, 26.5, 25, 22.5, 19.5, 15, 11, 9],
    },
  },
  {
    id: 'monsoon',
    latitude: 23,
    elevation: 500,
    months: {
      tmin: [11, 13, 17.5, 22, 25.5, 26, 24.5, 24, 23.3, 19.5, 14.5, 11],
      tmax: [26.5, 29, 34, 38.5, 40.5, 37.5, 32, 30.5, 32, 33, 30, 27],
      rain: [10, 8, 6, 4, 10, 110, 280, 260, 150, 30, 8, 5],
      wetDays: [1, 1, 1, 0.7, 1.5, 7, 15, 15, 9, 2.5, 1, 0.6],
      dewPoint: [8, 8, 8, 9, 13, 20, 23.5, 23.3, 22, 17, 12, 9],
      wind: [1.5, 1.7, 2, 2.3, 2.9, 3.2, 2.8, 2.5, 1.9, 1.4, 1.3, 1.3],
      solar: [16.5, 19, 22, 24.5, 25.5, 21.5, 17, 16.5, 19, 19.5, 17.5, 16],
    },
  },
  {
    id: 'mild-coastal',
    latitude: 38,
    elevation: 30,
    months: {
      tmin: [6.5, 7, 7.5, 8, 9.5, 10.8, 12, 12.5, 12, 10.5, 8.5, 6.5],
      tmax: [14, 15, 15.8, 16.5, 17.5, 19, 19.8, 20.3, 21.3, 20.3, 17, 14],
      rain: [105, 95, 75, 35, 15, 5, 1, 2, 5, 28, 65, 95],
      wetDays: [11, 10, 9, 6, 3, 1.5, 0.6, 0.8, 1.4, 4, 8, 10],
      dewPoint: [6, 7, 7.5, 8, 9.3, 10.5, 11.8, 12.2, 11.8, 10, 8, 6],
      wind: [2.5, 2.8, 3.2, 3.7, 3.9, 4, 3.7, 3.4, 3, 2.7, 2.4, 2.4],
      solar: [7.8, 11, 16, 20.5, 23, 24.5, 23.5, 20.5, 17.5, 13, 9, 7.2],
    },
  },
  {
    id: 'southern-temperate',
    latitude: -37,
    elevation: 50,
    months: {
      tmin: [14.5, 14.7, 13.2, 10.5, 8.3, 6.4, 5.7, 6.4, 7.8, 9.3, 11.2, 12.9],
      tmax: [26.5, 26.3, 24, 20.3, 16.7, 14, 13.5, 15, 17.3, 19.8, 22.2, 24.5],
      rain: [45, 45, 45, 55, 58, 50, 48, 52, 58, 62, 60, 58],
      wetDays: [6, 5.5, 6.5, 8, 10, 10, 11, 11.5, 11, 10.5, 9, 7.5],
      dewPoint: [11.5, 12, 11, 9.2, 8, 6.4, 5.6, 5.8, 6.6, 7.6, 9, 10.3],
      wind: [2.9, 2.8, 2.6, 2.5, 2.5, 2.6, 2.8, 3, 3.1, 3.1, 3, 3],
      solar: [24.5, 21.5, 17, 12, 8.3, 6.7, 7.4, 10, 13.8, 18.3, 22, 24.5],
    },
  },
] as const satisfies readonly ClimateTemplate[]

export type ClimateTemplateId = (typeof TEMPLATES)[number]['id']

export const CLIMATE_TEMPLATE_IDS: readonly ClimateTemplateId[] = TEMPLATES.map(({ id }) => id)

/** Lapse rate of the standard atmosphere, °C per m [ICAO 1993]. */
const LAPSE_RATE = 0.0065

/**
 * A template carried to a place: cooler uphill, its seasons turned in the other half of the world. It is a
 * climate that the grower knows by its name, so it is as warm at every latitude.
 *
 * @param place latitude in °, elevation in m
 * @throws RangeError when there is no such template, or the place is out of range
 */
export function normalsFor(
  template: ClimateTemplateId,
  place: { latitude: number; elevation: number },
): Normals {
  requireInRange('latitude', place.latitude, ...SITE_BOUNDS.latitude)
  requireInRange('elevation', place.elevation, ...SITE_BOUNDS.elevation)
  const found = TEMPLATES.find(({ id }) => id === template)
  if (!found)
    throw new RangeError(`template must be one of ${CLIMATE_TEMPLATE_IDS.join(', ')}, not ${template}`)

  const fields = Object.keys(found.months) as (keyof MonthNormal)[]
  const months: Normals = Array.from({ length: 12 }, (_, month) =>
    Object.fromEntries(fields.map((field) => [field, found.months[field][month]!])),
  ) as unknown as Normals
  const turned = Math.sign(place.latitude || 1) === Math.sign(found.latitude) ? months : turnSeasons(months)

  return shiftTemperatures(turned, LAPSE_RATE * (found.elevation - place.elevation))
}
