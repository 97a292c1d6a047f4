import { requireInRange } from '../guard'
import { daylightHours, extraterrestrialRadiation } from './sun'
import { actualPressure, saturationPressure } from './vapour'

/** Weather of a day at a place; the first that is given of each group counts. */
export interface EvapotranspirationDay {
  /** ° north, south negative. */
  latitude: number
  /** m above the sea. */
  elevation: number
  /** 1–366. */
  dayOfYear: number
  /** °C. */
  tmin: number
  tmax: number
  /** Relative humidity, %; else the dew point, else Tmin stands for it. */
  rhMin?: number
  rhMax?: number
  /** °C. */
  dewPoint?: number
  /** m/s; 2 where nothing is known. */
  windSpeed?: number
  /** Height of the wind gauge, m; 2 unless said. */
  windHeight?: number
  /** MJ m⁻² d⁻¹; else sunshine, else the day's range of temperature stands for it. */
  solarRadiation?: number
  /** h. */
  sunshineHours?: number
}

const ALBEDO = 0.23
const STEFAN_BOLTZMANN = 4.903e-9 // MJ K⁻⁴ m⁻² d⁻¹
const INLAND = 0.16 // k of eq. 50
const MM_PER_MEGAJOULE = 0.408 // eq. 20
/** Rs/Rso where the sun does not rise, as FAO-56 takes it for humid nights of unknown cloud. */
const NIGHT_CLOUD_RATIO = 0.5

/**
 * Reference evapotranspiration of short grass, Penman–Monteith [Allen et al. 1998, FAO-56 eq. 6, with eq.
 * 7–19, 35–40, 47, 48, 50].
 *
 * @returns mm d⁻¹, never negative
 * @throws RangeError naming the parameter that is out of range
 */
export function referenceEvapotranspiration(day: EvapotranspirationDay): number {
  requireDay(day)
  const { elevation, tmin, tmax, windSpeed = 2, windHeight = 2 } = day
  const above = extraterrestrialRadiation(day.latitude, day.dayOfYear)
  return penmanMonteith({
    tmin,
    tmax,
    vapour: vapourPressure(day),
    wind: windAtTwoMetres(windSpeed, windHeight),
    solar: solarOf(day, above),
    above,
    elevation,
  })
}

/** What the equation itself takes: °C; kPa of vapour; m/s at 2 m; MJ m⁻² d⁻¹ on the ground and above the air; m. */
interface EvaporatingDay {
  tmin: number
  tmax: number
  vapour: number
  wind: number
  solar: number
  above: number
  elevation: number
}

/** Penman–Monteith without a look at its numbers, mm d⁻¹ [Allen et al. 1998, FAO-56 eq. 6]: for many days of one place. */
export function penmanMonteith({
  tmin,
  tmax,
  vapour,
  wind,
  solar,
  above,
  elevation,
}: EvaporatingDay): number {
  const mean = (tmin + tmax) / 2
  const pressure = 101.3 * ((293 - 0.0065 * elevation) / 293) ** 5.26 // eq. 7
  const gamma = 0.000665 * pressure // eq. 8
  const slope = (4098 * saturationPressure(mean)) / (mean + 237.3) ** 2 // eq. 13
  const saturated = (saturationPressure(tmax) + saturationPressure(tmin)) / 2 // eq. 12
  const deficit = Math.max(0, saturated - vapour)
  const clear = (0.75 + 2e-5 * elevation) * above // eq. 37
  const cloud = clear > 0 ? Math.min(1, solar / clear) : NIGHT_CLOUD_RATIO
  // eq. 38 to 40
  const longwave =
    STEFAN_BOLTZMANN *
    (((tmax + 273.16) ** 4 + (tmin + 273.16) ** 4) / 2) *
    (0.34 - 0.14 * Math.sqrt(vapour)) *
    (1.35 * cloud - 0.35)
  const radiation = MM_PER_MEGAJOULE * slope * ((1 - ALBEDO) * solar - longwave)
  const drying = ((gamma * 900) / (mean + 273)) * wind * deficit
  return Math.max(0, (radiation + drying) / (slope + gamma * (1 + 0.34 * wind)))
}

/**
 * Wind brought to 2 m [Allen et al. 1998, FAO-56 eq. 47].
 *
 * @param speed m/s at `height`, m
 * @throws RangeError when the height is not from 0.5 to 200 m
 */
export function windAtTwoMetres(speed: number, height: number): number {
  requireInRange('height', height, 0.5, 200)
  return height === 2 ? speed : (speed * 4.87) / Math.log(67.8 * height - 5.42)
}

function requireDay(day: EvapotranspirationDay): void {
  requireInRange('latitude', day.latitude, -90, 90)
  requireInRange('elevation', day.elevation, -430, 9000)
  requireInRange('dayOfYear', day.dayOfYear, 1, 366)
  requireTemperatures(day)
  const optional = (name: keyof EvapotranspirationDay, low: number, high: number) => {
    const value = day[name]
    if (value !== undefined) requireInRange(name, value, low, high)
  }
  optional('rhMin', 0, 100)
  optional('rhMax', 0, 100)
  optional('dewPoint', -100, 50)
  optional('windSpeed', 0, 100)
  optional('windHeight', 0.5, 200)
  optional('solarRadiation', 0, 50)
  optional('sunshineHours', 0, 24)
}

function requireTemperatures({ tmin, tmax }: { tmin: number; tmax: number }): void {
  requireInRange('tmin', tmin, -100, 60)
  requireInRange('tmax', tmax, -100, 60)
  if (tmin > tmax) throw new RangeError(`tmin must not be over tmax ${tmax}, not ${tmin}`)
}

/** Actual vapour pressure, kPa: eq. 17 or 18 from humidity, else eq. 14 from the dew point, else eq. 48. */
function vapourPressure({ tmin, tmax, rhMin, rhMax, dewPoint }: EvapotranspirationDay): number {
  if (rhMax !== undefined) return actualPressure({ tmin, tmax, rhMax, rhMin })
  return saturationPressure(dewPoint ?? tmin)
}

/** MJ m⁻² d⁻¹ on the ground: measured, else eq. 35 from sunshine, else eq. 50. */
function solarOf(
  { latitude, dayOfYear, tmin, tmax, solarRadiation, sunshineHours }: EvapotranspirationDay,
  above: number,
): number {
  if (solarRadiation !== undefined) return solarRadiation
  if (sunshineHours === undefined) return INLAND * Math.sqrt(tmax - tmin) * above
  const daylight = daylightHours(latitude, dayOfYear)
  return (0.25 + 0.5 * (daylight > 0 ? Math.min(1, sunshineHours / daylight) : 0)) * above
}

/**
 * Reference evapotranspiration where only temperatures are known [Hargreaves & Samani 1985; FAO-56 eq. 52].
 *
 * @returns mm d⁻¹, never negative
 * @throws RangeError naming the parameter that is out of range
 */
export function hargreavesEvapotranspiration(day: {
  latitude: number
  dayOfYear: number
  tmin: number
  tmax: number
}): number {
  requireTemperatures(day)
  const { tmin, tmax } = day
  const above = MM_PER_MEGAJOULE * extraterrestrialRadiation(day.latitude, day.dayOfYear)
  return Math.max(0, 0.0023 * ((tmin + tmax) / 2 + 17.8) * Math.sqrt(tmax - tmin) * above)
}
