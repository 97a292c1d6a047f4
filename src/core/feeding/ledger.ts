import { requireInRange } from '../guard'
import type { Nutrient } from './demand'
import { releasedBy, type Release } from './release'

/** Something given to a place: g of the nutrient on a day, and how it comes free. */
export interface Application {
  /** Index of the ledger's day. */
  day: number
  grams: number
  release: Release
  /** Of a coated product. */
  days?: number
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
/** † Of what lies ready, lost for each volume of the root zone's water that drains. */
const LEACHES: Record<Nutrient, number> = { n: 1, p: 0, k: 0.15, ca: 0.15, mg: 0.15 }

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
  const free = new Float64Array(days)
  applications.forEach(({ day, grams, release, days: lasts }, index) => {
    requireInRange(`applications[${index}].day`, day, 0, Math.max(0, days - 1))
    requireInRange(`applications[${index}].grams`, grams, 0, 10_000_000)
    let before = 0
    releasedBy(release, temperature.slice(day, days), lasts).forEach((share, ahead) => {
      free[day + ahead]! += grams * (share - before)
      before = share
    })
  })
  const weeks: LedgerWeek[] = []
  let left = 0
  for (let day = 0; day < days; day++) {
    if (day % WEEK === 0)
      weeks.push({ from: day, supply: 0, soil: 0, demand: 0, leached: 0, left: 0, gap: 0 })
    const week = weeks.at(-1)!
    const own = soil[day] ?? 0
    left += free[day]! + own
    const lost = left * (1 - Math.exp(-LEACHES[nutrient] * (drainage[day] ?? 0)))
    left -= lost
    const wanted = demand[day] ?? 0
    const taken = Math.min(left, wanted)
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

/** † A place holds a glut where so many weeks' want lie ready and unused. */
const GLUT_WEEKS = 4

/** The first week in which more lies ready than the coming weeks want; null: none. */
export function glutIn(weeks: readonly LedgerWeek[]): LedgerWeek | null {
  return (
    weeks.find(({ left }, index) => {
      const ahead = weeks
        .slice(index + 1, index + 1 + GLUT_WEEKS)
        .reduce((sum, { demand }) => sum + demand, 0)
      const want = Math.max(ahead, Math.max(...weeks.map(({ demand }) => demand)) * 2)
      return left > want && want > 0
    }) ?? null
  )
}
