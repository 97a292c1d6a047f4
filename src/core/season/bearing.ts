import { indexOf } from '../climate'
import { runningDegreeDays, type Crop } from '../crop'
import type { Bearing } from '../harvest'
import { remembered } from '../memo'
import type { PlantingOutlook } from './outlook'
import { bearingSum } from './stage-days'
import { firstPick } from './stages'

/**
 * † °C d of picking that a plant wants to bear its usual crop: of a tomato, about eight trusses one after the
 * other. Against: eight trusses, a week apart.
 */
const USUAL_BEARING: Record<Crop, number> = { tomato: 800, pepper: 500 }

type Dated = Pick<PlantingOutlook, 'dates' | 'cultivar' | 'air'>

/** When a planting bears; null: nothing of it ripens before its end. */
export function bearingOf({ dates }: Pick<Dated, 'dates'>): Bearing | null {
  const [first, peak, end] = [firstPick(dates).date, dates.peak.date, dates.end.date]
  return first && end && first <= end ? { first, peak: peak ?? first, end } : null
}

/**
 * Of its usual crop, what ripens between a planting's first pick and its end, 0–1: fruit that set too late count for
 * nothing. Where no frost ends it, all of it.
 */
export function bearsInTime({ dates, cultivar, air }: Dated): number {
  const first = firstPick(dates).date
  const end = dates.end.date
  if (first === null) return 0
  if (end === null) return 1
  const running = remembered(air, `running ${cultivar.crop}`, () => runningDegreeDays(air, cultivar.crop))
  const at = (index: number) => running[Math.max(0, Math.min(index, air.days))]!
  const has = at(indexOf(air, end) + 1) - at(indexOf(air, first))
  return Math.max(0, Math.min(1, has / Math.min(USUAL_BEARING[cultivar.crop], bearingSum(cultivar))))
}
