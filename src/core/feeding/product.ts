import type { Cost } from '../facts'
import { requireInRange } from '../guard'
import type { BlendProduct } from './blend'
import type { Release } from './release'

/** What a product's nitrogen is: nitrate is there at once and washes out first, organic has to be freed. */
export const NITROGEN_FORMS = ['nitrate', 'ammonium', 'urea', 'organic', 'mixed', 'none'] as const
export type NitrogenForm = (typeof NITROGEN_FORMS)[number]

/** A feed or amendment as its label tells it. */
export interface Product extends BlendProduct {
  id: string
  name: string
  nitrogen: NitrogenForm
  liquid: boolean
  release: Release
  /** Of a coated product; else null. */
  releaseDays: number | null
  /** Full rate in a litre of water, and for a plant: g, or mL of a liquid; null: its label gives none. */
  labelRate: number | null
  labelPlant: number | null
  /** g, or mL of a liquid; and its price. */
  pack: number | null
  price: number | null
}

/** g of a product in a mL or g of it, as its label measures. */
export const gramsIn = ({ liquid, bulkDensity }: Pick<Product, 'liquid' | 'bulkDensity'>): number =>
  liquid ? bulkDensity : 1

/**
 * What feeds cost by the packs that they came from.
 *
 * @returns in the gardener's own money; `open`: some of it came from no priced pack
 */
export function feedCost(
  fed: readonly { name: string; grams: number }[],
  products: readonly Product[],
): Cost {
  return fed.reduce<Cost>(
    ({ cost, open }, { name, grams }) => {
      const product = products.find((one) => one.name === name)
      if (!product || product.pack === null || product.price === null)
        return { cost, open: open || grams > 0 }
      return { cost: cost + (product.price * grams) / (product.pack * gramsIn(product)), open }
    },
    { cost: 0, open: false },
  )
}

/**
 * Price of a kg of a nutrient in a product, by the label's oxide; null: no price is known, or it holds none.
 *
 * @example pricePerKilogram({ ...product, pack: 1000, price: 6, n: 6, liquid: false }, 'n') // 100
 */
export function pricePerKilogram(product: Product, nutrient: 'n' | 'p2o5' | 'k2o'): number | null {
  const { pack, price } = product
  if (pack === null || price === null) return null
  const kilograms = (pack * gramsIn(product) * product[nutrient]) / 100_000
  return kilograms > 0 ? price / kilograms : null
}

/** How a dry product is laid to plants: round the stem, in a strip, under the root ball. */
export const LAYINGS = ['ring', 'band', 'hole'] as const
export type Laying = (typeof LAYINGS)[number]

/** What a plant is given of a product, and where it lies. */
export interface PlantDose {
  /** g a plant, and mL of them. */
  grams: number
  millilitres: number
  /** Over what the label gives a plant. */
  overLabel: boolean
  /** m from the stem: where it begins and ends. */
  from: number
  to: number
}

/** m from the stem to a ring's inner edge; a strip's distance from the stem; a hole's mixed-in half width. */
const WHERE: Record<Laying, { from: number; most: number }> = {
  ring: { from: 0.025, most: 0.3 },
  band: { from: 0.15, most: 0.2 },
  hole: { from: 0, most: 0.15 },
}
/**
 * A strip in a self-watering box lasts its season: g of nitrogen a plant, where the box's label says nothing.
 */
const BAND_NITROGEN = 10

/**
 * The dose of a dry product for one plant and where it is laid, by its label where that gives one.
 *
 * @param wanted g of nitrogen a plant; in a box's strip 10 g are taken where nothing is said
 * @param canopy m across, which a ring does not pass
 * @throws RangeError when the product holds no nitrogen, or a number is out of range
 */
export function plantDose(
  product: Product,
  laying: Laying,
  { wanted, canopy = 0.6 }: { wanted?: number; canopy?: number } = {},
): PlantDose {
  requireInRange('product.n', product.n, 0.01, 100)
  const nitrogen = requireInRange('wanted', wanted ?? (laying === 'band' ? BAND_NITROGEN : 1), 0, 1000)
  requireInRange('canopy', canopy, 0.01, 5)
  const grams = nitrogen / (product.n / 100)
  const { from, most } = WHERE[laying]
  const label = product.labelPlant === null ? null : product.labelPlant * gramsIn(product)
  return {
    grams,
    millilitres: grams / product.bulkDensity,
    overLabel: label !== null && grams > label * (1 + 1e-9),
    from,
    to: laying === 'ring' ? Math.max(from + 0.05, Math.min(most, canopy / 2)) : most,
  }
}
