import { addDays, daysBetween, type IsoDate } from '../calendar'
import { requireInRange } from '../guard'

/** When a planting bears: its first ripe fruit, most of them, and its last day. */
export interface Bearing {
  first: IsoDate
  peak: IsoDate
  end: IsoDate
}

/**
 * What ripens on each day from the first to the end, kg: rising evenly to the peak and falling evenly from it.
 *
 * @param total kg of the season
 * @returns a value for each day, together the total; none where it ends before it begins
 * @throws RangeError when total is out of range
 */
export function ripeningByDay(total: number, { first, peak, end }: Bearing): number[] {
  requireInRange('total', total, 0, 1_000_000)
  const days = daysBetween(first, end) + 1
  if (days < 1) return []
  const top = Math.min(days - 1, Math.max(0, daysBetween(first, peak)))
  const shares = Array.from({ length: days }, (_, day) =>
    day <= top ? (day + 1) / (top + 1) : (days - day) / (days - top),
  )
  const all = shares.reduce((sum, share) => sum + share, 0)
  return shares.map((share) => (total * share) / all)
}

/** kg of a season's total that ripen from a day to another, both included. */
export const ripeningBetween = (total: number, bearing: Bearing, from: IsoDate, to: IsoDate): number =>
  ripeningByDay(total, bearing)
    .slice(Math.max(0, daysBetween(bearing.first, from)), Math.max(0, daysBetween(bearing.first, to) + 1))
    .reduce((sum, mass) => sum + mass, 0)

/** A week of a season's harvest, kg: what was expected to ripen, and what was picked. */
export interface HarvestWeek {
  from: IsoDate
  forecast: number
  picked: number
}

/**
 * Forecast and harvest by week, from the week of whichever begins first to that of whichever ends last.
 *
 * @param crops what each planting bears in all, and when; @param picked kg by day, in any order
 */
export function harvestWeeks(
  crops: readonly { total: number; bearing: Bearing }[],
  picked: readonly { on: IsoDate; mass: number }[],
): HarvestWeek[] {
  const days = [
    ...crops.flatMap(({ bearing }) => [bearing.first, bearing.end]),
    ...picked.map(({ on }) => on),
  ].sort()
  const [start, end] = [days[0], days.at(-1)]
  if (start === undefined || end === undefined) return []
  const weeks = Array.from(
    { length: Math.floor(daysBetween(start, end) / 7) + 1 },
    (_, week): HarvestWeek => ({ from: addDays(start, week * 7), forecast: 0, picked: 0 }),
  )
  const weekOf = (date: IsoDate) => weeks[Math.floor(daysBetween(start, date) / 7)]!
  for (const { total, bearing } of crops)
    ripeningByDay(total, bearing).forEach((mass, day) => {
      weekOf(addDays(bearing.first, day)).forecast += mass
    })
  for (const { on, mass } of picked) weekOf(on).picked += mass
  return weeks
}

/** Plants of one's own record that weigh as much as the usual figure. */
const USUAL_WEIGHS = 6

/**
 * A plant's crop by the usual figure and the garden's own seasons, kg: the more plants the record holds, the more it
 * counts.
 *
 * @param usual kg a plant; @param own plants and kg of past seasons
 * @example ownYield(4, [{ plants: 6, mass: 12 }]) // 3
 */
export function ownYield(usual: number, own: readonly { plants: number; mass: number }[]): number {
  const plants = own.reduce((sum, one) => sum + one.plants, 0)
  const mass = own.reduce((sum, one) => sum + one.mass, 0)
  return (usual * USUAL_WEIGHS + mass) / (USUAL_WEIGHS + plants)
}
