import {
  SINGLE_VALUES,
  simulateSeason,
  withValue,
  type SeasonPlan,
  type SeasonWeather,
} from '../season-model'
import { pairedTo } from './paired'
import { quantile } from '../random'
import type { TrialMeasure } from './run-trial'

/** A working value of the model that turns a conclusion when it is a quarter less or more. */
export interface TurningValue {
  /** As `LOSSES.rot`. */
  value: string
  factor: number
  /** kg of the middle difference then. */
  median: number
  /** What it says then. */
  says: Conclusion
}

/** Whether the other way is clearly better, clearly worse, or neither. */
export type Conclusion = 'better' | 'worse' | 'neither'

const FACTORS = [0.75, 1.25]
/** Seasons in which it is looked at: the conclusion as it stands in them is what may turn. */
const SEASONS = 30

/**
 * Which working values of the season model turn what a trial concludes of two ways, when they are a quarter off.
 *
 * @param ways the first, and the one that is held against it
 * @returns none: the conclusion holds whichever of them is off
 */
export function* turningValues({
  ways: [was, is],
  seasons,
  measure = 'plant',
}: {
  ways: readonly [SeasonPlan, SeasonPlan]
  seasons: readonly SeasonWeather[]
  measure?: TrialMeasure
}): Generator<number, TurningValue[]> {
  const looked = seasons.slice(0, SEASONS)
  const base = concluded(was, is, looked, measure)
  const turning: TurningValue[] = []
  for (const [at, value] of SINGLE_VALUES.entries()) {
    for (const factor of FACTORS) {
      const then = withValue(value, factor, () => concluded(anew(was), anew(is), looked, measure))
      if (then.says !== base.says) turning.push({ value, factor, ...then })
    }
    yield (at + 1) / SINGLE_VALUES.length
  }
  return turning
}

/** The same plan with nothing remembered of it. */
const anew = (plan: SeasonPlan): SeasonPlan => ({
  ...plan,
  earlier: plan.earlier && { ...plan.earlier, plan: anew(plan.earlier.plan) },
})

function concluded(
  was: SeasonPlan,
  is: SeasonPlan,
  seasons: readonly SeasonWeather[],
  measure: TrialMeasure,
): { median: number; says: Conclusion } {
  const kg = (plan: SeasonPlan) =>
    seasons.map((weather) => simulateSeason(plan, weather).sound / (measure === 'plant' ? 1 : plan.ground))
  const before = kg(was)
  const { median, isClear } = pairedTo(
    kg(is).map((one, season) => one - before[season]!),
    quantile(before, 0.5),
  )
  return { median, says: isClear ? (median > 0 ? 'better' : 'worse') : 'neither' }
}
