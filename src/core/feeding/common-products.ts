import type { BlendProduct } from './blend'
import type { Release } from './release'

/** A dry material as it is commonly sold: its analysis varies, the label on the bag is what counts. */
export interface CommonProduct extends BlendProduct {
  name: string
  release: Release
}

/** † Usual analyses, %, and bulk densities, g/mL. */
export const COMMON_PRODUCTS: readonly CommonProduct[] = [
  { name: 'Seed meal', n: 6, p2o5: 2, k2o: 1, bulkDensity: 0.6, release: 'meal' },
  { name: 'Feather meal', n: 12, p2o5: 0, k2o: 0, bulkDensity: 0.55, release: 'meal' },
  { name: 'Bone meal', n: 3, p2o5: 15, k2o: 0, bulkDensity: 0.9, release: 'meal' },
  { name: 'Alfalfa meal', n: 2.5, p2o5: 0.5, k2o: 2.5, bulkDensity: 0.4, release: 'meal' },
  { name: 'Worm castings', n: 1.5, p2o5: 0.5, k2o: 0.5, bulkDensity: 0.65, release: 'castings' },
  { name: 'Sulphate of potash', n: 0, p2o5: 0, k2o: 50, bulkDensity: 1.25, release: 'soluble' },
  { name: 'Calcium nitrate', n: 15.5, p2o5: 0, k2o: 0, bulkDensity: 1.1, release: 'soluble' },
  { name: 'Balanced granules', n: 10, p2o5: 10, k2o: 10, bulkDensity: 1, release: 'soluble' },
  { name: 'Coated granules, 90 days', n: 14, p2o5: 8, k2o: 14, bulkDensity: 1, release: 'coated' },
]
