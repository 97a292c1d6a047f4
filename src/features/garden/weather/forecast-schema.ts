import { array, object, string } from 'yup'
import { addDays, isIsoDate, type IsoDate } from '../../../core/calendar'
import type { Manner } from '../../../core/facts'
import { FORETOLD_BY_HAND } from './forecast-values'
import { LOW_OVER_HIGH, optionalMeasure } from './day-schema'

/** A forecast in the garden's units; a row that is empty says nothing of its day. */
export function forecastSchema({ units }: Manner, today: IsoDate) {
  const us = units === 'us'
  const day = object({
    tmin: optionalMeasure('tmin', us),
    tmax: optionalMeasure('tmax', us),
    rain: optionalMeasure('rain', us),
    wind: optionalMeasure('wind', us),
  })
    .required()
    .test('whole', '', function check({ tmin, tmax, rain, wind }) {
      const isSaid = [tmin, tmax, rain, wind].some((value) => value !== null)
      const fault = (field: 'tmin' | 'tmax', message: string) =>
        this.createError({ path: `${this.path}.${field}`, message })
      if (isSaid && tmin === null) return fault('tmin', 'Enter the low too.')
      if (isSaid && tmax === null) return fault('tmax', 'Enter the high too.')
      return tmin !== null && tmax !== null && tmin! > tmax! ? fault('tmin', LOW_OVER_HIGH) : true
    })
  return object({
    // The garden's day may have ended while the form was open.
    from: string()
      .required()
      .test(
        'near',
        'These days are in the past now. Load the screen again.',
        (from) => isIsoDate(from) && from >= addDays(today, -1) && from <= addDays(today, 1),
      ),
    days: array(day).required().length(FORETOLD_BY_HAND),
  })
}
