import { requireInRange } from '../guard'
import type { Nutrient } from './demand'
import { releasedBy, releasePace, type Release } from './release'

/** Something given to a place: g of the nutrient on a day, and how it comes free. */
export interface Application {
  /** Index of the ledger's day. */
  day: number
  grams: number
  release: Release
  /** Of a coated product. */
  days?: number
  /** Share of its nitrogen that soil holds until it has turned to nitrate. */
  held?: number
}

/** A week of the ledger, g: what came free of each application and of the soil, what was wanted, lost and left. */
export interface LedgerWeek {
  /** Index of its first day. */
  from: number
  supply: number
  soil: number
  demand: number
  leached: number
  /** Available and not taken by the week's end. */
  left: number
  /** Wanted beyond what was there. */
  gap: number
}

const WEEK = 7
/**
 * Of what lies ready, lost for each volume of the root zone's water that drains [after Burns 1974: what drains
 * takes its share of nitrate].
 */
const LEACHES: Record<Nutrient, number> = { n: 1, p: 0, k: 0.15, ca: 0.15, mg: 0.15 }

/**
 * † Of ammonium in soil, what turns to nitrate in a day at 20 °C. Against: urea turned to nitrate in two to
 * three weeks.
 */
const NITRIFIED = 0.1

/**
 * The ledger of one nutrient in a place, week by week: what comes free against what the plants want.
 *
 * @param nutrient decides how much drainage takes along
 * @param input.soil °C of each day; its own release in g of each day; drainage as shares of the root zone's water
 * @throws RangeError when an application is of no day of the ledger
 */
export function ledger(
  nutrient: Nutrient,
  input: {
    days: number
    temperature: readonly number[]
    soil: readonly number[]
    demand: readonly number[]
    drainage: readonly number[]
    applications: readonly Application[]
  },
): LedgerWeek[] {
  const { days, temperature, soil, demand, drainage, applications } = input
  const [free, freeHeld] = [new Float64Array(days), new Float64Array(days)]
  applications.forEach(({ day, grams, release, days: lasts, held: share = 0 }, index) => {
    requireInRange(`applications[${index}].day`, day, 0, Math.max(0, days - 1))
    requireInRange(`applications[${index}].grams`, grams, 0, 10_000_000)
    let before = 0
    releasedBy(release, temperature.slice(day, days), lasts, nutrient).forEach((released, ahead) => {
      const freed = grams * (released - before)
      free[day + ahead]! += freed
      freeHeld[day + ahead]! += freed * share
      before = released
    })
  })
  const weeks: LedgerWeek[] = []
  // All that lies ready, and of it what drainage does not take.
  let [left, held] = [0, 0]
  for (let day = 0; day < days; day++) {
    if (day % WEEK === 0)
      weeks.push({ from: day, supply: 0, soil: 0, demand: 0, leached: 0, left: 0, gap: 0 })
    const week = weeks.at(-1)!
    const own = soil[day] ?? 0
    left += free[day]! + own
    held = (held + freeHeld[day]!) * (1 - NITRIFIED) ** releasePace(temperature[day] ?? 0)
    const lost = (left - held) * (1 - Math.exp(-LEACHES[nutrient] * (drainage[day] ?? 0)))
    left -= lost
    const wanted = demand[day] ?? 0
    const taken = Math.min(left, wanted)
    held *= left > 0 ? 1 - taken / left : 0
    left -= taken
    week.supply += free[day]!
    week.soil += own
    week.demand += wanted
    week.leached += lost
    week.gap += wanted - taken
    week.left = left
  }
  return weeks
}

/** A place holds a glut where so much more lies ready than all the rest of its season wants. */
const GLUT = 1.3

/**
 * The first week between two days in which more lies ready than the rest of the season wants; null: none.
 *
 * @param from, to indexes of days
 */
export function glutIn(weeks: readonly LedgerWeek[], from = 0, to = Infinity): LedgerWeek | null {
  return (
    weeks.find(({ left, from: first }, index) => {
      if (first + WEEK <= from || first > to) return false
      const rest = weeks.slice(index + 1).reduce((sum, { demand }) => sum + demand, 0)
      return rest > 0 && left > GLUT * rest
    }) ?? null
  )
}
