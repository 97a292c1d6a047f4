import type { Reason } from '../core/advice'
import type { Manner } from '../core/facts'
import { formatApart, formatMeasure, formatNumber, type Measure } from '../core/quantity'
import { formatDate } from './dates'
import { capital, listed, nameOf } from './names'
import { written } from './written'

/** A plain number, rounded as one writes it down. */
export const sayNumber = (value: number, manner: Manner, digits = 1): string =>
  formatNumber(value, manner, digits)

/** A number as it is typed into a field, with all its digits. */
export const typedNumber = (value: number, { decimals }: Pick<Manner, 'decimals'>): string =>
  decimals === 'comma' ? String(value).replace('.', ',') : String(value)

/** kg in the gardener's units. */
export const sayMass = (value: number, manner: Manner): string =>
  formatMeasure({ kind: 'mass', value }, manner)

/** Hours of work, to the tenth. */
export const sayHours = (hours: number, manner: Manner): string => `${sayNumber(hours, manner)} h`

/** L in the gardener's units. */
export const sayVolume = (value: number, manner: Manner): string =>
  formatMeasure({ kind: 'volume', value }, manner)

/** A measure in the gardener's units, date style and words. */
export function sayMeasure(measure: Measure, manner: Manner): string {
  switch (measure.kind) {
    case 'date':
      return formatDate(measure.value, manner)
    case 'name':
      return nameOf(measure.value)
    default:
      return formatMeasure(measure, manner)
  }
}

/** `{nights}`, `{nights night}`, `{kept leaf|leaves}`: a value, and what it counts. */
const VALUE = /\{(\w+)(?: ([a-z ]+)(?:\|([a-z ]+))?)?\}/g
/** `{+ suckers sucker, leaves leaf|leaves}`: a list of what is counted, without those of which there are none. */
const LIST = /\{\+ ([^}]+)\}/g

/** A sentence with a reason's values in its braces. @throws RangeError when it wants a value that the reason does not hold */
export function fillIn(sentence: string, reason: Reason, manner: Manner): string {
  const isSome = (part: string) => {
    const value = reason.values[part.split(' ', 1)[0]!]
    return value?.kind !== 'count' || value.value > 0
  }
  const whole = sentence.replace(LIST, (_, parts: string) =>
    listed(
      parts
        .split(', ')
        .filter(isSome)
        .map((part) => `{${part}}`),
    ),
  )
  return written(whole, manner).replace(VALUE, (_, key: string, one?: string, many?: string, at = 0) => {
    const value = reason.values[key]
    if (value === undefined) throw new RangeError(`${reason.rule} must hold ${key}`)
    if (one && value.kind === 'count') return sayCounted(value.value, manner, one, many)
    if (key === 'odds' && value.kind === 'share')
      return at === 0 ? capital(sayOdds(value.value)) : sayOdds(value.value)
    return value.kind === 'temperature' ? sayApart(value.value, reason, manner) : sayMeasure(value, manner)
  })
}

/** A temperature beside its limit, with the digits that tell them apart. */
function sayApart(value: number, { values }: Reason, manner: Manner): string {
  const other = Object.values(values).find((one) => one.kind === 'temperature' && one.value !== value)
  return other?.kind === 'temperature'
    ? formatApart(value, other.value, manner)
    : sayTemperature(value, manner)
}

export const sayLength = (value: number, manner: Manner) => formatMeasure({ kind: 'length', value }, manner)
export const sayTemperature = (value: number, manner: Manner) =>
  formatMeasure({ kind: 'temperature', value }, manner)

/** A share of seasons as one would say it: `3 years in 10`. */
export function sayOdds(share: number): string {
  const years = Math.round(share * 10)
  if (share === 0) return 'never'
  if (years === 0) return 'fewer than 1 year in 10'
  if (share === 1) return 'every year'
  return years === 10 ? 'more than 9 years in 10' : `${sayCount(years, 'year')} in 10`
}

/** A reason's count and what it counts, as the garden writes numbers. */
function sayCounted(value: number, manner: Manner, one: string, many = `${one}s`): string {
  const number = sayNumber(value, manner)
  return `${number} ${number === '1' ? one : many}`
}

/** `6 plants`, `1 plant`. */
export const sayCount = (value: number, one: string, many = `${one}s`) =>
  `${value} ${value === 1 ? one : many}`
