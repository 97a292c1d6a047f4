import { TABLE } from './table'

/** What is known of a place's climate: the four months that its year is drawn through. */
export interface ClimateStation {
  name: string
  /** ° north and ° east. */
  latitude: number
  longitude: number
  /** m above the sea. */
  elevation: number
  /** km to the sea. */
  sea: number
  /** Usual low and high of January, April, July and October, °C. */
  lows: readonly number[]
  highs: readonly number[]
  /** Rain of the same months, and of the year, mm. */
  rain: readonly number[]
  yearRain: number
}

/** January, April, July, October. */
export const ANCHORS = [0, 3, 6, 9] as const

export const CLIMATE_STATIONS: readonly ClimateStation[] = TABLE.trim()
  .split('\n')
  .map((line) => {
    const [name, ...cells] = line.split(',')
    const at = (index: number) => Number(cells[index])
    return {
      name: name!,
      latitude: at(0),
      longitude: at(1),
      elevation: at(2),
      lows: [at(3), at(5), at(7), at(9)],
      highs: [at(4), at(6), at(8), at(10)],
      yearRain: at(11),
      rain: [at(12), at(13), at(14), at(15)],
      sea: at(16),
    }
  })
