import { requireInRange } from '../guard'
import type { NitrogenForm } from './product'

/** Of the oxide that labels give, what is P and K; by mass. */
export const P_OF_P2O5 = 0.436
export const K_OF_K2O = 0.83

/**
 * Mass of a product in a litre of stock, so that an injector brings the target, g/L.
 *
 * @param plan.target mg/L of N at the outlet; @param plan.ratio parts of water to one of stock, as 100
 * @param plan.nitrogen of the product, %
 * @throws RangeError naming the parameter that is out of range
 * @example injectorStock({ target: 150, ratio: 100, nitrogen: 20 }) // 75
 */
export function injectorStock({
  target,
  ratio,
  nitrogen,
}: {
  target: number
  ratio: number
  nitrogen: number
}): number {
  requireInRange('target', target, 0, 5000)
  requireInRange('ratio', ratio, 1, 10_000)
  requireInRange('nitrogen', nitrogen, 0.01, 100)
  return (target * ratio) / (nitrogen * 10)
}

/** mg/L of a nutrient from g/L of a product that holds so much of it, %. */
export function milligramsPerLitre(gramsPerLitre: number, percent: number): number {
  requireInRange('gramsPerLitre', gramsPerLitre, 0, 1000)
  requireInRange('percent', percent, 0, 100)
  return gramsPerLitre * percent * 10
}

/** A dose for a volume that is made up, and whether it goes over the label. */
export interface Dose {
  /** In the label's own measure: g or mL. */
  amount: number
  /** Of the label's full rate. */
  strength: number
  overLabel: boolean
}

/**
 * How much goes into a volume at a share of the label's rate.
 *
 * @param label g or mL of product per litre of water at full rate
 * @param litres that are made up; @param strength share of the label's rate
 * @throws RangeError naming the parameter that is out of range
 * @example doseFor(2, 10, 0.5).amount // 10
 */
export function doseFor(label: number, litres: number, strength: number): Dose {
  requireInRange('label', label, 0.0001, 1000)
  requireInRange('litres', litres, 0.001, 1_000_000)
  requireInRange('strength', strength, 0, 10)
  return { amount: label * litres * strength, strength, overLabel: strength > 1 + 1e-9 }
}

/**
 * † EC that a g/L of a feed brings, mS/cm, by what its nitrogen is: urea is no salt, ammonium salts carry the most.
 * Pure salts at 25 °C: calcium nitrate 1.2, potassium nitrate 1.3, ammonium sulphate 2.0, potassium sulphate
 * 1.4. Against: EC of pure salts.
 */
const EC_PER_GRAM: Record<NitrogenForm, number> = {
  nitrate: 1.2,
  ammonium: 1.8,
  urea: 0.8,
  organic: 0.7,
  mixed: 1.2,
  none: 1.4,
}

/** Scale of meters that show ppm: what they multiply mS/cm by, times a thousand. */
export const PPM_SCALES = [0.5, 0.7] as const

/**
 * EC of a feed in a source water, mS/cm: they add up.
 *
 * @param feed what its nitrogen is, mixed unless said; and mS/cm of a g/L by its label, which goes first
 * @throws RangeError when a number is out of range
 */
export function ecOfFeed(
  gramsPerLitre: number,
  source: number,
  { form = 'mixed', label = null }: { form?: NitrogenForm; label?: number | null } = {},
): number {
  requireInRange('gramsPerLitre', gramsPerLitre, 0, 100)
  requireInRange('source', source, 0, 20)
  if (label !== null) requireInRange('label', label, 0, 10)
  return source + gramsPerLitre * (label ?? EC_PER_GRAM[form])
}

/** Salinity above which yield falls, dS/m of the saturated paste, and by how much of it a dS/m [Maas & Hoffman 1977]. */
const SALT = { tomato: { threshold: 2.5, slope: 0.099 }, pepper: { threshold: 1.5, slope: 0.14 } } as const

/** dS/m of the saturated paste above which a crop loses yield. */
export const saltThreshold = (crop: keyof typeof SALT): number => SALT[crop].threshold

/**
 * Share of the crop that is left in a soil of so much salt.
 *
 * @param ec of the saturated paste, dS/m; a nutrient solution's EC is not one
 * @example yieldInSalt('tomato', 4.5) // 0.802
 */
export function yieldInSalt(crop: keyof typeof SALT, ec: number): number {
  requireInRange('ec', ec, 0, 100)
  const { threshold, slope } = SALT[crop]
  return Math.max(0, Math.min(1, 1 - slope * (ec - threshold)))
}

/** EC of nutrient solution by stage, mS/cm, and its pH. */
export const SOLUTION = {
  seedling: [1, 1.3],
  growing: [2, 2.5],
  fruiting: [2.3, 2.8],
} as const
export const SOLUTION_PH = [5.8, 6.3] as const
