import { WEATHER_BOUNDS } from '../bounds'
import type { MonthNormal } from './normals'

/**
 * † A heat wave: so much over the hottest month's days and nights, °C, and of its wind and sun. Against:
 * nothing measured yet.
 */
const OVER = { tmax: 6, tmin: 4, wind: 1.2, solar: 1.2 }

/** A day in a heat wave of the hottest month, °C, m/s, MJ m⁻² d⁻¹. */
export function heatWaveDay(normals: readonly MonthNormal[]) {
  const hottest = normals.reduce((most, month, index) => (month.tmax > normals[most]!.tmax ? index : most), 0)
  const { tmin, tmax, dewPoint, wind, solar } = normals[hottest]!
  const most = { tmax: WEATHER_BOUNDS.tmax[1], wind: WEATHER_BOUNDS.wind[1], solar: WEATHER_BOUNDS.solar[1] }
  return {
    dayOfYear: hottest * 30 + 15,
    tmin: Math.min(most.tmax, tmin + OVER.tmin),
    tmax: Math.min(most.tmax, tmax + OVER.tmax),
    dewPoint,
    windSpeed: Math.min(most.wind, wind * OVER.wind),
    solarRadiation: Math.min(most.solar, solar * OVER.solar),
  }
}
