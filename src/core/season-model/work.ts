import type { Training } from '../crop'
import type { SeasonPlan } from './plan'

/** † Minutes for a plant. Against: the working times of calls, a plant's share of each. */
const PLANT = { setOut: 4, watering: 0.5, picking: 0.5, feed: 1, clear: 4, top: 1 }
/** † Minutes of pruning and tying for a plant and week. Against: the working times of calls. */
const TENDING: Record<Training, number> = {
  'single-stem': 2,
  'two-stems': 2.5,
  'three-stems': 2.5,
  cage: 0.8,
  weave: 0.8,
  sprawling: 0.2,
  bush: 0.4,
  pepper: 0.3,
  'pepper-open': 1.2,
}

/** Minutes that a plant took through its season. */
export function minutesOf(
  { training, feeds, topped }: SeasonPlan,
  { days, waterings, pickings }: { days: number; waterings: number; pickings: number },
): number {
  return (
    PLANT.setOut +
    PLANT.clear +
    (TENDING[training] * days) / 7 +
    PLANT.watering * waterings +
    PLANT.picking * pickings +
    PLANT.feed * feeds.length +
    (topped === null ? 0 : PLANT.top)
  )
}
