import { climateDifference, type ClimateDifference } from '../kind'
import type { Normals } from '../normals'
import { climateLike, stationsNear, type ClimatePlace, type NearStation } from './near'
import { CLIMATE_STATIONS, type ClimateStation } from './station'

/** °C from which another winter or summer is told apart. */
const TOLD_APART = 1.5

/** Another climate that a place could have, and how it differs from the one that was worked out. */
export interface OtherClimate extends NearStation {
  normals: Normals
  difference: ClimateDifference
}

/**
 * The two nearest stations whose climate, carried to the place's height, is another one: the second differs the other way
 * where one does.
 */
export function otherClimates(place: ClimatePlace, normals: Normals): OtherClimate[] {
  const others = stationsNear(place)
    .map((near): OtherClimate => {
      const own = climateLike(near.station, place)
      return { ...near, normals: own, difference: climateDifference(normals, own) }
    })
    .filter(({ difference }) => Math.abs(leading(difference)) >= TOLD_APART)
  const [first, ...rest] = others
  if (!first) return []
  const way = Math.sign(leading(first.difference))
  const second = rest.find(({ difference }) => Math.sign(leading(difference)) !== way) ?? rest[0]
  return second ? [first, second] : [first]
}

/** What tells two climates apart most: the winter's difference or the summer's. */
const leading = ({ winter, summer }: ClimateDifference) =>
  Math.abs(winter) >= Math.abs(summer) ? winter : summer

/** The station of a name; null: there is none. */
export const stationNamed = (name: string): ClimateStation | null =>
  CLIMATE_STATIONS.find((station) => station.name === name) ?? null
