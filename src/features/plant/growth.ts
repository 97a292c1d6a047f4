import { addDays, daysBetween } from '../../core/calendar'
import { growPlant } from '../../core/crop'
import type { Manner } from '../../core/facts'
import type { PlantCourse } from '../../core/season'
import type { PlantEntry } from '../../core/crop'
import { formatDate } from '../../wording/dates'

/** The plant on one day of its life: in the garden's own units, cm or in, and leaves on the main stem. */
export interface GrowthPoint {
  name: string
  height: number
  leaves: number
  /** Parts cut off since the point before. */
  cut: number | null
}

const CM_A_METRE = 100
const INCHES_A_METRE = 39.37
const POINTS = 24

/** Height and leaves from emergence to now, at about two dozen days, with what was cut between them. */
export function growthOf(
  { traits, days, events, setOut, from }: PlantCourse,
  told: readonly PlantEntry[],
  manner: Manner,
): GrowthPoint[] {
  const step = Math.max(1, Math.ceil((days.length - 1) / POINTS))
  const scale = manner.units === 'us' ? INCHES_A_METRE : CM_A_METRE
  const points: GrowthPoint[] = []
  let before = -1
  for (let day = (days.length - 1) % step; day < days.length; day += step) {
    const plant = growPlant(traits, days.slice(0, day + 1), events, { setOut })
    const cut = told.reduce((sum, entry) => {
      const on = daysBetween(from, entry.on)
      return entry.kind === 'pruned' && on > before && on <= day ? sum + entry.data.cuts.length : sum
    }, 0)
    points.push({
      name: formatDate(addDays(from, day), manner, 'short'),
      height: Math.round(plant.height * scale * 10) / 10,
      leaves: plant.stems[0]?.nodes.length ?? 0,
      cut: cut === 0 ? null : cut,
    })
    before = day
  }
  return points
}
