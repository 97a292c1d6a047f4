import { array, lazy, number, object, string, type ObjectShape } from 'yup'
import {
  CAGE_BOUNDS,
  MOST_NEW_PLACES,
  MOST_PLANTS_AT_ONCE,
  SEASON_BOUNDS,
  SPACING_BOUNDS,
  UNION_BOUNDS,
} from '../../../core/bounds'
import type { IsoDate } from '../../../core/calendar'
import { CARRIES, CROPS, HABITS, PEPPER_FRUITS, TOMATO_FRUITS, TRAININGS } from '../../../core/crop'
import { SPACING_SCHOOLS, SUPPORTS, type Manner } from '../../../core/facts'
import { WATERED_LATELY } from '../../../core/season'
import { LAYINGS } from '../../../core/spacing'
import {
  choiceField,
  optionalDateField,
  orNothing,
  quantityField,
  shareField,
  wholeField,
} from '../../../wording/fields'
import { longUnit } from '../../../wording/either'
import { AS_USUAL, BEGINNINGS, GOT, kindChosen, NEW, type PlantingValues, type SpotValues } from './values'

/** Lines of one form. */
const MOST_SPOTS = 40
const MOST_LEAVES = 100
const OWN = { low: SPACING_BOUNDS[0], high: SPACING_BOUNDS[1] }
const MATURITY = 'Whole days from the packet, 30 to 200; or leave it empty.'

/** A name that may be left out. */
const optionalName = () =>
  string()
    .trim()
    .default('')
    .max(70, 'At most 70 characters, please.')
    .matches(/^[^\p{Cc}]*$/u, 'On one line, please.')

function newPlaceFields(manner: Manner, isPot: boolean): ObjectShape {
  const size = () => quantityField('length', manner, { low: 0.1, high: 500, bareUnit: longUnit(manner) })
  return {
    many: wholeField(1, MOST_NEW_PLACES, 'how many places'),
    name: optionalName(),
    ...(isPot
      ? {
          litres: quantityField('volume', manner, { low: 1, high: 1000 }),
          length: orNothing(quantityField('length', manner, { low: 0.1, high: 3 })),
        }
      : { length: size(), width: size() }),
  }
}

const spotField = (manner: Manner) =>
  lazy((spot: SpotValues | undefined) => {
    const kind = kindChosen(spot?.place ?? '')
    return object({
      place: string().required('Choose a place.').max(64),
      ...(kind && newPlaceFields(manner, kind === 'container')),
      count: wholeField(1, MOST_PLANTS_AT_ONCE, 'how many plants you want'),
      anyway: string().default('').max(3),
    })
  })

const cultivarFields = (manner: Manner): ObjectShape => ({
  cultivarName: optionalName(),
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
  ripeColour: string().trim().default('').max(60, 'At most 60 characters, please.'),
  grafted: string().default('').max(3),
  unionHeight: orNothing(quantityField('length', manner, { low: UNION_BOUNDS[0], high: UNION_BOUNDS[1] })),
})

const sizeFields = (manner: Manner): ObjectShape => ({
  height: orNothing(quantityField('length', manner, { low: 0.02, high: 4 })),
  leaves: orNothing(wholeField(0, MOST_LEAVES, 'how many leaves')),
  carries: choiceField(CARRIES, 'what they carry'),
})

/** A day that has come, or nothing. */
const beforeNow = (manner: Manner, today: IsoDate) =>
  optionalDateField(manner, today).test(
    'past',
    'That day is still to come.',
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

/** What of a form decides what is asked in it. */
export type Deciding = Pick<PlantingValues, 'cultivar' | 'differs' | 'begins' | 'got'>

/** A planting as it is asked for; what a new place or cultivar needs is only asked for when there is one. */
export function plantingSchema(manner: Manner, today: IsoDate, values: Deciding) {
  return object({
    begins: choiceField(BEGINNINGS, 'how they begin'),
    ...beginningFields(manner, today, values),
    spots: array(spotField(manner) as never)
      .required()
      .min(1, 'Say where they go.')
      .max(MOST_SPOTS, `At most ${MOST_SPOTS} places in one go.`),
    cultivar: string().required('Choose a cultivar.').max(64),
    ...((values.cultivar === NEW || values.differs === 'yes') && cultivarFields(manner)),
    season: wholeField(SEASON_BOUNDS[0], SEASON_BOUNDS[1], 'which season it is for'),
    ownInRow: orNothing(quantityField('length', manner, OWN)),
    ownLines: orNothing(quantityField('length', manner, OWN)),
    ownCage: orNothing(quantityField('length', manner, { low: CAGE_BOUNDS[0], high: CAGE_BOUNDS[1] })),
    training: choiceField(TRAININGS, 'how they are led'),
    support: choiceField(SUPPORTS, 'a support'),
    spacingSchool: choiceField(SPACING_SCHOOLS, 'how close'),
    laying: choiceField([AS_USUAL, ...LAYINGS] as const, 'how they are laid'),
    germination: shareField('the germination rate'),
    survival: shareField('the seedling survival'),
  })
}

/** The schema depends on what is chosen. */
export function chosenSchema(manner: Manner, today: IsoDate) {
  return {
    validate: (values: PlantingValues, options: object) =>
      plantingSchema(manner, today, values).validate(values, options),
    validateSync: (values: PlantingValues, options: object) =>
      plantingSchema(manner, today, values).validateSync(values, options),
  } as unknown as ReturnType<typeof plantingSchema>
}
