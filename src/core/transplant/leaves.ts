/**
 * † Leaf area by rank from the base: rank^1.3 up to the sixth, then as the sixth. Against: nothing measured
 * yet.
 */
const RANK_POWER = 1.3
const GROWN_RANK = 6
/** The three topmost leaves are still unfolding, from the third down to the tip. */
const UNFOLDING = [0.8, 0.5, 0.2]

/** Relative area of each of a plant's true leaves, lowest first. */
export function leafAreas(leaves: number): number[] {
  return Array.from({ length: leaves }, (_, index) => {
    const fromTop = leaves - 1 - index
    const unfolded = fromTop < UNFOLDING.length ? UNFOLDING[UNFOLDING.length - 1 - fromTop]! : 1
    return Math.min(index + 1, GROWN_RANK) ** RANK_POWER * unfolded
  })
}

/** Under so many °C d a day nothing grows, and nothing is made up for. */
export const LEAST_GROWTH = 0.05

/** °C d of growth at which leaf area multiplies by e, as its inverse †. Against: nothing measured yet. */
const RELATIVE_GROWTH = 0.011

/**
 * Days until a plant has the leaf area again that stripping its lowest leaves takes.
 *
 * @param dailyDegreeDays °C d a day, from {@link LEAST_GROWTH} on
 */
export function strippingDelay(leaves: number, stripped: number, dailyDegreeDays: number): number {
  if (stripped === 0) return 0
  const areas = leafAreas(leaves)
  const sum = (from: number) => areas.slice(from).reduce((total, area) => total + area, 0)
  return Math.log(sum(0) / sum(stripped)) / (RELATIVE_GROWTH * dailyDegreeDays)
}
