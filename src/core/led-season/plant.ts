import { addDays } from '../calendar'
import { weatherAt } from '../climate'
import {
  growPlant,
  growthDay,
  plantTraits,
  raisedDay,
  STANDARD_GROWTH,
  type GrowthDay,
  type Plant,
  type PlantEvent,
} from '../crop'
import { advisePruning } from '../pruning'
import { BURIED, type LedActs, type LedSeason } from './led'

/** °C d of a summer's day, about. */
const USUAL_DAY = 12

/** The plant as it looks on a visit, node by node: what its hand cut on those before is gone. */
export function ledPlant(
  { cultivar, setOut, visits, end, series }: LedSeason,
  acts: readonly LedActs[],
): Plant {
  const traits = plantTraits(cultivar)
  const raised = Math.round(STANDARD_GROWTH[cultivar.crop] / raisedDay(cultivar.crop).degreeDays)
  const daysTo = (day: number): GrowthDay[] => [
    ...Array.from({ length: raised }, () => raisedDay(cultivar.crop)),
    ...Array.from({ length: day - setOut }, (_, at) =>
      growthDay(weatherAt(series, setOut + at), cultivar.crop),
    ),
  ]
  const events: PlantEvent[] = []
  const setOutAt = { day: raised, stemBuried: BURIED, leavesStripped: 2 }
  const grownTo = (day: number) => growPlant(traits, daysTo(day), events, { setOut: setOutAt })
  acts.forEach(({ prune }, at) => {
    const day = visits[at]!
    if (!prune || day === setOut) return
    const { answer } = advisePruning({
      plant: grownTo(day),
      system: 'single-stem',
      context: {
        date: addDays(weatherAt(series, 0).date, day),
        forecast: [],
        wetnessPressure: 'medium',
        daysSinceTransplant: day - setOut,
        seasonSlackDays: 0,
        lastUsefulFlower: null,
        supportTop: null,
        dailyDegreeDays: USUAL_DAY,
      },
    })
    events.push({ day: raised + day - setOut - 1, cuts: answer.filter(({ due }) => due === undefined) })
  })
  return grownTo(visits[acts.length] ?? end)
}
