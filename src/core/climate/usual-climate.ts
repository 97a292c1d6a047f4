import type { Normals } from './normals'
import { climateNear, stationsNear } from './stations'

/**
 * The usual climate of any place on land, from the stations near it. How far the sea is is taken from them too; where a
 * shore line is at hand, ask `climateNear` with it.
 *
 * @param place °, east positive; m above the sea
 * @returns twelve months of °C and mm
 * @throws RangeError when the place is out of range
 * @example usualClimate({ latitude: 48.9, longitude: 2.4, elevation: 60 })[6].tmax // July
 */
export function usualClimate(place: { latitude: number; longitude: number; elevation: number }): Normals {
  const sea = stationsNear(place).reduce((sum, { station, share }) => sum + share * station.sea, 0)
  return climateNear({ ...place, sea }).normals
}
