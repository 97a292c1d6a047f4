import { daysBetween } from '../../core/calendar'
import { trainingsFor, type PlantEntry, type Training } from '../../core/crop'
import { bearsGrownSo, grownOn } from '../../core/garden-day'
import { compareSystems, type PruningContext, type SystemOutcome } from '../../core/pruning'
import { plantCourse, type PlantingOutlook } from '../../core/season'
import { plantGround } from '../../core/spacing'
import { skirtOf } from '../../core/trial'
import type { Day } from '../../data/garden-state'

/** The season ends by itself where no frost does: so many days after setting out are compared. */
const LONGEST = 170

/** What a system would leave on a plant, and the crop that it would bear: kg, fruit, and kg of each. */
export interface ComparedSystem extends SystemOutcome {
  yield: number
  fruit: number
  fruitMass: number
}

/** What each system that suits it would make of the plant by the season's end; for a bush, also the vine's. */
export function systemsOf(
  day: Day,
  own: PlantingOutlook,
  told: readonly PlantEntry[],
  context: PruningContext,
): ComparedSystem[] {
  const { cultivar, begins, planting } = own
  const end = own.end.on
  if (
    begins.date === null ||
    end === null ||
    end <= context.date ||
    daysBetween(begins.date, end) > LONGEST * 2
  )
    return []
  const course = plantCourse(own, told, end, day.vigour(own))
  const today = course === null ? -1 : daysBetween(course.from, context.date)
  if (course === null || today < 0) return []
  const suited = trainingsFor(cultivar)
  const systems: readonly Training[] = course.traits.bush ? [suited[0]!, 'single-stem'] : suited
  const { traits, days, events, setOut } = course
  const ground = plantGround(planting, cultivar, own.place, context.wetnessPressure)
  const now = grownOn(day, own)
  return compareSystems({
    ...{ traits, days, events, setOut, today, ground, context },
    systems: systems.includes(planting.training) ? systems : [planting.training, ...systems],
  }).map((one) => {
    const { kg, fruit } = bearsGrownSo(day, own, {
      ...now,
      training: one.system,
      clearStem: skirtOf(one.system),
    })
    return { ...one, yield: kg, fruit: Math.round(fruit), fruitMass: fruit > 0 ? kg / fruit : 0 }
  })
}
