import { number, object, string, type ObjectShape } from 'yup'
import { SEASON_BOUNDS, SPACING_BOUNDS } from '../../../core/bounds'
import type { IsoDate } from '../../../core/calendar'
import { CARRIES, CROPS, HABITS, PEPPER_FRUITS, TOMATO_FRUITS, TRAININGS } from '../../../core/crop'
import { SPACING_SCHOOLS, SUPPORTS, type Manner } from '../../../core/facts'
import { WATERED_LATELY } from '../../../core/season'
import { LAYINGS } from '../../../core/spacing'
import {
  choiceField,
  nameField,
  optionalDateField,
  orNothing,
  quantityField,
  shareField,
  wholeField,
} from '../../../wording/fields'
import { longUnit } from '../../../wording/written'
import { BEGINNINGS, GOT, NEW, NEW_PLACES, type PlantingValues } from './values'

const placeFields = (manner: Manner) => {
  const size = () => quantityField('length', manner, { low: 0.1, high: 500, bareUnit: longUnit(manner) })
  return {
    placeName: nameField('the place'),
    placeKind: choiceField(NEW_PLACES, 'what kind of place it is'),
    placeLength: size(),
    placeWidth: size(),
  }
}

const OWN = { low: SPACING_BOUNDS[0], high: SPACING_BOUNDS[1] }
const MATURITY = 'Whole days from the packet, 30 to 200; or leave it empty.'
const cultivarFields = () => ({
  cultivarName: nameField('the cultivar'),
  crop: choiceField(CROPS, 'tomato or pepper'),
  habit: choiceField(HABITS, 'a habit'),
  fruit: choiceField([...TOMATO_FRUITS, ...PEPPER_FRUITS], 'a type of fruit'),
  daysToMaturity: number()
    .nullable()
    .transform((_, typed: unknown) =>
      String(typed ?? '').trim() === '' ? null : Number(String(typed).trim()),
    )
    .typeError(MATURITY)
    .integer(MATURITY)
    .min(30, MATURITY)
    .max(200, MATURITY),
  maturityFrom: choiceField(['transplanting', 'sowing'] as const, 'what the days count from'),
})

const MOST_LEAVES = 100
const sizeFields = (manner: Manner) => ({
  height: orNothing(quantityField('length', manner, { low: 0.02, high: 4 })),
  leaves: orNothing(wholeField(0, MOST_LEAVES, 'how many leaves')),
  carries: choiceField(CARRIES, 'what they carry'),
})

/** A day that has come, or nothing. */
const beforeNow = (manner: Manner, today: IsoDate) =>
  optionalDateField(manner, today).test(
    'past',
    'That day has not come yet.',
    (value) => !/^\d{4}-/.test(value) || value <= today,
  )

/** What is asked of the beginning that is chosen. */
function beginningFields(
  manner: Manner,
  today: IsoDate,
  { begins, got }: Pick<PlantingValues, 'begins' | 'got'>,
): ObjectShape {
  switch (begins) {
    case 'bought':
      return {
        got: choiceField(GOT, 'whether you have them'),
        ...(got === 'now' && {
          ...sizeFields(manner),
          potVolume: orNothing(quantityField('volume', manner, { low: 0.02, high: 100 })),
        }),
      }
    case 'growing':
      return {
        ...sizeFields(manner),
        since: beforeNow(manner, today),
        watered: choiceField(WATERED_LATELY, 'how they were watered lately'),
      }
    default:
      return { sownOn: beforeNow(manner, today) }
  }
}

/** A planting as it is asked for; what a new place or cultivar needs is only asked for when there is one. */
export function plantingSchema(
  manner: Manner,
  today: IsoDate,
  values: Pick<PlantingValues, 'place' | 'cultivar' | 'begins' | 'got'>,
) {
  return object({
    begins: choiceField(BEGINNINGS, 'how they begin'),
    ...beginningFields(manner, today, values),
    place: string().required('Choose a place.').max(64),
    cultivar: string().required('Choose a cultivar.').max(64),
    ...(values.place === NEW && placeFields(manner)),
    ...(values.cultivar === NEW && cultivarFields()),
    season: wholeField(SEASON_BOUNDS[0], SEASON_BOUNDS[1], 'which season it is for'),
    ownInRow: orNothing(quantityField('length', manner, OWN)),
    ownLines: orNothing(quantityField('length', manner, OWN)),
    anyway: string().default('').max(3),
    count: wholeField(1, 2000, 'how many plants you want'),
    training: choiceField(TRAININGS, 'how they are led'),
    support: choiceField(SUPPORTS, 'a support'),
    spacingSchool: choiceField(SPACING_SCHOOLS, 'how close'),
    laying: choiceField(LAYINGS, 'how they are laid'),
    germination: shareField('how many seeds come up'),
    survival: shareField('how many seedlings live'),
  })
}

/** The schema depends on what is chosen: whether place and cultivar are new. */
export function chosenSchema(manner: Manner, today: IsoDate) {
  return {
    validate: (values: PlantingValues, options: object) =>
      plantingSchema(manner, today, values).validate(values, options),
    validateSync: (values: PlantingValues, options: object) =>
      plantingSchema(manner, today, values).validateSync(values, options),
  } as unknown as ReturnType<typeof plantingSchema>
}
