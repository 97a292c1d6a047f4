import type { Random } from '../random'
import { dailyNormals, type Normals } from './normals'
import { emptySeries, settled, yearDays, type DailySeries } from './series'
import { extraterrestrialRadiation } from './sun'
import { remembered } from '../memo'

/**
 * Lag-one structure of the standardised residuals of Tmax, Tmin and solar radiation
 * [Richardson & Wright 1984, WGEN, matrices A and B].
 */
const A = [
  [0.567, 0.086, -0.002],
  [0.253, 0.504, -0.05],
  [-0.006, -0.039, 0.244],
] as const
const B = [
  [0.781, 0, 0],
  [0.328, 0.637, 0],
  [0.238, -0.341, 0.873],
] as const

/** P(wet after dry) = 0.75 f and P(wet after wet) = 0.25 + 0.75 f, f the share of wet days [Geng et al. 1986]. */
const PERSISTENCE = 0.25
/**
 * † Shape of the gamma distribution of rain on a wet day. Against: rain of wet days by a gamma distribution
 * [Richardson & Wright 1984].
 */
const RAIN_SHAPE = 0.75
/**
 * † Share of a dry day's solar radiation that a wet day has. Against: wet days are cooler and duller
 * [Richardson 1981].
 */
const WET_SOLAR = 0.55
/** A wet day's Tmax is this many standard deviations lower than a dry one's. */
const WET_COOLING = 0.7
/**
 * † Coefficient of variation of daily mean wind, and of daily solar radiation. Against: nothing measured yet.
 */
const WIND_VARIATION = 0.4
const SOLAR_VARIATION = 0.18

/**
 * † Standard deviation of daily Tmax about its expectation, °C: larger where summer and winter differ more,
 * and larger in winter than in summer. Against: a plain at 41° N, about 5 °C in April and 3 in July.
 */
const maximumDeviations = (normals: Normals): Float64Array =>
  remembered(normals, 'deviations', () => {
    const { tmin, tmax } = dailyNormals(normals)
    const mean = tmin.map((low, day) => (low + tmax[day]!) / 2)
    const [coldest, warmest] = [Math.min(...mean), Math.max(...mean)]
    const range = warmest - coldest
    const middle = (coldest + warmest) / 2
    return mean.map((value) => {
      const winter = range > 0 ? (middle - value) / (range / 2) : 0
      return Math.min(5.5, 1.6 + 0.13 * range) * (1 + 0.22 * winter * Math.min(1, range / 20))
    })
  })
/** Tmin's standard deviation as a share of Tmax's. */
const MINIMUM_DEVIATION = 0.9

/**
 * Weather as it could be under these normals: a wet/dry Markov chain, gamma rain, autocorrelated Tmax, Tmin
 * and solar residuals, wet days cooler and duller [Richardson 1981, Water Resources Research 17:182–190].
 *
 * @param plan normals, latitude in °, `from` an epoch day, how many days, and a seeded stream
 * @throws RangeError when normals or latitude are out of range
 */
export function generateWeather(plan: {
  normals: Normals
  latitude: number
  from: number
  days: number
  random: Random
}): DailySeries {
  const { normals, latitude, from, days, random } = plan
  const expected = dailyNormals(normals)
  const deviations = maximumDeviations(normals)
  const radiation = radiationByDay(latitude)
  const series = emptySeries(from, days)
  const calendar = yearDays(from, days)
  const windSigma = Math.sqrt(Math.log(1 + WIND_VARIATION ** 2))

  let wet = random.uniform() < (expected.wetDays[calendar[0]!] ?? 0)
  let [x0, x1, x2] = [random.normal(), random.normal(), random.normal()]
  for (let index = 0; index < days; index++) {
    const day = calendar[index]!
    const wetShare = Math.min(0.95, expected.wetDays[day]!)
    wet = random.uniform() < (wet ? PERSISTENCE : 0) + (1 - PERSISTENCE) * wetShare

    const [e0, e1, e2] = [random.normal(), random.normal(), random.normal()]
    const y0 = A[0][0] * x0 + A[0][1] * x1 + A[0][2] * x2 + B[0][0] * e0
    const y1 = A[1][0] * x0 + A[1][1] * x1 + A[1][2] * x2 + B[1][0] * e0 + B[1][1] * e1
    const y2 = A[2][0] * x0 + A[2][1] * x1 + A[2][2] * x2 + B[2][0] * e0 + B[2][1] * e1 + B[2][2] * e2
    ;[x0, x1, x2] = [y0, y1, y2]

    const sigma = deviations[day]!
    const cooling = WET_COOLING * sigma * (wet ? wetShare - 1 : wetShare)
    let tmax = expected.tmax[day]! + cooling + sigma * y0
    let tmin = expected.tmin[day]! + MINIMUM_DEVIATION * sigma * y1
    if (tmax - tmin < 1) {
      const middle = (tmax + tmin) / 2
      ;[tmin, tmax] = [middle - 0.5, middle + 0.5]
    }
    const drySolar = expected.solar[day]! / (1 - wetShare * (1 - WET_SOLAR))
    const solar = drySolar * (wet ? WET_SOLAR : 1) * (1 + SOLAR_VARIATION * y2)
    const ra = radiation[day]!

    series.tmin[index] = tmin
    series.tmax[index] = tmax
    const rainOnWetDay = wetShare > 0 ? expected.rain[day]! / wetShare : 0
    series.rain[index] = wet ? random.gamma(RAIN_SHAPE, rainOnWetDay / RAIN_SHAPE) : 0
    const nightAnomaly = tmin - expected.tmin[day]!
    const dew =
      expected.dewPoint[day]! + 0.8 * nightAnomaly + 1.2 * random.normal() + (wet ? 1.5 : 0) - 1.5 * wetShare
    series.dewPoint[index] = Math.min(dew, (tmin + tmax) / 2)
    series.wind[index] = expected.wind[day]! * Math.exp(windSigma * random.normal() - windSigma ** 2 / 2)
    series.solar[index] = Math.max(0.1 * ra, Math.min(0.8 * ra, solar))
  }
  return settled(series)
}

const RADIATION = {}

/** The radiation of each day of the year; kept, as an ensemble asks for it every season. */
function radiationByDay(latitude: number): Float64Array {
  return remembered(
    RADIATION,
    String(latitude),
    () => Float64Array.from({ length: 365 }, (_, day) => extraterrestrialRadiation(latitude, day + 1)),
    2,
  )
}
