import { SITE_BOUNDS } from '../../bounds'
import { requireInRange } from '../../guard'
import type { Normals } from '../normals'
import { ANCHORS, CLIMATE_STATIONS, type ClimateStation } from './station'
import { yearOf, type YearAnchors } from './year'

/** Where a climate is asked for: °, m above the sea, km to the sea. */
export interface ClimatePlace {
  latitude: number
  longitude: number
  elevation: number
  sea: number
}

/** A place that a climate is worked out from; km away, and its share of the answer, 0 to 1. */
export interface NearStation {
  station: ClimateStation
  distance: number
  share: number
}

/**
 * Stations that are asked, and † how their weights fall with distance, km. Against: each station left out in
 * turn.
 */
const ASKED = 12
const SOFTENED = 60
/** A degree of latitude counts so many km more than its own length: climates lie in belts. */
const BELT = 111
/** km in which the sea's hold on the air falls to a third. */
const SEA_REACH = 60
/** °C per km of height: of the mean of a day. */
const LAPSE = 5.5
/** °C per 5° toward the pole that is believed where the stations do not say. */
const POLEWARD = 1.8
/** How firmly a slope is held to what is believed of it: latitude, height, sea, longitude. */
const HELD = [0.05, 0.1, 0.02, 0.1]
/** °C that an answer may lie outside those that it is drawn from. */
const BEYOND = 3

/** How much of the sea is in the air, 1 at the shore. */
const maritime = ({ sea }: { sea: number }) => Math.exp(-sea / SEA_REACH)

/** Great-circle distance, km. */
export function distanceKm(
  a: { latitude: number; longitude: number },
  b: { latitude: number; longitude: number },
): number {
  const rad = Math.PI / 180
  const half = (degrees: number) => Math.sin((degrees * rad) / 2) ** 2
  const h =
    half(b.latitude - a.latitude) +
    Math.cos(a.latitude * rad) * Math.cos(b.latitude * rad) * half(b.longitude - a.longitude)
  return 12_742 * Math.asin(Math.min(1, Math.sqrt(h)))
}

/** The stations that say most about a place, the nearest first; a degree of latitude weighs double. */
export function stationsNear(
  place: Pick<ClimatePlace, 'latitude' | 'longitude'>,
  stations: readonly ClimateStation[] = CLIMATE_STATIONS,
): NearStation[] {
  const near = stations
    .map((station) => {
      const distance = distanceKm(place, station)
      const apart = Math.hypot(distance, BELT * (station.latitude - place.latitude))
      return { station, distance, weight: 1 / (apart + SOFTENED) ** 2 }
    })
    .sort((a, b) => b.weight - a.weight)
    .slice(0, ASKED)
  const sum = near.reduce((total, { weight }) => total + weight, 0)
  return near
    .map(({ station, distance, weight }) => ({ station, distance, share: weight / sum }))
    .sort((a, b) => a.distance - b.distance)
}

/**
 * The climate of any place, from the stations near it: a plane through them in latitude, longitude, height and nearness of
 * the sea, each slope held to what is usual. Left out in turn, the worst of a station's four months is 1.2 °C off in the
 * middle and 2.9 in nine of ten.
 *
 * @returns twelve months, and those that they are worked out from
 * @throws RangeError when the place is out of range
 */
export function climateNear(
  place: ClimatePlace,
  stations: readonly ClimateStation[] = CLIMATE_STATIONS,
): { normals: Normals; from: NearStation[] } {
  const { anchors, from } = anchorsNear(place, stations)
  return { normals: yearOf(anchors, place), from }
}

