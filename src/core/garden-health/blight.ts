import {
  weatherAt,
  earlyBlightSeverity,
  lateBlightWarnings,
  type DailySeries,
  type WeatherSource,
} from '../climate'
import { monthOf, type IsoDate } from '../calendar'

/** A day of the blight score. */
export interface BlightDay {
  date: IsoDate
  /** Early-blight severity of the day, 0–4, and all since the count began. */
  score: number
  sum: number
  /** Late blight threatens: the second of two suitable days, or a further one. */
  late: boolean
  source: WeatherSource
}

/** From this sum on it is time to act, and at this it is late [Pitblado 1992]. */
export const BLIGHT_ACT = { from: 15, late: 20 } as const

/**
 * Early- and late-blight scores by day, counted from setting out or the last clean-up.
 *
 * @param air days with their sources; @param arid by month, January first
 * @param from index of the first day that counts; @param to of the last one shown
 */
export function blightCourse(
  { air, sources }: { air: DailySeries; sources: readonly WeatherSource[] },
  arid: readonly boolean[],
  from: number,
  to: number,
): BlightDay[] {
  const first = Math.max(0, from - 1)
  const days = Array.from({ length: Math.min(to, air.days - 1) - first + 1 }, (_, at) =>
    weatherAt(air, first + at),
  )
  const late = lateBlightWarnings(days)
  let sum = 0
  return days.flatMap((day, at) => {
    const index = first + at
    if (index < from) return []
    const source = sources[index]!
    // A usual day has a usual day's dew, never a wet spell: it would score what no year brings.
    const score = source === 'normal' ? 0 : earlyBlightSeverity(day, arid[monthOf(day.date) - 1])
    sum += score
    return [{ date: day.date, score, sum, late: source !== 'normal' && late[at]!, source }]
  })
}
