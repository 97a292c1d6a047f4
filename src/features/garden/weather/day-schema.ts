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

/** A day's weather in the garden's units: date, low and high, and what else was measured. */
export function daySchema(manner: Manner, today: IsoDate) {
  const us = manner.units === 'us'
  const needed = (field: 'tmin' | 'tmax') => decimalField(...bounds(field, us))
  const optional = (field: 'rain' | 'dewPoint' | 'wind' | 'solar') => {
    const whole = decimalField(...bounds(field, us))
    return number()
      .nullable()
      .default(null)
      .typeError(
        `From ${Math.ceil(bounds(field, us)[0])} to ${Math.floor(bounds(field, us)[1])}, or leave it empty.`,
      )
      .transform((_, typed: unknown) =>
        String(typed ?? '').trim() === '' ? null : whole.cast(typed, { assert: false }),
      )
      .test('number', '', function check(value) {
        if (value === null || value === undefined) return true
        const answer = whole.isValidSync(value)
        return (
          answer ||
          this.createError({
            message: `From ${Math.ceil(bounds(field, us)[0])} to ${Math.floor(bounds(field, us)[1])}, or leave it empty.`,
          })
        )
      })
  }
  return object({
    date: dayField(manner, today),
    tmin: needed('tmin'),
    tmax: needed('tmax'),
    rain: optional('rain'),
    dewPoint: optional('dewPoint'),
    wind: optional('wind'),
    solar: optional('solar'),
  }).test('order', '', function check({ tmin, tmax }) {
    // What is no number has its own fault already.
    return tmin > tmax
      ? this.createError({ path: 'tmin', message: 'The low must not be over the high.' })
      : true
  })
}
