import { addDays, daysBetween, type IsoDate } from '../calendar'
import { rotProneness } from '../crop'
import type { PlantingOutlook } from '../season'
import { crackingBy, ROT_AGE, rotBy } from './evenness'
import type { WaterState } from './water-course'

/** Days before the first ripe fruit from which some colour. */
const COLOURING_BEFORE_RIPE = 10
/**
 * † Of the way from flower to ripe fruit, from which a fruit colours. Against: breaker about a week before
 * ripe.
 */
const COLOURS = 0.85

/**
 * On which of a place's days young fruit hang, and fruit colour, by the dates of what grows there, and how prone its
 * types are to rot.
 *
 * @param from the first day; @param count of days
 */
export function fruitDays(
  plantings: readonly Pick<PlantingOutlook, 'dates' | 'cultivar'>[],
  from: IsoDate,
  count: number,
): { young: boolean[]; colouring: boolean[]; proneness: number } {
  const young = Array.from({ length: count }, () => false)
  const colouring = Array.from({ length: count }, () => false)
  for (const { dates } of plantings) {
    const [flower, ripe] = [dates['first-flower'].date, dates['first-ripe'].date]
    for (let day = 0; day < count; day++) {
      const date = addDays(from, day)
      // Trusses follow one another: from the first on, some are always young.
      if (flower && daysBetween(flower, date) >= ROT_AGE[0]) young[day] = true
      if (ripe && daysBetween(date, ripe) <= COLOURING_BEFORE_RIPE) colouring[day] = true
    }
  }
  return {
    young,
    colouring,
    proneness: Math.max(0, ...plantings.map(({ cultivar }) => rotProneness(cultivar))),
  }
}

/** What one truss risks by the water it had. */
export interface TrussRisk {
  /** Days since its flower opened. */
  age: number
  /** Days on which growth was slowed while its fruit were young. */
  dryDays: number
  /** 0–1. */
  rot: number
  crack: number
}

/**
 * What each truss of a plant risks: rot by the days beyond RAW in its own young weeks, cracking by a drenching while it
 * colours.
 *
 * @param course the place's days up to today
 * @param trusses °C d since the flower opened, and of the way to the ripe fruit, 0–1
 * @param gained °C d of each day of the course
 * @param proneness of the type to rot, 0–1
 */
export function trussRisks(
  course: readonly WaterState[],
  trusses: readonly { degreeDays: number; ripeness: number }[],
  gained: readonly number[],
  proneness: number,
): TrussRisk[] {
  return trusses.map(({ degreeDays, ripeness }) => {
    let [opened, sum] = [course.length, 0]
    while (opened > 0 && sum < degreeDays) sum += gained[--opened] ?? 0
    const dryDays = course
      .slice(opened + ROT_AGE[0], opened + ROT_AGE[1] + 1)
      .filter(({ depletion, raw }) => depletion > raw).length
    return {
      age: course.length - opened,
      dryDays,
      rot: rotBy(dryDays, proneness),
      crack:
        ripeness >= COLOURS
          ? crackingBy(
              course,
              course.map(() => true),
            )
          : 0,
    }
  })
}
