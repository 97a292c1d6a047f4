import { SPACING_SCHOOLS, type Place, type SpacingSchool } from '../core/facts'
import { FLOWER_SCHOOLS, type FlowerSchool } from '../core/pruning'
import {
  DEPTH_SCHOOLS,
  FEEDING_SCHOOLS,
  usualFeeding,
  type DepthSchool,
  type FeedingSchool,
} from '../core/transplant'
import { WATERING_SCHOOLS, type WateringSchool } from '../core/watering'
import { write } from './database'
import { currentGarden, updateGarden, type GardenRow } from './gardens'

/** The decisions that a house has its own way in, with the ways there are; the first is taken where none was chosen. */
export const HOUSE_DECISIONS = {
  depth: ['worked-out', ...DEPTH_SCHOOLS],
  spacing: ['standard', ...SPACING_SCHOOLS.filter((school) => school !== 'standard')],
  flowers: FLOWER_SCHOOLS,
  feeding: ['by-place', ...FEEDING_SCHOOLS],
  watering: WATERING_SCHOOLS,
  weave: ['sectional', 'continuous'],
} as const
export type HouseDecision = keyof typeof HOUSE_DECISIONS

/** The way of a garden in a decision. */
function chosen<D extends HouseDecision>(
  { houseSchools }: Pick<GardenRow, 'houseSchools'>,
  decision: D,
): (typeof HOUSE_DECISIONS)[D][number] {
  const ways = HOUSE_DECISIONS[decision] as readonly string[]
  const own = houseSchools[decision]
  return (own !== undefined && ways.includes(own) ? own : ways[0]!) as (typeof HOUSE_DECISIONS)[D][number]
}

/** The garden's own way in every decision. */
export function houseOf(garden: Pick<GardenRow, 'houseSchools'>): {
  depth: 'worked-out' | DepthSchool
  spacing: SpacingSchool
  flowers: FlowerSchool
  watering: WateringSchool
  weave: 'sectional' | 'continuous'
  /** By the place where the house has none of its own. */
  feeding: (place: Place) => FeedingSchool
  chosen: Record<HouseDecision, string>
} {
  const feeding = chosen(garden, 'feeding')
  return {
    depth: chosen(garden, 'depth'),
    spacing: chosen(garden, 'spacing'),
    flowers: chosen(garden, 'flowers'),
    watering: chosen(garden, 'watering'),
    weave: chosen(garden, 'weave'),
    feeding: (place) => (feeding === 'by-place' ? usualFeeding(place) : feeding),
    chosen: Object.fromEntries(
      (Object.keys(HOUSE_DECISIONS) as HouseDecision[]).map((decision) => [
        decision,
        chosen(garden, decision),
      ]),
    ) as Record<HouseDecision, string>,
  }
}

/** Makes a way the house's own; false: there is no garden. */
export const chooseSchool = (decision: HouseDecision, school: string): Promise<boolean> =>
  write(async (tx) => {
    const own = await currentGarden(tx)
    if (!own) return false
    await updateGarden(tx, own.id, { houseSchools: { ...own.houseSchools, [decision]: school } })
    return true
  })
