import { object, string, type AnySchema } from 'yup'
import { SITE_BOUNDS } from '../../core/bounds'
import { isTimeZone, type IsoDate } from '../../core/calendar'
import { NORMAL_BOUNDS, type MonthNormal } from '../../core/climate'
import { SHELTERS, SOILS, type Manner } from '../../core/facts'
import { parseCoordinates } from '../../core/quantity'
import {
  choiceField,
  currencyField,
  decimalField,
  nameField,
  optionalDateField,
  quantityField,
} from '../../wording/fields'
import { longUnit } from '../../wording/either'

export interface SiteValues {
  name: string
  where: string
  elevation: string
  timeZone: string
  units: string
  decimals: string
  dates: string
  /** Empty: none. */
  currency: string
  shelter: string
  soil: string
  clock: string
}

export function siteSchema(manner: Manner, today: IsoDate) {
  return object({
    name: nameField('the garden'),
    where: string()
      .required('Say where the garden is.')
      .test('coordinates', '', function check(text) {
        const read = parseCoordinates(text)
        return 'error' in read ? this.createError({ message: read.error }) : true
      }),
    elevation: quantityField('length', manner, {
      low: SITE_BOUNDS.elevation[0],
      high: SITE_BOUNDS.elevation[1],
      bareUnit: longUnit(manner),
    }),
    timeZone: string()
      .required('Choose a time zone.')
      .test('zone', 'This time zone is not known. Write it as Continent/City, or UTC.', isTimeZone),
    units: choiceField(['metric', 'us'] as const, 'units'),
    decimals: choiceField(['point', 'comma'] as const, 'how decimals are written'),
    dates: choiceField(['day-first', 'month-first', 'iso'] as const, 'how dates are written'),
    currency: currencyField(),
    shelter: choiceField(SHELTERS, 'how sheltered it is'),
    soil: choiceField(SOILS, 'a soil'),
    clock: optionalDateField(manner, today),
  })
}

/** The months as typed: a column of twelve for each field. */
export interface NormalsValues {
  months: Record<keyof MonthNormal, string>[]
}

export const NORMAL_FIELDS = [
  'tmin',
  'tmax',
  'rain',
  'wetDays',
  'dewPoint',
  'wind',
  'solar',
] as const satisfies readonly (keyof MonthNormal)[]

/** A month's numbers in the garden's units; `low` under `high` is checked where all are known. */
export function monthSchema(manner: Manner) {
  const us = manner.units === 'us'
  const bounds = (field: keyof MonthNormal) =>
    NORMAL_BOUNDS[field].map((value) => shownNormal(field, value, us)) as [number, number]
  const fields: Record<string, AnySchema> = Object.fromEntries(
    NORMAL_FIELDS.map((field) => [field, decimalField(...bounds(field))]),
  )
  return object(fields).test('order', '', function check(month) {
    const { tmin, tmax } = month as unknown as MonthNormal
    return (
      tmin < tmax ||
      this.createError({ path: `${this.path}.tmin`, message: 'The low must be below the high.' })
    )
  })
}

/** A normal as the table shows it: °C or °F, mm or in, m/s or mph; wet days and radiation are the same in both. */
export function shownNormal(field: keyof MonthNormal, value: number, us: boolean): number {
  if (!us) return value
  if (field === 'tmin' || field === 'tmax' || field === 'dewPoint') return value * 1.8 + 32
  if (field === 'rain') return value / 25.4
  return field === 'wind' ? value * MPH : value
}

/** What was typed into the table as SI. */
export function keptNormal(field: keyof MonthNormal, value: number, us: boolean): number {
  if (!us) return value
  if (field === 'tmin' || field === 'tmax' || field === 'dewPoint') return (value - 32) / 1.8
  if (field === 'rain') return value * 25.4
  return field === 'wind' ? value / MPH : value
}

const MPH = 3600 / 1609.344
