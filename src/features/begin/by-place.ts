import type { Manner } from '../../core/facts'
import { currencyOf } from '../../wording/currencies'

/** Countries that write feet, gallons and °F. */
const US_UNITS = ['US', 'LR', 'MM', 'PR', 'GU', 'VI', 'AS', 'MP']

/** The country of a browser's language, such as US of en-US; empty where it names none. */
function countryOf(locale: string): string {
  try {
    return new Intl.Locale(locale).region ?? ''
  } catch {
    return ''
  }
}

/**
 * How numbers and dates are written where a garden lies: units and money by its country, the rest by the browser's
 * language.
 */
export function mannerAt(country: string, locale: string): Manner {
  const land = country || countryOf(locale)
  const units = US_UNITS.includes(land) ? 'us' : 'metric'
  const currency = currencyOf(land)
  try {
    const decimal = new Intl.NumberFormat(locale).formatToParts(1.5).find(({ type }) => type === 'decimal')
    const order = new Intl.DateTimeFormat(locale)
      .formatToParts(new Date(2026, 4, 5))
      .flatMap(({ type }) => (type === 'day' || type === 'month' || type === 'year' ? [type] : []))
    return {
      units,
      currency,
      decimals: decimal?.value === ',' ? 'comma' : 'point',
      dates: order[0] === 'year' ? 'iso' : order[0] === 'month' ? 'month-first' : 'day-first',
    }
  } catch {
    return { units, currency, decimals: 'point', dates: units === 'us' ? 'month-first' : 'day-first' }
  }
}