/** As {@link climateNear}, before the year is drawn through its four months. */
export function anchorsNear(
  place: ClimatePlace,
  stations: readonly ClimateStation[] = CLIMATE_STATIONS,
): { anchors: YearAnchors; from: NearStation[] } {
  requireInRange('latitude', place.latitude, ...SITE_BOUNDS.latitude)
  requireInRange('longitude', place.longitude, ...SITE_BOUNDS.longitude)
  requireInRange('elevation', place.elevation, ...SITE_BOUNDS.elevation)
  requireInRange('sea', place.sea, 0, 20_000)
  const from = stationsNear(place, stations)
  const plane = planeThrough(place, from)
  const toPole = place.latitude < 0 ? 1 : -1
  const means = ANCHORS.map((_, at) =>
    plane(({ lows, highs }) => (lows[at]! + highs[at]!) / 2, [toPole * POLEWARD, -LAPSE, 0, 0]),
  )
  const ranges = ANCHORS.map((_, at) =>
    Math.max(
      2,
      plane(({ lows, highs }) => highs[at]! - lows[at]!, [0, 0, -3, 0]),
    ),
  )
  // Rain does not follow a slope; its root is what is alike from place to place.
  const rain = (of: (station: ClimateStation) => number) =>
    from.reduce((sum, { station, share }) => sum + share * Math.sqrt(of(station)), 0) ** 2
  return {
    anchors: {
      lows: means.map((mean, at) => mean - ranges[at]! / 2),
      highs: means.map((mean, at) => mean + ranges[at]! / 2),
      rain: ANCHORS.map((_, at) => rain((station) => station.rain[at]!)),
      yearRain: rain((station) => station.yearRain),
    },
    from,
  }
}

/** One station's own year, carried to a place's height. */
export function climateLike(station: ClimateStation, place: ClimatePlace): Normals {
  const cooler = (LAPSE * (place.elevation - station.elevation)) / 1000
  return yearOf(
    {
      ...station,
      lows: station.lows.map((low) => low - cooler),
      highs: station.highs.map((high) => high - cooler),
    },
    place,
  )
}

/** Weighted least squares of a plane at the place itself, each slope drawn to what is believed of it. */
function planeThrough(place: ClimatePlace, from: readonly NearStation[]) {
  const slopes = from.map(({ station }) => [
    (station.latitude - place.latitude) / 5,
    (station.elevation - place.elevation) / 1000,
    maritime(station) - maritime(place),
    (turned(station.longitude - place.longitude) * Math.cos((place.latitude * Math.PI) / 180)) / 5,
  ])
  return (value: (station: ClimateStation) => number, believed: readonly number[]): number => {
    const size = believed.length + 1
    const matrix = Array.from({ length: size }, (_, row) =>
      Array.from({ length: size }, (_, column) => (row === column && row > 0 ? HELD[row - 1]! : 0)),
    )
    const right = new Array<number>(size).fill(0)
    const level = from.map(
      ({ station }, index) =>
        value(station) - slopes[index]!.reduce((sum, slope, at) => sum + slope * believed[at]!, 0),
    )
    from.forEach(({ share }, index) => {
      const terms = [1, ...slopes[index]!]
      for (let row = 0; row < size; row++) {
        right[row]! += share * terms[row]! * level[index]!
        for (let column = 0; column < size; column++)
          matrix[row]![column]! += share * terms[row]! * terms[column]!
      }
    })
    const found = solved(matrix, right)[0]!
    return Math.max(Math.min(...level) - BEYOND, Math.min(Math.max(...level) + BEYOND, found))
  }
}

/** ° from −180 to 180. */
const turned = (degrees: number) => ((((degrees + 180) % 360) + 360) % 360) - 180

/** A small system of equations by elimination; positive definite, so that no row need change its place. */
function solved(matrix: number[][], right: number[]): number[] {
  const size = right.length
  for (let pivot = 0; pivot < size; pivot++)
    for (let row = pivot + 1; row < size; row++) {
      const factor = matrix[row]![pivot]! / matrix[pivot]![pivot]!
      for (let column = pivot; column < size; column++)
        matrix[row]![column]! -= factor * matrix[pivot]![column]!
      right[row]! -= factor * right[pivot]!
    }
  const result = new Array<number>(size).fill(0)
  for (let row = size - 1; row >= 0; row--) {
    let value = right[row]!
    for (let column = row + 1; column < size; column++) value -= matrix[row]![column]! * result[column]!
    result[row] = value / matrix[row]![row]!
  }
  return result
}
