import { remembered } from '../memo'
import type { SeasonPlan, SeasonWeather } from '../season-model'
import { mean, quantile } from '../random'

/** By what seasons are told apart: rain, warmth, wet leaves, sun, and how late the frost of autumn comes. */
export const WEATHER_SIGNS = ['rain', 'heat', 'wet-leaves', 'sun', 'autumn'] as const
export type WeatherSign = (typeof WEATHER_SIGNS)[number]

/** What a way does in the seasons that have least and most of something: kg, middle of so many seasons each. */
export interface WeatherSplit {
  sign: WeatherSign
  seasons: number
  least: number
  most: number
}

/** Of the seasons, those with the least and with the most of a sign. */
const EACH = 0.3
/** Standard errors that least and most lie apart, at the least. */
const TELLS = 3.5
const FEWEST = 40
/** Days from setting out whose weather counts. */
const GROWS = 130

/**
 * The one sign of the weather by which the seasons' differences are told apart best; null: none does so beyond chance.
 *
 * @param differences kg, one for each season
 */
export function splitOf(
  differences: readonly number[],
  seasons: readonly SeasonWeather[],
  plan: SeasonPlan,
): WeatherSplit | null {
  if (seasons.length < FEWEST || plan.setOut === null) return null
  const count = Math.round(seasons.length * EACH)
  const from = plan.setOut
  let [best, found]: [number, WeatherSplit | null] = [TELLS, null]
  for (const sign of WEATHER_SIGNS) {
    const order = seasons
      .map((weather, season) => ({ season, of: signsOf(weather, from)[sign] }))
      .sort((one, other) => one.of - other.of)
    if (order[0]!.of === order.at(-1)!.of) continue
    const kg = order.map(({ season }) => differences[season]!)
    const [least, most] = [kg.slice(0, count), kg.slice(-count)]
    const error = Math.sqrt((variance(least) + variance(most)) / count)
    const apart = error === 0 ? 0 : Math.abs(mean(most) - mean(least)) / error
    if (apart <= best) continue
    best = apart
    found = { sign, seasons: count, least: quantile(least, 0.5), most: quantile(most, 0.5) }
  }
  return found
}

function variance(values: readonly number[]): number {
  const middle = mean(values)
  return mean(values.map((value) => (value - middle) ** 2))
}

const signsOf = (weather: SeasonWeather, from: number): Record<WeatherSign, number> =>
  remembered(weather, `signs ${from}`, () => {
    const to = Math.min(weather.days, from + GROWS)
    const sum = (column: Float64Array) => {
      let all = 0
      for (let day = from; day < to; day++) all += column[day]!
      return all
    }
    let autumn = from
    while (autumn < weather.days && (autumn < to - GROWS / 2 || weather.tmin[autumn]! >= 0)) autumn++
    return {
      rain: sum(weather.rain),
      heat: sum(weather.tmax),
      'wet-leaves': sum(weather.severity),
      sun: sum(weather.solar),
      autumn,
    }
  })
