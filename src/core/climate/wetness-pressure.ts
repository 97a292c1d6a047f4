import type { Ensemble } from './ensemble'
import { aridMonths } from './humidity'
import { earlyBlightSeverity } from './leaf-wetness'
import { weatherAt } from './series'
import { monthOf } from '../calendar'

export type WetnessPressure = 'low' | 'medium' | 'high'

/** Mean early-blight severity a day from which pressure is medium, and high. */
const MEDIUM = 0.5
const HIGH = 1
/** Seasons looked at: the mean over them moves by less than 0.05 with more. */
const SEASONS = 40

/**
 * How hard wet leaves press here: the mean early-blight severity a day over the growing season.
 *
 * @param from, to days from the season's start, both included
 */
export function wetnessPressure(
  ensemble: Ensemble,
  latitude: number,
  from: number,
  to: number,
): { severity: number; pressure: WetnessPressure } {
  const arid = aridMonths(ensemble.normals, latitude)
  let [sum, days] = [0, 0]
  for (const season of ensemble.seasons.slice(0, SEASONS))
    for (let index = Math.max(0, from); index <= Math.min(to, season.days - 1); index++) {
      const day = weatherAt(season, index)
      sum += earlyBlightSeverity(day, arid[monthOf(day.date) - 1])
      days++
    }
  const severity = days === 0 ? 0 : sum / days
  return { severity, pressure: severity >= HIGH ? 'high' : severity >= MEDIUM ? 'medium' : 'low' }
}
