import { text } from 'drizzle-orm/sqlite-core'
import { number, string, type AnySchema } from 'yup'
import type { Bounds } from '../../core/bounds'
import { isIsoDate, type IsoDate } from '../../core/calendar'
import { PERSON_NAME } from '../../core/facts'

/** Columns that many tables have. */
export const id = () => text().primaryKey()
export const date = () => text().$type<IsoDate>()

/** A calendar date that exists. */
export const isoDateField = () =>
  string<IsoDate>().test(
    'calendar-date',
    '${path} must be a calendar date such as 2026-06-18',
    (value) => value == null || isIsoDate(value),
  )

export const idField = () =>
  string().matches(/^[\w.-]{1,64}$/, '${path} must be an id of letters, digits and dashes')

/** A person's name. */
export const personField = () =>
  string()
    .min(1)
    .max(PERSON_NAME)
    .matches(/^[^\p{Cc}]*$/u, '${path} must hold no control characters')

/** Fields that many rows have. */
export const name = () => string().required().max(120)
export const orNull = <S extends AnySchema>(schema: S) => schema.nullable().defined()
export const measure = (low: number, high: number) => number().required().min(low).max(high)

/** A number brought to the nearest that can be; what is none stays as it is. */
export const within = (value: unknown, [low, high]: Bounds): unknown =>
  typeof value === 'number' && Number.isFinite(value) ? Math.min(high, Math.max(low, value)) : value
