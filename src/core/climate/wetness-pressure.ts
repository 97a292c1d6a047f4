import type { Ensemble } from './ensemble'
import { aridMonths } from './humidity'
import { earlyBlightSeverity, isBlightDay } from './leaf-wetness'
import { weatherAt } from './series'
import { monthOf } from '../calendar'

export type WetnessPressure = 'low' | 'medium' | 'high'

/**
 * † Mean early-blight severity a day, and the share of days with late-blight weather, from which pressure is
 * medium, and high. Against: Hutton and early-blight days of the ten climates.
 */
const SEVERITY = { medium: 0.5, high: 1 }
const LATE = { medium: 0.1, high: 0.3 }
/** Seasons looked at: the mean over them moves by less than 0.05 with more. */
const SEASONS = 40

/**
 * How hard wet leaves press here over the growing season: by the mean early-blight severity of a day, or by how many
 * days have late-blight weather, whichever presses harder.
 *
 * @param from, to days from the season's start, both included
 */
export function wetnessPressure(
  ensemble: Ensemble,
  latitude: number,
  from: number,
  to: number,
): { severity: number; late: number; pressure: WetnessPressure } {
  const arid = aridMonths(ensemble.normals, latitude)
  let [sum, warned, days] = [0, 0, 0]
  for (const season of ensemble.seasons.slice(0, SEASONS)) {
    let wasBlight = false
    for (let index = Math.max(0, from); index <= Math.min(to, season.days - 1); index++) {
      const day = weatherAt(season, index)
      const isArid = arid[monthOf(day.date) - 1]
      sum += earlyBlightSeverity(day, isArid)
      const isBlight = isBlightDay(day, isArid)
      if (isBlight && wasBlight) warned++
      wasBlight = isBlight
      days++
    }
  }
  const [severity, late] = days === 0 ? [0, 0] : [sum / days, warned / days]
  const reaches = (level: 'medium' | 'high') => severity >= SEVERITY[level] || late >= LATE[level]
  return { severity, late, pressure: reaches('high') ? 'high' : reaches('medium') ? 'medium' : 'low' }
}
