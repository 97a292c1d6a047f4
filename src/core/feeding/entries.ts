import { readerOf } from '../entry'
import type { FedProduct } from './fed-product'
import type { SoilTest } from './soil-test'

/** What is entered of a place's feed. */
export interface FeedEntries {
  /** g of a product in all, its analysis in %, how it comes free, days of a coated one. */
  fed: Omit<FedProduct, 'day'>
  'soil-tested': SoilTest
}

export const feedEntries = readerOf<FeedEntries>()
