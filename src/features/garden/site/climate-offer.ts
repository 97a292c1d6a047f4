import { bendTemperatures, climateDifference, hottestHigh, UNBENT, type Normals } from '../../../core/climate'
import type { Manner } from '../../../core/facts'
import { climateAt } from '../../../data/climate-of'
import type { GardenState } from '../../../data/garden-state'
import { normalsOf } from '../../../data/garden-row'
import { BY_STATIONS, type ClimateSource } from '../../../data/records/climate-source'
import { sayClimateDifference, sayDistance } from '../../../wording/climate'
import { sayTemperature } from '../../../wording/say'

/** Where a garden's months come from, and how far they are bent, °C. */
export interface ClimateChoice {
  source: ClimateSource
  cold: number
  hot: number
}

/** A climate that is worked out from the places nearby, for a garden that has another one. */
export interface ClimateOffer {
  text: string
  /** What the garden has now, to go back to. */
  now: ClimateChoice
}

/** °C under which two climates are the same to a gardener. */
const ALIKE = 1

/** Null: the garden has it, entered its own, or would see no difference. */
export async function climateOfferOf(
  { garden, normalRows }: GardenState,
  manner: Manner,
): Promise<ClimateOffer | null> {
  if (garden.climateTemplate === BY_STATIONS || normalRows.every(({ source }) => source === 'entered'))
    return null
  const { normals, from } = await climateAt(garden)
  const own = normalsOf(normalRows)
  const difference = climateDifference(own, bendTemperatures(normals, UNBENT))
  if (Math.max(Math.abs(difference.winter), Math.abs(difference.summer)) < ALIKE) return null
  const near = from[0]!
  return {
    text: `From the places nearby (the nearest is ${near.station.name}, ${sayDistance(near.distance, manner)} away) this garden would have ${sayClimateDifference(difference).toLowerCase()}: ${extremes(normals, manner)}, for ${extremes(own, manner)} now.`,
    now: { source: garden.climateTemplate, cold: garden.climateShift, hot: garden.climateHot },
  }
}

const extremes = (normals: Normals, manner: Manner) =>
  `${sayTemperature(Math.min(...normals.map(({ tmin }) => tmin)), manner)} to ${sayTemperature(hottestHigh(normals), manner)}`
