import { dayOfYear } from '../../../core/calendar'
import { weatherAt, heatWaveDay, indexOf, referenceEvapotranspiration } from '../../../core/climate'
import type { SeasonOutlook } from '../../../core/season'
import type { GardenState } from '../../../data/garden-state'

/** Reference evapotranspiration today and in a heat wave of the hottest month, mm d⁻¹. */
export function dryDays(
  { garden, record }: GardenState,
  { line, today }: SeasonOutlook,
): { today: number; heat: number } {
  const site = { latitude: garden.latitude, elevation: garden.elevation }
  const day = weatherAt(line.air, indexOf(line.air, today))
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
    heat: referenceEvapotranspiration({ ...site, ...heatWaveDay(record.ensemble.normals) }),
  }
}
