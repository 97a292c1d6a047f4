import { object, string } from 'yup'
import { SITE_BOUNDS } from '../../core/bounds'
import type { IsoDate } from '../../core/calendar'
import { CLIMATE_TEMPLATE_IDS } from '../../core/climate'
import { parseCoordinates, type UnitSystem } from '../../core/quantity'
import { choiceField, nameField, optionalDateField, quantityField } from '../../wording/fields'
import { longUnit } from '../../wording/written'

export interface BeginValues {
  where: string
  elevation: string
  climate: string
  lastFrost: string
  units: UnitSystem
  placeName: string
  placeKind: string
  placeLength: string
  placeWidth: string
  timeZone: string
}

export const FIRST_PLACES = ['bed', 'rows', 'container'] as const
/** The climate is taken by latitude. */
export const BY_LATITUDE = 'by-latitude'

/** The four questions of a first garden, checked in the units just chosen. */
export function beginSchema(units: UnitSystem, today: IsoDate) {
  const manner = { units: units === 'us' ? 'us' : 'metric', decimals: 'point', dates: 'iso' } as const
  const size = () => quantityField('length', manner, { low: 0.1, high: 500, bareUnit: longUnit(manner) })
  return object({
    where: string()
      .required('Say where the garden is: coordinates from any map, such as 41.2 N 97.6 W.')
      .test('coordinates', '', function check(text) {
        const read = parseCoordinates(text)
        return 'error' in read ? this.createError({ message: read.error }) : true
      }),
    elevation: quantityField('length', manner, {
      low: SITE_BOUNDS.elevation[0],
      high: SITE_BOUNDS.elevation[1],
      bareUnit: longUnit(manner),
    }),
    climate: choiceField([BY_LATITUDE, ...CLIMATE_TEMPLATE_IDS], 'a climate'),
    lastFrost: optionalDateField({ dates: units === 'us' ? 'month-first' : 'day-first' }, today),
    units: choiceField(['metric', 'us'] as const, 'units'),
    placeName: nameField('the place'),
    placeKind: choiceField(FIRST_PLACES, 'what kind of place it is'),
    placeLength: size(),
    placeWidth: size(),
    timeZone: string().default('UTC').max(60),
  })
}
