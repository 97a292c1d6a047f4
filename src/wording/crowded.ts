import type { CrowdedCost } from '../core/spacing'

/** What planting closer than advised costs, a sentence each. @param share of the advised distance, 0 to 1 */
export const sayCrowded = (costs: readonly CrowdedCost[], share: number): string[] =>
  costs.map((cost) => {
    switch (cost) {
      case 'less-from-each':
        return `Each plant has ${Math.round(100 * share)} % of the advised distance: expect less from each.`
      case 'wet-longer':
        return 'Leaves stay wet longer: look for spots every week, and water the soil, not the leaves.'
      case 'one-stem':
        return 'Prune them to a single stem and take the lowest leaves off early.'
    }
  })
