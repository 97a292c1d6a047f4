import { anchorsNear } from './near'
import { CLIMATE_STATIONS, type ClimateStation } from './station'

/** A station held against what its neighbours make of it. */
export interface StationCheck {
  station: ClimateStation
  /** °C that the mean of January, April, July and October is over what the others tell. */
  over: number[]
  /** Times as much rain as the others tell, in the year. */
  rain: number
}

/**
 * Every station left out in turn and worked out from the others, by latitude, lapse, sea and distance: the worst first.
 * What is far off is a place of its own kind, or a mistake in the table.
 */
export function againstNeighbours(stations: readonly ClimateStation[] = CLIMATE_STATIONS): StationCheck[] {
  const worst = ({ over }: StationCheck) => Math.max(...over.map(Math.abs))
  return stations
    .map((station): StationCheck => {
      const { anchors } = anchorsNear(
        station,
        stations.filter((other) => other !== station),
      )
      return {
        station,
        over: station.lows.map(
          (low, at) => (low + station.highs[at]! - anchors.lows[at]! - anchors.highs[at]!) / 2,
        ),
        rain: station.yearRain / anchors.yearRain,
      }
    })
    .sort((a, b) => worst(b) - worst(a))
}
