import type { Cost, PlantPosition, Supply } from '../facts'
import { feedCost, type Product } from '../feeding'
import { seasonCost, seasonNeeds } from '../supplies'
import { supportFor, type SupportSite } from '../support'
import { schoolDoses, type Grown } from './grown'

/** What a way is priced by: the plants as they stand in plan, the site, and what the shed sells. */
export interface PricedBy {
  plants: readonly PlantPosition[]
  site: SupportSite & { weave: 'sectional' | 'continuous' }
  supplies: readonly Supply[]
  products: readonly Product[]
}

/**
 * What all plants of a planting take in a season when it is grown so, in the gardener's own money: support, ties, mulch and
 * mix spread over the seasons that they last, and what its feeding school gives from now on.
 */
export function wayCost(grown: Grown, { plants, site, supplies, products }: PricedBy): Cost {
  const { own, cultivar, place, training, spacing, feeding, setOut, shift } = grown
  const { planting } = own
  // A plant that is led otherwise is held otherwise.
  const support = training === planting.training ? planting.support : supportFor(training)
  const so = {
    ...own,
    cultivar: { ...own.cultivar, ...cultivar },
    place,
    planting: { ...planting, training, spacingSchool: spacing, support },
  }
  const needs = seasonNeeds([so], plants, site, () => (feeding === 'nothing' ? 'slow-organic' : feeding))
  const held = seasonCost(
    feeding === 'nothing' ? needs.filter(({ kind }) => !FEEDS.has(kind)) : needs,
    supplies,
  )
  const fed = feedCost(
    setOut === null
      ? []
      : schoolDoses(grown, setOut + shift).map(({ product, aPlant }) => ({
          name: product.name,
          grams: aPlant * planting.count,
        })),
    products,
  )
  return { cost: held.cost + fed.cost, open: held.open || fed.open }
}

/** What goes into the holes as food. */
const FEEDS: ReadonlySet<string> = new Set(['compost', 'meal'])
