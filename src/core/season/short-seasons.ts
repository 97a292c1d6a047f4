import { dayPercentiles, type DayPercentiles, heatGapIn } from '../climate'
import { lastDayToReach, type Crop, type ThermalTraits } from '../crop'
import type { Year } from './year'

/** A season that heat cuts in two: days from the season's start, over its courses. */
export interface ShortSeasons {
  /** Share of the courses in which nights stay too warm to set for weeks. */
  share: number
  gap: { begins: DayPercentiles; ends: DayPercentiles }
  /** Set out from `opens`; by `closes` a plant still flowers before the heat. */
  before: { opens: DayPercentiles; closes: DayPercentiles }
  /** Set out by `closes`, a plant that flowers as the heat ends still ripens before the frost. */
  after: { opens: DayPercentiles; closes: DayPercentiles }
}

/** Half the courses must have the gap before a year is called two seasons. */
const LEAST_SHARE = 0.5
/** Weeks of setting that make a first season worth planting, °C d from first flower. */
const SETTING = 200

/** The two short seasons of a year with a heat gap; null: there is none in most years. */
export function shortSeasons(
  years: readonly Year[],
  crop: Crop,
  thermal: ThermalTraits,
): ShortSeasons | null {
  const gaps = years.map(({ tmin }) => heatGapIn(tmin))
  const share = gaps.filter((gap) => gap !== null).length / Math.max(1, years.length)
  if (share < LEAST_SHARE) return null
  const withGap = years.flatMap((year, index) => (gaps[index] ? [{ year, gap: gaps[index] }] : []))
  const over = (day: (course: (typeof withGap)[number]) => number | null) =>
    dayPercentiles(withGap.map(day), 'after')
  const flowering = thermal.toFirstFlower
  return {
    share,
    gap: { begins: over(({ gap }) => gap.begins), ends: over(({ gap }) => gap.ends) },
    before: {
      opens: over(({ year }) => year.opens(crop)),
      closes: over(({ year, gap }) => lastDayToReach(year.running(crop), gap.begins, flowering + SETTING)),
    },
    after: {
      // Planted into the heat's end, so that it flowers as the nights cool.
      opens: over(({ year, gap }) => lastDayToReach(year.running(crop), gap.ends, flowering)),
      closes: over(({ year }) =>
        year.firstFrost === null
          ? null
          : lastDayToReach(year.running(crop), year.firstFrost, flowering + thermal.ripening),
      ),
    },
  }
}
