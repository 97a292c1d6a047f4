import { dateFromEpochDay, epochDay, type IsoDate } from '../calendar'
import { dayPercentiles } from '../climate'
import { stageDays, type StagePlan, type TurningDays } from './stage-days'
import { STAGES, type DateSpread, type PlantingDates, type Stage } from './stages'
import type { Year } from './year'

/** Stages whose day is a matter of the plan before it is one of the weather. */
const PLANNED: readonly Stage[] = ['sow', 'harden', 'set-out']

/**
 * The dates of a planting in one season: in this year's own line, with the spread over the courses that the season
 * can still take. What is logged stands, and has no spread.
 *
 * @param taken the middle turning days over those courses
 * @param courses empty: dates without spreads
 */
export function plantingDates(input: {
  plan: StagePlan
  line: Year
  taken: TurningDays
  courses: readonly Year[]
  seasonStart: IsoDate
}): PlantingDates {
  const { plan, line, taken, courses } = input
  const start = epochDay(input.seasonStart)
  const date = (day: number | null) => (day === null ? null : dateFromEpochDay(start + Math.round(day)))
  const here = stageDays(plan, line, taken)
  const each = courses.map((year) => stageDays(plan, year))
  const dateOf = (stage: Stage): PlantingDates[Stage] => {
    const how = plan.logged[stage] !== undefined ? 'logged' : PLANNED.includes(stage) ? 'planned' : 'expected'
    const spread =
      how === 'logged' || courses.length === 0
        ? null
        : spreadOf(
            each.map((days) => days[stage]),
            date,
          )
    return { date: date(here[stage]), how, spread }
  }
  return Object.fromEntries(STAGES.map((stage) => [stage, dateOf(stage)])) as PlantingDates
}

function spreadOf(
  days: readonly (number | null)[],
  date: (day: number | null) => IsoDate | null,
): DateSpread {
  const { p10, p50, p90, share } = dayPercentiles(days, 'after')
  return { p10: date(p10), p50: date(p50), p90: date(p90), share }
}
