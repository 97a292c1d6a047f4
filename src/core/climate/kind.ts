import type { Normals } from './normals'

export type WinterKind = 'frost-free' | 'mild' | 'cold' | 'very-cold' | 'severe'
export type SummerKind = 'cool' | 'mild' | 'warm' | 'hot' | 'very-hot'
export type RainKind = 'dry-all-year' | 'rain-all-year' | 'wet-summer' | 'wet-winter'

/** A climate in a few words' worth. */
export interface ClimateKind {
  winter: WinterKind
  summer: SummerKind
  rain: RainKind
}

/** Usual low of the coldest month, °C, from which a winter is of a kind; and usual high of the hottest. */
const WINTERS: readonly [from: number, kind: WinterKind][] = [
  [8, 'frost-free'],
  [1, 'mild'],
  [-6, 'cold'],
  [-15, 'very-cold'],
  [-Infinity, 'severe'],
]
const SUMMERS: readonly [from: number, kind: SummerKind][] = [
  [37, 'very-hot'],
  [31, 'hot'],
  [26, 'warm'],
  [20, 'mild'],
  [-Infinity, 'cool'],
]
/** A month whose usual night is this warm, °C, is one in which tomatoes grow in the open. */
export const GROWING_NIGHT = 8
/** mm in a year under which it is dry all year; share of the rain that one half of the year must have to be the wet one. */
const DRY = 250
const MOSTLY = 0.65

const kindFrom = <Kind>(kinds: readonly [number, Kind][], value: number): Kind =>
  kinds.find(([from]) => value >= from)![1]

/** What kind of climate months make. @param latitude °, for which half of the year is summer */
export function climateKind(normals: Normals, latitude: number): ClimateKind {
  const { coldest, hottest } = turningMonths(normals)
  const year = yearRain(normals)
  // May to October, or November to April: by the sun, as a monsoon's hottest month comes before its rain.
  const isSummer = (month: number) => (month >= 4 && month <= 9) === latitude >= 0
  const wet = normals.reduce((sum, { rain }, month) => sum + (isSummer(month) ? rain : 0), 0)
  const share = year > 0 ? wet / year : 0.5
  return {
    winter: kindFrom(WINTERS, normals[coldest]!.tmin),
    summer: kindFrom(SUMMERS, normals[hottest]!.tmax),
    rain:
      year < DRY
        ? 'dry-all-year'
        : share >= MOSTLY
          ? 'wet-summer'
          : share <= 1 - MOSTLY
            ? 'wet-winter'
            : 'rain-all-year',
  }
}

/** Index of the coldest and of the hottest month, by their means. */
export function turningMonths(normals: Normals): { coldest: number; hottest: number } {
  const means = normals.map(({ tmin, tmax }) => tmin + tmax)
  return {
    coldest: means.indexOf(Math.min(...means)),
    hottest: means.indexOf(Math.max(...means)),
  }
}

/** mm in a year. */
export const yearRain = (normals: Normals): number => normals.reduce((sum, { rain }) => sum + rain, 0)

/** How another climate differs: °C of the coldest month's low and the hottest one's high, and rain in shares. */
export interface ClimateDifference {
  winter: number
  summer: number
  rain: number
}

export function climateDifference(from: Normals, to: Normals): ClimateDifference {
  const lowest = (normals: Normals) => Math.min(...normals.map(({ tmin }) => tmin))
  const highest = (normals: Normals) => Math.max(...normals.map(({ tmax }) => tmax))
  return {
    winter: lowest(to) - lowest(from),
    summer: highest(to) - highest(from),
    rain: yearRain(to) / Math.max(1, yearRain(from)) - 1,
  }
}
