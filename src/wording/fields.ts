import { lazy, mixed, number, string, type MixedSchema, type NumberSchema } from 'yup'
import { parseDate, type IsoDate } from '../core/calendar'
import type { Manner } from '../core/facts'
import { formatMeasure, parseQuantity, type QuantityKind } from '../core/quantity'
import { formatDate } from './dates'

/**
 * Form fields that take what people type, in either unit, and answer in words beside the field. Client and
 * server check with the same ones.
 */

/** A quantity of a kind from `low` to `high`, SI; typed text becomes its SI value. @param bounds `how`: how one learns it */
export function quantityField(
  kind: QuantityKind,
  manner: Manner,
  bounds: { low: number | 'more than nothing'; high: number; bareUnit?: string; how?: string },
): NumberSchema<number> {
  const { low, high, bareUnit, how } = bounds
  const say = (value: number) => formatMeasure({ kind, value }, manner)
  const isWithin = (si: number) => (low === 'more than nothing' ? si > 0 : si >= low) && si <= high
  const range =
    low === 'more than nothing' ? `More than nothing, up to ${say(high)}` : `From ${say(low)} to ${say(high)}`
  const message = how ? `${range}: ${how}.` : `${range}, please.`
  return mixed<number>()
    .transform((_, original: unknown) =>
      typeof original === 'number' ? original : readText(String(original ?? '')),
    )
    .test('quantity', '', function check(value: unknown) {
      if (value instanceof Error) return this.createError({ message: value.message })
      return isWithin(value as number) || this.createError({ message })
    })
    .required() as unknown as NumberSchema<number>

  // An unreadable text travels through the cast as its own error, so that the message reaches the field.
  function readText(text: string): number | Error {
    const parsed = parseQuantity(text, kind, manner.units, bareUnit)
    return 'error' in parsed ? new Error(parsed.error) : parsed.value
  }
}

/** A whole number from `low` to `high`. */
export function wholeField(low: number, high: number, what: string) {
  const message = `A whole number from ${low} to ${high.toLocaleString('en')}, please.`
  return number()
    .transform((_, original: unknown) => {
      const text = String(original ?? '').trim()
      return /^[+-]?\d{1,12}$/.test(text) ? Number(text) : NaN
    })
    .typeError(message)
    .required(`Say ${what}.`)
    .integer(message)
    .min(low, message)
    .max(high, message)
}

/** A percentage as typed, from 1 on, kept as a share. */
export function shareField(what: string, most = 1) {
  const message = `From 1 to ${most * 100} %, please.`
  return number()
    .transform((_, original: unknown) => {
      if (typeof original === 'number') return original
      const match = /^\s*(\d{1,3}(?:[.,]\d+)?)\s*%?\s*$/.exec(String(original ?? ''))
      return match ? Number(match[1]!.replace(',', '.')) / 100 : NaN
    })
    .typeError(message)
    .required(`Say ${what}.`)
    .min(0.01, message)
    .max(most, message)
}

/** A name of 1–80 characters, on one line. */
export function nameField(what: string) {
  return string()
    .trim()
    .required(`Give ${what} a name.`)
    .max(80, 'At most 80 characters, please.')
    .matches(/^[^\p{Cc}]*$/u, 'On one line, please.')
}

export function noteField() {
  return string()
    .trim()
    .transform((text: string) => text.replace(/[^\P{Cc}\t\n]/gu, ''))
    .default('')
    .max(2000, 'At most 2,000 characters, please.')
}

/** A day that has come, as the garden writes it or in a word such as `yesterday`; typed text becomes an ISO date. */
export function dayField({ dates }: Pick<Manner, 'dates'>, today: IsoDate) {
  return string()
    .required('Choose a day.')
    .transform((_, typed: unknown) => parseDate(String(typed ?? ''), today, dates) ?? NOT_A_DATE)
    .test('date', `A date such as ${formatDate(today, { dates })}.`, (value) => value !== NOT_A_DATE)
    .test('past', 'That day is still to come.', (value) => value === NOT_A_DATE || value! <= today)
}

/** A date as the garden writes it, or empty; typed text becomes an ISO date, `''` stays empty. */
export function optionalDateField({ dates }: Pick<Manner, 'dates'>, today: IsoDate) {
  const example = formatDate('2026-05-05' as IsoDate, { dates })
  return string()
    .default('')
    .transform((_, typed: unknown) => {
      const text = String(typed ?? '').trim()
      return text === '' ? '' : (parseDate(text, today, dates) ?? NOT_A_DATE)
    })
    .test('date', `A date such as ${example}, or leave it empty.`, (value) => value !== NOT_A_DATE)
}
const NOT_A_DATE = 'not a date'

export function choiceField<T extends string>(choices: readonly T[], what: string) {
  return string<T>().required(`Choose ${what}.`).oneOf(choices, `Choose ${what}.`)
}

/** A currency's code; empty where none is chosen. */
export const currencyField = () =>
  string()
    .default('')
    .matches(/^([A-Z]{3})?$/, 'Choose a currency from the list.')

/** A plain number from `low` to `high`, with point or comma, in the unit that stands beside it. */
export function decimalField(low: number, high: number) {
  const message = `From ${sayBound(low, Math.ceil)} to ${sayBound(high, Math.floor)}, please.`
  return number()
    .transform((_, original: unknown) => {
      if (typeof original === 'number') return original
      const text = String(original ?? '')
        .trim()
        .replace('−', '-')
        .replace(',', '.')
      return /^-?(\d{1,9}(\.\d{0,9})?|\.\d{1,9})$/.test(text) ? Number(text) : NaN
    })
    .typeError(message)
    .required(message)
    .min(low, message)
    .max(high, message)
}

/** A bound, rounded inwards where it is converted from another unit. */
const sayBound = (value: number, inwards: (value: number) => number) =>
  (Math.abs(value) < 1 ? value : inwards(value * 10) / 10).toLocaleString('en', { maximumFractionDigits: 3 })

/** A field where nothing may be typed too: null. */
export const orNothing = (field: NumberSchema<number>) =>
  lazy((typed: unknown) =>
    typed === null || String(typed ?? '').trim() === ''
      ? mixed<number>()
          .nullable()
          .transform(() => null)
      : (field as unknown as MixedSchema<number | null | undefined>),
  )
