import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { boolean, number, object, string } from 'yup'
import {
  HABITS,
  ORIGINS,
  PEPPER_FRUITS,
  TOMATO_FRUITS,
  type Crop,
  type FruitType,
  type Habit,
  type Origin,
} from '../../core/crop'
import type { GardenCultivar } from '../../core/facts'
import { id, idField, name, orNull } from './fields'
import { gardenId } from './garden'
import { record } from './record'

export const cultivar = sqliteTable(
  'cultivar',
  {
    id: id(),
    gardenId: gardenId(),
    name: text().notNull(),
    crop: text().$type<Crop>().notNull(),
    habit: text().$type<Habit>(),
    fruit: text().$type<FruitType>().notNull(),
    origin: text().$type<Origin>().notNull(),
    daysToMaturity: integer(),
    maturityFrom: text().$type<'transplanting' | 'sowing'>().notNull(),
    ripeColour: text().notNull(),
    grafted: integer({ mode: 'boolean' }).notNull(),
    notes: text().notNull(),
  },
  (table) => [index('cultivar_of_garden').on(table.gardenId)],
)

/** A cultivar as it is kept. */
export const cultivarRow = object({
  id: idField().required(),
  name: name(),
  crop: string().required().oneOf(['tomato', 'pepper']),
  habit: orNull(string()).oneOf([...HABITS, null]),
  fruit: string()
    .required()
    .oneOf([...TOMATO_FRUITS, ...PEPPER_FRUITS]),
  origin: string().required().oneOf(ORIGINS),
  daysToMaturity: orNull(number().integer().min(30).max(200)),
  maturityFrom: string().required().oneOf(['transplanting', 'sowing']),
  ripeColour: string().defined().max(60),
  grafted: boolean().required(),
  notes: string().defined().max(4000),
})
  .noUnknown()
  .test('of-its-crop', '', function check({ crop, habit, fruit }) {
    const isPepper = crop === 'pepper'
    const own: readonly string[] = isPepper ? PEPPER_FRUITS : TOMATO_FRUITS
    if (!own.includes(fruit))
      return this.createError({
        path: `${this.path}.fruit`,
        message: `${this.path}.fruit must be one of a ${crop}: ${own.join(', ')}`,
      })
    if (isPepper === (habit === null)) return true
    return this.createError({
      path: `${this.path}.habit`,
      message: `${this.path}.habit must be ${isPepper ? 'null for a pepper' : `one of ${HABITS.join(', ')}`}`,
    })
  })

export const cultivarRecord = record<GardenCultivar>({
  name: 'cultivar',
  table: cultivar,
  row: cultivarRow,
  most: 5000,
  key: ['id'],
  order: [cultivar.name],
  since: 1,
  versions: {},
})
