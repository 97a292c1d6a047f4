import type { Measure, UnitSystem } from './measure'
import { convertFromSi } from './units'

/** How a garden writes its numbers. */
export interface NumberStyle {
  units: UnitSystem
  decimals: 'point' | 'comma'
}

type Numeric = Exclude<Measure, { kind: 'date' | 'name' }>

const NARROW = '\u00a0'

/**
 * Writes a quantity in the gardener's units, rounded as one would say it.
 *
 * @param measure SI, see {@link Measure}
 * @returns such as `13 cm`, `5¼ in`, `1.25 m`, `16 °C`, `40 %`, with the space that does not break
 */
export function formatMeasure(measure: Numeric, style: NumberStyle): string {
  return written(spoken(measure, style.units), style)
}

/** Digits after the point with which temperatures that differ are told apart. */
const FINER = [1, 2]

/**
 * Writes a temperature so that it is told apart from another one beside it: 15.5 °C under 16 °C, not 16 under 16.
 *
 * @param value, other °C
 */
export function formatApart(value: number, other: number, style: NumberStyle): string {
  const usual = (degrees: number) => formatMeasure({ kind: 'temperature', value: degrees }, style)
  if (value === other || usual(value) !== usual(other)) return usual(value)
  const us = style.units === 'us'
  const finely = (degrees: number, digits: number) =>
    upTo(us ? convertFromSi(degrees, 'temperature', '°f') : degrees, digits)
  const digits = FINER.find((digits) => finely(value, digits) !== finely(other, digits))
  return digits === undefined ? usual(value) : written([finely(value, digits), us ? '°F' : '°C'], style)
}

/** Writes a number without a unit. @param digits after the point, at the most */
export function formatNumber(
  value: number,
  { decimals }: Pick<NumberStyle, 'decimals'>,
  digits: number,
): string {
  return pointed(upTo(value, digits), decimals)
}

function pointed(value: string, decimals: NumberStyle['decimals']): string {
  const number = value.replace('-', '−')
  return decimals === 'comma' ? number.replace('.', ',') : number
}

function written([value, unit]: Spoken, style: NumberStyle): string {
  const text = pointed(value, style.decimals)
  return unit === '' ? text : unit.startsWith('°') && unit.length === 1 ? text + unit : text + NARROW + unit
}

type Spoken = [value: string, unit: string]

function spoken({ kind, value }: Numeric, units: UnitSystem): Spoken {
  const us = units === 'us'
  switch (kind) {
    case 'length':
      return us ? usLength(value) : metricLength(value)
    case 'thickness':
      return us ? [fraction(convertFromSi(value, 'length', 'in'), 8), 'in'] : [upTo(value * 1000, 0), 'mm']
    case 'temperature':
      return [whole(us ? convertFromSi(value, kind, '°f') : value), us ? '°F' : '°C']
    case 'temperature-difference':
      return [upTo(us ? value * 1.8 : value, 1), us ? '°F' : '°C']
    case 'mass':
      return us ? usMass(value) : metricMass(value)
    case 'volume':
      return us ? usVolume(value) : metricVolume(value)
    case 'area':
      return us ? usArea(value) : metricArea(value)
    case 'duration':
      return duration(value)
    case 'water-depth':
      return us ? [upTo(value / 25.4, 2), 'in'] : [value < 10 ? upTo(value, 1) : whole(value), 'mm']
    case 'speed':
      return us ? [whole(value * 2.2369363), 'mph'] : [whole(value * 3.6), 'km/h']
    case 'degree-days':
      return [whole(us ? value * 1.8 : value), us ? '°F\u00a0d' : '°C\u00a0d']
    case 'share':
      return [value > 0 && value < 0.01 ? '<\u200a1' : whole(value * 100), '%']
    case 'days':
      return [whole(value), Math.round(value) === 1 ? 'day' : 'days']
    case 'weeks': {
      const weeks = Math.max(1, Math.round(value / 7))
      return [String(weeks), weeks === 1 ? 'week' : 'weeks']
    }
    case 'count':
      return [upTo(value, 1), '']
  }
}

function metricLength(value: number): Spoken {
  if (Math.abs(value) >= 0.995) return [upTo(value, 2), 'm']
  return Math.abs(value) < 0.0195 && value !== 0 ? [upTo(value * 100, 1), 'cm'] : [whole(value * 100), 'cm']
}

function usLength(value: number): Spoken {
  const inches = convertFromSi(value, 'length', 'in')
  if (Math.abs(inches) < 11.875) return [quarters(inches), 'in']
  if (Math.abs(inches) < 47.5) return [whole(inches), 'in']
  return [upTo(inches / 12, inches < 1200 ? 1 : 0), 'ft']
}

function metricArea(value: number): Spoken {
  return Math.round(value * 10_000) < 1000 ? [significant(value * 10_000), 'cm²'] : [significant(value), 'm²']
}
function usArea(value: number): Spoken {
  const feet = convertFromSi(value, 'area', 'ft²')
  return Math.round(feet * 144) < 144 ? [significant(feet * 144), 'in²'] : [significant(feet), 'ft²']
}

function metricMass(value: number): Spoken {
  if (value >= 0.9995) return [significant(value), 'kg']
  return [value < 0.00995 ? upTo(value * 1000, 1) : whole(value * 1000), 'g']
}

function usMass(value: number): Spoken {
  const ounces = convertFromSi(value, 'mass', 'oz')
  return ounces < 15.95 ? [upTo(ounces, 1), 'oz'] : [significant(ounces / 16), 'lb']
}

function metricVolume(value: number): Spoken {
  return value < 0.9995 ? [whole(value * 1000), 'mL'] : [significant(value), 'L']
}

function usVolume(value: number): Spoken {
  const tablespoons = convertFromSi(value, 'volume', 'tbsp')
  if (tablespoons < 0.875) return [quarters(tablespoons * 3), 'tsp']
  if (tablespoons < 7.875) return [quarters(tablespoons), 'tbsp']
  if (tablespoons < 63) return [fraction(tablespoons / 16, 8), tablespoons < 17 ? 'cup' : 'cups']
  return [significant(tablespoons / 256), 'gal']
}

function duration(seconds: number): Spoken {
  // What would be rounded up to the next unit is said in it.
  if (Math.round(seconds) <= 90) return [whole(seconds), 's']
  if (Math.round(seconds / 60) < 90) return [whole(seconds / 60), 'min']
  return Math.round(seconds / 360) < 480
    ? [upTo(seconds / 3600, 1), 'h']
    : [upTo(seconds / 86_400, 1), 'days']
}

function whole(value: number): string {
  return upTo(value, 0)
}

/** Rounded to `digits` decimals, without trailing zeros or a negative nought. */
function upTo(value: number, digits: number): string {
  const rounded = Number(value.toFixed(digits))
  return String(rounded === 0 ? 0 : rounded)
}

/** Three figures at the most, and whole from a hundred up. */
function significant(value: number): string {
  return Math.abs(value) >= 99.95 ? whole(value) : String(Number(value.toPrecision(value < 10 ? 2 : 3)))
}

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞']

const quarters = (value: number) => fraction(value, 4)

/** Rounded to whole parts of one, a quarter or an eighth, and written with the fraction's own sign. */
function fraction(value: number, parts: 4 | 8): string {
  const rounded = Math.round(Math.abs(value) * parts)
  const wholePart = Math.floor(rounded / parts)
  const part = EIGHTHS[((rounded % parts) * 8) / parts]!
  const sign = value < 0 && rounded > 0 ? '-' : ''
  return sign + (wholePart === 0 && part ? part : `${wholePart}${part}`)
}
