import { dayOfYear } from '../../core/calendar'
import { dayOf, indexOf, referenceEvapotranspiration } from '../../core/climate'
import type { SeasonOutlook } from '../../core/season'
import type { GardenState } from '../../data/garden-state'

/** † A heat wave: so much over the hottest month's days and nights, °C, and its wind. */
const HEAT = { tmax: 6, tmin: 4, wind: 1.2 }

/** Reference evapotranspiration today and in a heat wave of the hottest month, mm d⁻¹. */
export function dryDays(
  { garden, record }: GardenState,
  { line, today }: SeasonOutlook,
): { today: number; heat: number } {
  const site = { latitude: garden.latitude, elevation: garden.elevation }
  const day = dayOf(line.air, indexOf(line.air, today))
  const { normals } = record.ensemble
  const hottest = normals.reduce((most, month, index) => (month.tmax > normals[most]!.tmax ? index : most), 0)
  const month = normals[hottest]!
  return {
    today: referenceEvapotranspiration({
      ...site,
      dayOfYear: dayOfYear(today),
      tmin: day.tmin,
      tmax: day.tmax,
      dewPoint: day.dewPoint,
      windSpeed: day.wind,
      solarRadiation: day.solar,
    }),
    heat: referenceEvapotranspiration({
      ...site,
      dayOfYear: hottest * 30 + 15,
      tmin: month.tmin + HEAT.tmin,
      tmax: month.tmax + HEAT.tmax,
      dewPoint: month.dewPoint,
      windSpeed: month.wind * HEAT.wind,
      solarRadiation: month.solar * HEAT.wind,
    }),
  }
}
