import { requireInRange, requireInteger } from '../guard'

export const COMPONENTS = ['compost', 'peat', 'coir', 'perlite', 'bark', 'garden-soil'] as const
export type Component = (typeof COMPONENTS)[number]

/**
 * † kg a litre, dry, and of the water that a litre holds when wet. Against: usual bulk densities of bagged
 * mixes.
 */
const COMPONENT_MASS: Record<Component, { dry: number; water: number }> = {
  compost: { dry: 0.45, water: 0.45 },
  peat: { dry: 0.1, water: 0.6 },
  coir: { dry: 0.08, water: 0.6 },
  perlite: { dry: 0.1, water: 0.25 },
  bark: { dry: 0.22, water: 0.35 },
  'garden-soil': { dry: 1.2, water: 0.35 },
}

export const RECIPES = ['thirds', 'bark-base', 'light', 'raised-bed'] as const
export type Recipe = (typeof RECIPES)[number]

/** Parts by volume. Garden soil is for raised beds only: in a pot it packs and stays wet. */
export const RECIPE_PARTS: Record<Recipe, Partial<Record<Component, number>>> = {
  thirds: { compost: 1, coir: 1, perlite: 1 },
  'bark-base': { bark: 5, compost: 3, coir: 1, perlite: 1 },
  light: { coir: 5, compost: 3, perlite: 2 },
  'raised-bed': { 'garden-soil': 5, compost: 3, coir: 2 },
}

/** † Fresh mix settles by so much of its volume. Against: 10–15 % after the first watering. */
export const SETTLING = 0.125

/** What to buy of one component: L, whole bags, and what is over, L. */
export interface MixLine {
  component: Component
  litres: number
  bags: number
  over: number
}

/**
 * What a mix takes: enough to stand filled once it has settled, in whole bags.
 *
 * @param fill mix wanted in one pot or bed after settling, L; how many; settling as a share, 0–0.5; L a bag
 * @throws RangeError when a number is out of range
 */
export function mixBill(fill: {
  litres: number
  pots: number
  parts: Partial<Record<Component, number>>
  settling?: number
  bag?: number
}): MixLine[] {
  const { litres, pots, parts, settling = SETTLING, bag = 40 } = fill
  requireInRange('litres', litres, 0.1, 1_000_000)
  requireInteger('pots', pots, 1, 100_000)
  requireInRange('settling', settling, 0, 0.5)
  requireInRange('bag', bag, 1, 2000)
  const all = totalParts(parts)
  const loose = (litres * pots) / (1 - settling)
  return COMPONENTS.flatMap((component) => {
    const wanted = (loose * (parts[component] ?? 0)) / all
    if (wanted === 0) return []
    const bags = Math.ceil(wanted / bag - 1e-9)
    return [{ component, litres: wanted, bags, over: bags * bag - wanted }]
  })
}

/** Mass of a litre of mix holding all the water it can, kg; loose volumes, as mixed. */
export function wetMassPerLitre(parts: Partial<Record<Component, number>>): number {
  const all = totalParts(parts)
  return COMPONENTS.reduce((sum, component) => {
    const { dry, water } = COMPONENT_MASS[component]
    return sum + ((parts[component] ?? 0) / all) * (dry + water)
  }, 0)
}

function totalParts(parts: Partial<Record<Component, number>>): number {
  for (const component of COMPONENTS) requireInRange(`parts.${component}`, parts[component] ?? 0, 0, 1000)
  const all = COMPONENTS.reduce((sum, component) => sum + (parts[component] ?? 0), 0)
  requireInRange('parts', all, 1e-6, 10_000)
  return all
}
