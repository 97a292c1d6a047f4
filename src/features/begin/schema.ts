import { object, string } from 'yup'
import { SITE_BOUNDS } from '../../core/bounds'
import { isTimeZone, type IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { parseCoordinates } from '../../core/quantity'
import { isClimateSource } from '../../data/records/climate-source'
import {
  choiceField,
  currencyField,
  nameField,
  optionalDateField,
  orNothing,
  quantityField,
} from '../../wording/fields'
import { longUnit } from '../../wording/either'
import { FIRST_PLACES, HAVES, type BeginValues } from './values'

export const mannerOf = ({
  units,
  decimals,
  dates,
  currency,
}: Pick<BeginValues, 'units' | 'decimals' | 'dates' | 'currency'>) =>
  ({
    units: units === 'us' ? 'us' : 'metric',
    decimals: decimals === 'comma' ? 'comma' : 'point',
    dates: dates === 'month-first' || dates === 'iso' ? dates : 'day-first',
    currency: currency || null,
  }) satisfies Manner

/** Where a garden lies and what its climate is like: what its first answer is worked out from. */
export function whereFields(manner: Manner, today: IsoDate) {
  return {
    where: string()
      .required('Say where you grow: a town, or coordinates from any map.')
      .max(120, 'That is too long. A town and its country are enough.')
      .test(
        'spot',
        'Choose your town from the list, or type coordinates such as 41.2 N 97.6 W.',
        function (_) {
          return !('error' in parseCoordinates(String(this.parent.spot ?? '')))
        },
      ),
    spot: string().default('').max(80),
    elevation: orNothing(
      quantityField('length', manner, {
        low: SITE_BOUNDS.elevation[0],
        high: SITE_BOUNDS.elevation[1],
        bareUnit: longUnit(manner),
      }),
    ),
    climate: string().required().test('climate', 'Choose a climate.', isClimateSource),
    lastFrost: optionalDateField(manner, today),
    hottest: orNothing(quantityField('temperature', manner, { low: 5, high: 50 })),
  }
}

/** Everything that a garden begins with, checked in the units and dates just chosen. */
export function beginSchema(typed: BeginValues, today: IsoDate) {
  const manner = mannerOf(typed)
  const size = () => quantityField('length', manner, { low: 0.1, high: 500, bareUnit: longUnit(manner) })
  return object({
    ...whereFields(manner, today),
    have: choiceField(HAVES, 'what you have so far'),
    units: choiceField(['metric', 'us'] as const, 'units'),
    decimals: choiceField(['point', 'comma'] as const, 'how decimals are written'),
    dates: choiceField(['day-first', 'month-first', 'iso'] as const, 'how dates are written'),
    currency: currencyField(),
    timeZone: string()
      .required('Choose a time zone.')
      .max(120)
      .test('zone', 'This time zone is not known. Write it as Continent/City, or UTC.', isTimeZone),
    placeName: nameField('the place'),
    placeKind: choiceField(FIRST_PLACES, 'what kind of place it is'),
    placeLength: size(),
    placeWidth: size(),
  })
}

/** The schema by what is typed: its fields are read in the units that are chosen. */
export function chosenSchema(today: IsoDate) {
  return {
    validate: (values: BeginValues, options: object) => beginSchema(values, today).validate(values, options),
    validateSync: (values: BeginValues, options: object) =>
      beginSchema(values, today).validateSync(values, options),
  } as unknown as ReturnType<typeof beginSchema>
}
