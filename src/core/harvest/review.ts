import { requireInRange } from '../guard'

/** What one planting came to. */
export interface CropResult {
  season: number
  plants: number
  /** m² that it stood on. */
  area: number
  mass: number
  /** Fruit that were counted, and those of them with a fault. */
  counted: number
  faulty: number
  /** What was decided for it: training, spacing, support and the like, by name. */
  decisions: Record<string, string>
}

/** Several plantings taken together. */
export interface CropSum {
  plantings: number
  plants: number
  mass: number
  aPlant: number
  aSquareMetre: number
  /** Share of the counted fruit without a fault; null: none was counted. */
  sound: number | null
}

/** Plantings together, by their plants and ground. */
export function sumOf(results: readonly CropResult[]): CropSum {
  const add = (of: (one: CropResult) => number) => results.reduce((sum, one) => sum + of(one), 0)
  const [plants, mass, area, counted] = [
    add((one) => one.plants),
    add((one) => one.mass),
    add((one) => one.area),
    add((one) => one.counted),
  ]
  return {
    plantings: results.length,
    plants,
    mass,
    aPlant: plants === 0 ? 0 : mass / plants,
    aSquareMetre: area === 0 ? 0 : mass / area,
    sound: counted === 0 ? null : 1 - add((one) => one.faulty) / counted,
  }
}

/** Under so many hours the work is not told apart from none. */
const LEAST_HOURS = 0.1

/** kg that an hour of work gave. @throws RangeError when a number is below 0 */
export function massAnHour(mass: number, hours: number): number {
  requireInRange('mass', mass, 0, Infinity)
  requireInRange('hours', hours, 0, Infinity)
  return mass / Math.max(hours, LEAST_HOURS)
}

/** Under so many plantings on each side a difference is told as too few to know. */
const ENOUGH = 5

/** What went with one way of deciding. */
export interface DecisionResult {
  decision: string
  ways: { way: string; sum: CropSum }[]
  /** Every way has enough plantings behind it. */
  enough: boolean
}

/** What went with which decision over all plantings, those with two ways or more; it shows no cause. */
export function byDecision(results: readonly CropResult[]): DecisionResult[] {
  const names = [...new Set(results.flatMap(({ decisions }) => Object.keys(decisions)))]
  return names.flatMap((decision) => {
    const told = results.filter((one) => one.decisions[decision] !== undefined)
    const ways = [...new Set(told.map((one) => one.decisions[decision]!))]
      .map((way) => ({ way, sum: sumOf(told.filter((one) => one.decisions[decision] === way)) }))
      .sort((a, b) => b.sum.aPlant - a.sum.aPlant)
    return ways.length < 2
      ? []
      : [{ decision, ways, enough: ways.every(({ sum }) => sum.plantings >= ENOUGH) }]
  })
}
