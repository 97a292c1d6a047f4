import { SPACING_SCHOOLS, type Place, type SpacingSchool } from '../facts'
import { FLOWER_SCHOOLS, type FlowerSchool } from '../pruning'
import {
  DEPTH_SCHOOLS,
  FEEDING_SCHOOLS,
  usualFeeding,
  type DepthSchool,
  type FeedingSchool,
} from '../transplant'
import { WATERING_SCHOOLS, type WateringSchool } from '../watering'

/** The decisions that a house has its own way in, with the ways there are; the first is taken where none was chosen. */
export const HOUSE_DECISIONS = {
  depth: ['worked-out', ...DEPTH_SCHOOLS],
  spacing: ['standard', ...SPACING_SCHOOLS.filter((school) => school !== 'standard')],
  flowers: FLOWER_SCHOOLS,
  feeding: ['by-place', ...FEEDING_SCHOOLS],
  watering: WATERING_SCHOOLS,
  weave: ['sectional', 'continuous'],
  frost: ['two-in-ten', 'one-in-ten', 'three-in-ten'],
} as const
export type HouseDecision = keyof typeof HOUSE_DECISIONS

/** A garden's own way in every decision. */
export interface House {
  depth: 'worked-out' | DepthSchool
  spacing: SpacingSchool
  flowers: FlowerSchool
  watering: WateringSchool
  weave: 'sectional' | 'continuous'
  /** Seasons in ten that may still freeze after planting out. */
  frostRisk: number
  /** By the place where the house has none of its own. */
  feeding: (place: Place) => FeedingSchool
  chosen: Record<HouseDecision, string>
}

/** Seasons in ten that may still freeze after planting out. */
export const FROST_RISK = { 'one-in-ten': 1, 'two-in-ten': 2, 'three-in-ten': 3 } as const

interface Chosen {
  houseSchools: Record<string, string>
}

/** The way of a garden in a decision. */
function chosen<D extends HouseDecision>(
  { houseSchools }: Chosen,
  decision: D,
): (typeof HOUSE_DECISIONS)[D][number] {
  const ways = HOUSE_DECISIONS[decision] as readonly string[]
  const own = houseSchools[decision]
  return (own !== undefined && ways.includes(own) ? own : ways[0]!) as (typeof HOUSE_DECISIONS)[D][number]
}

/** The garden's own way in every decision; the usual one where it has none that there is. */
export function houseOf(garden: Chosen): House {
  const feeding = chosen(garden, 'feeding')
  return {
    depth: chosen(garden, 'depth'),
    spacing: chosen(garden, 'spacing'),
    flowers: chosen(garden, 'flowers'),
    watering: chosen(garden, 'watering'),
    weave: chosen(garden, 'weave'),
    frostRisk: FROST_RISK[chosen(garden, 'frost')],
    feeding: (place) => (feeding === 'by-place' ? usualFeeding(place) : feeding),
    chosen: Object.fromEntries(
      (Object.keys(HOUSE_DECISIONS) as HouseDecision[]).map((decision) => [
        decision,
        chosen(garden, decision),
      ]),
    ) as Record<HouseDecision, string>,
  }
}
