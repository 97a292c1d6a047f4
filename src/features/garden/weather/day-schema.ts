import { object, number } from 'yup'
import type { IsoDate } from '../../../core/calendar'
import { NORMAL_BOUNDS, type MonthNormal } from '../../../core/climate'
import type { Manner } from '../../../core/facts'
import { dayField, decimalField } from '../../../wording/fields'
import { shownNormal } from '../schema'

/** A day as it is typed. */
export interface DayValues {
  date: string
  tmin: string
  tmax: string
  rain: string
  dewPoint: string
  wind: string
  solar: string
}

/** What a day's number can be, in the garden's units; a month's rain is not a day's. */
const bounds = (field: keyof MonthNormal, us: boolean) =>
  (field === 'rain' ? [0, 500] : NORMAL_BOUNDS[field]).map((value) => shownNormal(field, value, us)) as [
    number,
    number,
  ]

type Needed = 'tmin' | 'tmax'
type Optional = Exclude<keyof MonthNormal, 'moistureTold'>

/** A measure of a day, in the garden's units. */
export const neededMeasure = (field: Needed, us: boolean) => decimalField(...bounds(field, us))

/** The same, or nothing. */
export function optionalMeasure(field: Optional, us: boolean) {
  const whole = decimalField(...bounds(field, us))
  const [low, high] = bounds(field, us)
  const message = `From ${Math.ceil(low)} to ${Math.floor(high)}, or leave it empty.`
  return number()
    .nullable()
    .default(null)
    .typeError(message)
    .transform((_, typed: unknown) =>
      String(typed ?? '').trim() === '' ? null : whole.cast(typed, { assert: false }),
    )
    .test('number', message, (value) => value === null || value === undefined || whole.isValidSync(value))
}

export const LOW_OVER_HIGH = 'The low cannot be above the high.'

/** A day's weather in the garden's units: date, low and high, and what else was measured. */
export function daySchema(manner: Manner, today: IsoDate) {
  const us = manner.units === 'us'
  return object({
    date: dayField(manner, today),
    tmin: neededMeasure('tmin', us),
    tmax: neededMeasure('tmax', us),
    rain: optionalMeasure('rain', us),
    dewPoint: optionalMeasure('dewPoint', us),
    wind: optionalMeasure('wind', us),
    solar: optionalMeasure('solar', us),
  }).test('order', '', function check({ tmin, tmax }) {
    // What is no number has its own fault already.
    return tmin > tmax ? this.createError({ path: 'tmin', message: LOW_OVER_HIGH }) : true
  })
}
