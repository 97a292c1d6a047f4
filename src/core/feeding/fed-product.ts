import type { NitrogenForm } from './product'
import type { Release } from './release'

/** A product given on a day of the ledger, in all, g. */
export interface FedProduct {
  day: number
  name: string
  grams: number
  n: number
  p2o5: number
  k2o: number
  release: Release
  days?: number
  nitrogen?: NitrogenForm
}
