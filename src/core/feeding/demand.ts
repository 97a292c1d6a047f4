import type { Crop } from '../crop'
import { requireInRange } from '../guard'

export const NUTRIENTS = ['n', 'p', 'k', 'ca', 'mg'] as const
export type Nutrient = (typeof NUTRIENTS)[number]

/** † g taken up for each kg of fruit. Against: what a tonne of fruit usually removes. */
const PER_KG: Record<Crop, Record<Nutrient, number>> = {
  tomato: { n: 2.6, p: 0.4, k: 3.6, ca: 1.8, mg: 0.4 },
  pepper: { n: 3.7, p: 0.45, k: 4.5, ca: 1.5, mg: 0.4 },
}
/** † The curve's spread, as a share of the thermal season. Against: nothing measured yet. */
const SPREAD = 0.12

/** What a crop of so many kg takes up in all, g. */
export function totalDemand(crop: Crop, kilograms: number): Record<Nutrient, number> {
  requireInRange('kilograms', kilograms, 0, 1_000_000)
  return Object.fromEntries(
    NUTRIENTS.map((nutrient) => [nutrient, PER_KG[crop][nutrient] * kilograms]),
  ) as Record<Nutrient, number>
}

/**
 * Share of a season's uptake that is behind by each day: a logistic curve of thermal time centred on fruit swelling,
 * from 0 before the first to 1 at the last.
 *
 * @param running °C d since setting out by the end of each day, to the season's end; @param swelling °C d at which it is steepest
 */
export function uptakeBy(running: readonly number[], swelling: number): number[] {
  const last = running.at(-1) ?? 0
  if (last <= 0) return running.map(() => 0)
  const curve = (sum: number) => 1 / (1 + Math.exp(-(sum - swelling) / (SPREAD * last)))
  const [from, to] = [curve(0), curve(last)]
  return running.map((sum) => (curve(sum) - from) / (to - from))
}
