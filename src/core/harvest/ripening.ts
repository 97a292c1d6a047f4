import { addDays, daysBetween, type IsoDate } from '../calendar'
import { quantile } from '../random'

/** What a plant may ripen: kg on each day from the first, expected, and in each of the seasons that may follow. */
export interface Ripening {
  from: IsoDate
  expected: Float64Array
  seasons: readonly Float64Array[]
}

/** Nothing ripens. */
export const NO_RIPENING: Omit<Ripening, 'from'> = { expected: new Float64Array(0), seasons: [] }

/** kg that are expected to ripen from a day to another, both included. */
export const ripeningBetween = ({ from, expected }: Ripening, first: IsoDate, last: IsoDate): number =>
  sumOver(expected, daysBetween(from, first), daysBetween(from, last) + 1)

/** A week of a season's harvest, kg: what was expected to ripen, with 8 years in 10, and what was picked. */
export interface HarvestWeek {
  from: IsoDate
  forecast: number
  low: number
  high: number
  picked: number
}

const WEEK = 7

/**
 * Forecast and harvest by week, from the week of whichever begins first to that of whichever ends last.
 *
 * @param crops plants of each planting and what one of them ripens, all over the same number of seasons
 * @param picked kg by day, in any order
 */
export function harvestWeeks(
  crops: readonly { plants: number; ripening: Ripening }[],
  picked: readonly { on: IsoDate; mass: number }[],
): HarvestWeek[] {
  const days = [
    ...crops.flatMap(({ ripening: { from, expected } }) => {
      const first = expected.findIndex((kg) => kg > 0)
      return first < 0
        ? []
        : [
            addDays(from, first),
            addDays(
              from,
              expected.findLastIndex((kg) => kg > 0),
            ),
          ]
    }),
    ...picked.map(({ on }) => on),
  ].sort()
  const [start, end] = [days[0], days.at(-1)]
  if (start === undefined || end === undefined) return []
  return Array.from({ length: Math.floor(daysBetween(start, end) / WEEK) + 1 }, (_, week): HarvestWeek => {
    const from = addDays(start, week * WEEK)
    const till = addDays(from, WEEK - 1)
    const kgIn = (of: (ripening: Ripening) => Float64Array) =>
      crops.reduce((sum, { plants, ripening }) => {
        const first = daysBetween(ripening.from, from)
        return sum + plants * sumOver(of(ripening), first, first + WEEK)
      }, 0)
    const seasons = Array.from({
      length: Math.max(0, ...crops.map(({ ripening }) => ripening.seasons.length)),
    })
    const kg = seasons.map((_each, season) => kgIn((one) => one.seasons[season] ?? NO_RIPENING.expected))
    return {
      from,
      forecast: kgIn(({ expected }) => expected),
      low: kg.length === 0 ? 0 : quantile(kg, 0.1),
      high: kg.length === 0 ? 0 : quantile(kg, 0.9),
      picked: picked.filter(({ on }) => on >= from && on <= till).reduce((sum, { mass }) => sum + mass, 0),
    }
  })
}

function sumOver(kg: Float64Array, first: number, end: number): number {
  let sum = 0
  for (let day = Math.max(0, first); day < Math.min(end, kg.length); day++) sum += kg[day]!
  return sum
}

/** Plants of one's own record that weigh as much as the expected figure. */
const USUAL_WEIGHS = 6

/**
 * A plant's crop by what is expected of it and the garden's own seasons, kg: the more plants the record holds, the more
 * it counts.
 *
 * @param usual kg a plant; @param own plants and kg of past seasons
 * @example ownYield(4, [{ plants: 6, mass: 12 }]) // 3
 */
export function ownYield(usual: number, own: readonly { plants: number; mass: number }[]): number {
  const plants = own.reduce((sum, one) => sum + one.plants, 0)
  const mass = own.reduce((sum, one) => sum + one.mass, 0)
  return (usual * USUAL_WEIGHS + mass) / (USUAL_WEIGHS + plants)
}
