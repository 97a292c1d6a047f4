import { requireInRange } from '../guard'
import type { Nutrient } from './demand'

/** How a product gives its nutrients up. */
export const RELEASES = ['soluble', 'meal', 'castings', 'coated', 'compost'] as const
export type Release = (typeof RELEASES)[number]

/**
 * First order at 20 °C, a day; what comes at all within the season; and by how much a rate grows in 10 °C
 * [first order after Stanford & Smith 1972; shares Gale et al. 2006; Q10 Stanford, Frere & Schwaninger 1973].
 */
export const FIRST_ORDER = 0.02
const IN_SEASON: Record<Exclude<Release, 'compost'>, number> = {
  soluble: 1,
  meal: 0.65,
  castings: 0.4,
  coated: 1,
}
/**
 * Compost holds its nitrogen back; half its phosphorus and most of its potassium come in the first year
 * [nitrogen Gale et al. 2006].
 */
const OF_COMPOST: Record<Nutrient, number> = { n: 0.125, p: 0.5, k: 0.8, ca: 0.125, mg: 0.125 }

export const shareInSeason = (release: Release, nutrient: Nutrient) =>
  release === 'compost' ? OF_COMPOST[nutrient] : IN_SEASON[release]
const Q10 = 2
const AT = 20
/** The coated products' own days are counted at this, °C. */
const COATED_AT = 21
/** Below this nothing is released, °C. */
export const TOO_COLD = 8

/** How fast soil life works at a temperature, of its pace at 20 °C; nothing in cold soil. */
export const releasePace = (temperature: number, at = AT): number =>
  temperature < TOO_COLD ? 0 : Q10 ** ((temperature - at) / 10)

/**
 * Share of a product's nutrient that has come free by the end of each day after it was given.
 *
 * @param soil °C of each day from the application on
 * @param days that a coated product's label gives
 * @param nutrient which of them: compost gives its potassium sooner than its nitrogen
 * @throws RangeError when a coated product has no days
 */
export function releasedBy(
  release: Release,
  soil: readonly number[],
  days = 90,
  nutrient: Nutrient = 'n',
): number[] {
  if (release === 'soluble') return soil.map(() => 1)
  if (release === 'coated') requireInRange('days', days, 1, 1000)
  let time = 0
  return soil.map((temperature) => {
    const at = release === 'coated' ? COATED_AT : AT
    time += releasePace(temperature, at)
    return release === 'coated'
      ? Math.min(1, time / days)
      : shareInSeason(release, nutrient) * (1 - Math.exp(-FIRST_ORDER * time))
  })
}

/**
 * N that soil organic matter gives in a season, kg/ha for each percent of it [Magdoff & van Es 2009: 10–20 for
 * each percent].
 */
export const ORGANIC_MATTER_N = 15
