import type { ClimateDifference, ClimateKind, RainKind, SummerKind, WinterKind } from '../core/climate'
import type { Manner } from '../core/facts'
import { capital } from './names'
import { inEither } from './either'

const WINTERS: Record<WinterKind, string> = {
  'frost-free': 'frost-free winters',
  mild: 'mild winters',
  cold: 'cold winters',
  'very-cold': 'very cold winters',
  severe: 'severe winters',
}
const SUMMERS: Record<SummerKind, string> = {
  cool: 'cool summers',
  mild: 'mild summers',
  warm: 'warm summers',
  hot: 'hot summers',
  'very-hot': 'very hot summers',
}
const RAIN: Record<RainKind, string> = {
  'dry-all-year': 'little rain all year',
  'rain-all-year': 'rain all year',
  'wet-summer': 'most rain in summer',
  'wet-winter': 'most rain in winter',
}

/** `Mild winters, warm summers, most rain in winter`. */
export const sayClimateKind = ({ winter, summer, rain }: ClimateKind): string =>
  capital(`${WINTERS[winter]}, ${SUMMERS[summer]}, ${RAIN[rain]}`)

/** °C from which a winter's or a summer's difference is worth a word. */
const WORTH_A_WORD = 1.5

/** `Milder winters, cooler summers`: how another climate differs. */
export function sayClimateDifference({ winter, summer, rain }: ClimateDifference): string {
  const words = [
    Math.abs(winter) >= WORTH_A_WORD && `${winter > 0 ? 'milder' : 'colder'} winters`,
    Math.abs(summer) >= WORTH_A_WORD && `${summer > 0 ? 'hotter' : 'cooler'} summers`,
  ].filter(Boolean)
  return capital(words.length > 0 ? words.join(', ') : rain > 0 ? 'more rain' : 'less rain')
}

/** A long distance, km, to about a tenth: `180 km`, `110 miles`. */
export function sayDistance(km: number, manner: Pick<Manner, 'units'>): string {
  const value = manner.units === 'us' ? km / 1.609344 : km
  const rounded = value < 20 ? Math.max(1, Math.round(value)) : Math.round(value / 10) * 10
  return `${rounded}\u00a0${inEither(manner, 'km', rounded === 1 ? 'mile' : 'miles')}`
}

/** Rain of a year, mm, as one says it: to ten millimetres, or a whole inch. */
export const sayYearRain = (mm: number, manner: Pick<Manner, 'units'>): string =>
  manner.units === 'us' ? `${Math.round(mm / 25.4)}\u00a0in` : `${Math.round(mm / 10) * 10}\u00a0mm`
