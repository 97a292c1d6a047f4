import { potVolume, SETTLING } from '../containers'
import { potOf, type PlantPosition, type Place, type Support } from '../facts'
import type { PlantingOutlook } from '../season'
import { planOf, supportCasesOf, type Need, type SupportSite } from '../support'
import { holeAmendment, type FeedingSchool } from '../transplant'

/** What one planting or place takes, and for whom. */
export interface SourcedNeed extends Need {
  /** Name of the planting's cultivar and place, or of the place. */
  for: string
}

/** Mulch over a bed, m. */
const MULCH = 0.05

/**
 * Everything the season's plantings take: supports and ties, labels, mulch, mix for pots, what goes into the holes.
 *
 * @param plantings that are to stand this season
 * @param schoolOf the feeding school of a place
 */
export function seasonNeeds(
  plantings: readonly PlantingOutlook[],
  positions: readonly PlantPosition[],
  site: SupportSite & { weave: 'sectional' | 'continuous' },
  schoolOf: (place: Place) => FeedingSchool,
): SourcedNeed[] {
  const needs: SourcedNeed[] = plantings.flatMap((own) => {
    const { planting, cultivar, place } = own
    const title = `${cultivar.name}, ${place.name}`
    return [
      ...supportNeeds(own, positions, site),
      { kind: 'label' as const, quantity: planting.count, length: null },
      ...holeAmendment(schoolOf(place), cultivar.crop).needs.map(({ kind, litres }) => ({
        kind,
        quantity: litres * planting.count,
        length: null,
      })),
    ].map((need) => ({ ...need, for: title }))
  })
  const places = new Map(plantings.map(({ place }) => [place.id, place]))
  for (const place of places.values()) {
    const pot = potOf(place)
    if (pot)
      needs.push({
        kind: 'mix',
        quantity: potVolume(pot).filled / (1 - SETTLING),
        length: null,
        for: place.name,
      })
    else if (place.mulch === 'straw' || place.mulch === 'grass')
      needs.push({
        kind: 'mulch',
        quantity: place.length * place.width * MULCH * 1000,
        length: null,
        for: place.name,
      })
  }
  return needs
}

/** What a planting's own support takes, over all its rows. */
export function supportNeeds(
  own: PlantingOutlook,
  positions: readonly PlantPosition[],
  site: SupportSite & { weave: 'sectional' | 'continuous' },
  system: Support = own.planting.support,
): Need[] {
  return supportCasesOf(own, positions, site).flatMap(
    (row) => planOf(system, { ...row, weave: site.weave }).needs,
  )
}
