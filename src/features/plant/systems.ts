import { daysBetween } from '../../core/calendar'
import { trainingsFor, type Training } from '../../core/crop'
import { compareSystems, type PruningContext, type SystemOutcome } from '../../core/pruning'
import { bearsInTime, plantCourse, type PlantingOutlook } from '../../core/season'
import type { PlantEntry } from '../../core/crop'

/** The season ends by itself where no frost does: so many days after setting out are compared. */
const LONGEST = 170

/** What each system that suits it would make of the plant by the season's end; for a bush, also the vine's. @param bears kg in a whole season */
export function systemsOf(
  own: PlantingOutlook,
  told: readonly PlantEntry[],
  context: PruningContext,
  ground: number,
  bears: number,
): SystemOutcome[] {
  const { cultivar, begins, planting } = own
  const end = own.end.on
  if (
    begins.date === null ||
    end === null ||
    end <= context.date ||
    daysBetween(begins.date, end) > LONGEST * 2
  )
    return []
  const course = plantCourse(own, told, end)
  const today = course === null ? -1 : daysBetween(course.from, context.date)
  if (course === null || today < 0) return []
  const suited = trainingsFor(cultivar)
  const systems: readonly Training[] = course.traits.bush ? [suited[0]!, 'single-stem'] : suited
  const { traits, days, solar, events } = course
  return compareSystems({
    ...{ traits, days, solar, events, setOut: course.setOut, today, ground, context },
    systems: systems.includes(planting.training) ? systems : [planting.training, ...systems],
    usual: { system: planting.training, kg: bears * bearsInTime(own) },
  })
}
