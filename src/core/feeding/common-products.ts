import type { Product } from './product'

type Known = Pick<Product, 'name' | 'n' | 'p2o5' | 'k2o' | 'bulkDensity' | 'nitrogen' | 'release'> &
  Partial<Product>

const common = ({ name, ...known }: Known): Product => ({
  id: `usual-${name.toLowerCase().replaceAll(/\W+/g, '-')}`,
  name,
  liquid: false,
  releaseDays: null,
  labelRate: null,
  labelPlant: null,
  pack: null,
  price: null,
  ...known,
})

/** The garden's own feeds, then what is commonly sold and has no namesake among them. */
export function knownFeeds(own: readonly Product[]): Product[] {
  const names = new Set(own.map(({ name }) => name))
  return [...own, ...COMMON_PRODUCTS.filter(({ name }) => !names.has(name))]
}

/**
 * † Usual analyses, %, bulk densities, g/mL, and rates, g/L: they vary, the label on the bag is what counts.
 * Against: labels as they usually read.
 */
export const COMMON_PRODUCTS: readonly Product[] = [
  common({
    name: 'Seed meal',
    n: 6,
    p2o5: 2,
    k2o: 1,
    bulkDensity: 0.6,
    nitrogen: 'organic',
    release: 'meal',
  }),
  common({
    name: 'Feather meal',
    n: 12,
    p2o5: 0,
    k2o: 0,
    bulkDensity: 0.55,
    nitrogen: 'organic',
    release: 'meal',
  }),
  common({
    name: 'Bone meal',
    n: 3,
    p2o5: 15,
    k2o: 0,
    bulkDensity: 0.9,
    nitrogen: 'organic',
    release: 'meal',
  }),
  common({
    name: 'Alfalfa meal',
    n: 2.5,
    p2o5: 0.5,
    k2o: 2.5,
    bulkDensity: 0.4,
    nitrogen: 'organic',
    release: 'meal',
  }),
  common({
    name: 'Worm castings',
    n: 1.5,
    p2o5: 0.5,
    k2o: 0.5,
    bulkDensity: 0.65,
    nitrogen: 'organic',
    release: 'castings',
  }),
  common({
    name: 'Compost',
    n: 1.2,
    p2o5: 0.6,
    k2o: 1,
    bulkDensity: 0.6,
    nitrogen: 'organic',
    release: 'compost',
  }),
  common({
    name: 'Sulfate of potash',
    n: 0,
    p2o5: 0,
    k2o: 50,
    bulkDensity: 1.25,
    nitrogen: 'none',
    release: 'soluble',
  }),
  common({
    name: 'Calcium nitrate',
    n: 15.5,
    p2o5: 0,
    k2o: 0,
    bulkDensity: 1.1,
    nitrogen: 'nitrate',
    release: 'soluble',
    labelRate: 1,
  }),
  common({
    name: 'Balanced granules',
    n: 10,
    p2o5: 10,
    k2o: 10,
    bulkDensity: 1,
    nitrogen: 'mixed',
    release: 'soluble',
  }),
  common({
    name: 'Coated granules, 90 days',
    n: 14,
    p2o5: 8,
    k2o: 14,
    bulkDensity: 1,
    nitrogen: 'mixed',
    release: 'coated',
    releaseDays: 90,
  }),
  common({
    name: 'Fish feed',
    n: 5,
    p2o5: 1,
    k2o: 1,
    bulkDensity: 1.1,
    nitrogen: 'organic',
    release: 'soluble',
    liquid: true,
    labelRate: 8,
  }),
]

/** @throws RangeError when nothing of that name is commonly sold */
export function commonProduct(name: string): Product {
  const found = COMMON_PRODUCTS.find((one) => one.name === name)
  if (!found) throw new RangeError(`name must be that of a common feed, not ${name}`)
  return found
}
