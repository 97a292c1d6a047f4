import {
  bendTemperatures,
  normalsFor,
  type Bend,
  type ClimateTemplateId,
  type Normals,
} from '../core/climate'
import {
  climateLike,
  climateNear,
  otherClimates,
  stationNamed,
  type ClimatePlace,
  type NearStation,
  type OtherClimate,
} from '../core/climate/stations'
import { seaKm } from './coast'
import { BY_STATIONS, LIKE_STATION, type ClimateSource } from './records/climate-source'

/** A place as a garden has it: °, m above the sea. */
export interface SitePlace {
  latitude: number
  longitude: number
  elevation: number
}

/** A place's climate as it is worked out, and what else it could be. */
export interface ClimateFound {
  normals: Normals
  from: NearStation[]
  others: OtherClimate[]
}

/** The climate of a place from the stations near it, beside the two nearest other ones. */
export async function climateAt(site: SitePlace): Promise<ClimateFound> {
  const place = await placeOf(site)
  const { normals, from } = climateNear(place)
  return { normals, from, others: otherClimates(place, normals) }
}

/** The months that a garden's climate comes from, bent to what the gardener knows. */
export async function climateOf(source: ClimateSource, site: SitePlace, bend: Bend): Promise<Normals> {
  return bendTemperatures(await unbent(source, site), bend)
}

async function unbent(source: ClimateSource, site: SitePlace): Promise<Normals> {
  const like = source.startsWith(LIKE_STATION) ? stationNamed(source.slice(LIKE_STATION.length)) : null
  if (source !== BY_STATIONS && !source.startsWith(LIKE_STATION))
    return normalsFor(source as ClimateTemplateId, site)
  const place = await placeOf(site)
  // A station of another version's table is no longer there: those near it tell the same.
  return like ? climateLike(like, place) : climateNear(place).normals
}

const placeOf = async (site: SitePlace): Promise<ClimatePlace> => ({ ...site, sea: await seaKm(site) })

/** m above the sea, roughly: as the places around lie. */
export async function usualElevation(site: { latitude: number; longitude: number }): Promise<number> {
  const { from } = climateNear(await placeOf({ ...site, elevation: 0 }))
  const near = from.slice(0, 4)
  const weight = (distance: number) => 1 / (distance + 10)
  const sum = near.reduce((total, { distance }) => total + weight(distance), 0)
  const mean = near.reduce((total, { station, distance }) => total + station.elevation * weight(distance), 0)
  return Math.max(0, Math.round(mean / sum / 10) * 10)
}
