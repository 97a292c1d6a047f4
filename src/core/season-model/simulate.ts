import { requireInRange } from '../guard'
import { markOf, remembered } from '../memo'
import type { VigourCourse } from '../season'
import { formOf } from './form'
import { Growing, state } from './growing'
import { nitrogenFactor } from './nitrogen'
import type { SeasonPlan } from './plan'
import { emptySeason, type PlantSeason, type PlantSight } from './season'
import type { SeasonWeather } from './weather'

/**
 * Grows one average plant of a plan through a season, day by day: development, leaf, light, fruit, water, nitrogen, salt,
 * disease, frost and losses, as the working values of the model say. The same input always gives the same.
 *
 * @throws RangeError naming what of the plan cannot be
 */
export function simulateSeason(plan: SeasonPlan, weather: SeasonWeather): PlantSeason {
  formOf(plan)
  const { setOut } = plan
  if (setOut === null) return emptySeason(weather.days)
  requireInRange('setOut', setOut, 0, weather.days - 1)
  const growing = new Growing(plan, weather)
  const { begins } = weather
  if (begins && begins.days > setOut)
    // Days that are the same in many seasons are grown once.
    growing.goOn(
      remembered(
        plan,
        `begun ${begins.days} ${markOf(begins.with)}`,
        () => {
          const first = new Growing(plan, begins.with)
          first.begin(setOut)
          first.growTo(begins.days)
          return first.kept()
        },
        1,
      ),
    )
  else growing.begin(setOut)
  growing.growTo(weather.days)
  return growing.finish()
}

/**
 * What thirst, hunger and the load of its fruit leave of a plant's leaf and of its flowers' set on each day of a season;
 * whole while it does not stand.
 *
 * @throws RangeError naming what of the plan cannot be
 */
export function vigourOf(plan: SeasonPlan, weather: SeasonWeather): Omit<VigourCourse, 'from'> {
  const course = { leaf: new Float64Array(weather.days).fill(1), set: new Float64Array(weather.days).fill(1) }
  if (plan.setOut === null) return course
  const growing = new Growing(plan, weather, course)
  growing.begin(requireInRange('setOut', plan.setOut, 0, weather.days - 1))
  growing.growTo(weather.days)
  return course
}

/** Looks at a plant on a day of its season. */
export function seenOn(plan: SeasonPlan, weather: SeasonWeather, day: number): PlantSight {
  const season = simulateSeason({ ...plan, end: Math.min(plan.end ?? Infinity, day) }, weather)
  let [hanging, hangingMass] = [0, 0]
  for (let at = state.first; at < state.count; at++) {
    if (state.fruit[at]! > 0) hanging++
    hangingMass += state.mass[at]!
  }
  return {
    season,
    dry: state.depletion / state.raw,
    sick: 1 - (1 - state.spots) * (1 - state.blight),
    leafIndex: state.leaf / formOf(plan).room,
    fed: nitrogenFactor(state),
    glut: state.glut,
    hanging,
    hangingMass,
    stands: season.endedBy === 'plan',
  }
}
