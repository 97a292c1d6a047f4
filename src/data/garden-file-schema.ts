import { array, boolean, lazy, number, object, string, type AnySchema } from 'yup'
import { CLIMATE_TEMPLATE_IDS, NORMAL_BOUNDS } from '../core/climate'
import { HABITS, ORIGINS, PEPPER_FRUITS, TOMATO_FRUITS, TRAININGS } from '../core/crop'
import { POT_SHAPES } from '../core/containers'
import {
  LARGEST_PHOTO,
  OBSTACLE_KINDS,
  PHOTO_TYPES,
  type PhotoType,
  PLACE_KINDS,
  RAISING_WAYS,
  SHELTERS,
  SIDES,
  SOILS,
  SPACING_SCHOOLS,
  SUPPLY_KINDS,
  SUPPORTS,
} from '../core/facts'
import { NITROGEN_FORMS, RELEASES } from '../core/feeding'
import { entrySchema, idField, isoDateField } from './entry-schema'

const name = () => string().required().max(120)
const metres = (most: number) => number().required().min(0).max(most)
const orNull = <S extends AnySchema>(schema: S) => schema.nullable().defined()
const measure = (low: number, high: number) => number().required().min(low).max(high)
const bounded = (field: keyof typeof NORMAL_BOUNDS) => measure(...NORMAL_BOUNDS[field])

/** A place as it is kept. */
export const placeRow = object({
  id: idField().required(),
  name: name(),
  kind: string().required().oneOf(PLACE_KINDS),
  x: measure(-10_000, 10_000),
  y: measure(-10_000, 10_000),
  length: metres(1000),
  width: metres(1000),
  turn: measure(-360, 360),
  height: orNull(number().min(0.02).max(20)),
  soilDepth: metres(5),
  raised: boolean().required(),
  mulch: string().required().oneOf(['bare', 'straw', 'grass', 'dark-film', 'clear-film']),
  openSides: array(string().required().oneOf(SIDES)).required(),
  dripLines: array(metres(1000)).required(),
  emitterSpacing: orNull(number().min(0.01).max(10)),
  emitterFirst: orNull(number().min(0).max(1000)),
  emitterFlow: orNull(number().min(0.01).max(1000)),
  pot: object({
    shape: string().required().oneOf(POT_SHAPES),
    bottom: orNull(number().min(0.02).max(20)),
    selfWatering: boolean().required(),
  })
    .noUnknown()
    .nullable()
    .defined()
    .default(undefined),
  from: orNull(isoDateField()),
  to: orNull(isoDateField()),
}).noUnknown()

/** A planting as it is kept. */
export const plantingRow = object({
  id: idField().required(),
  cultivarId: idField().required(),
  placeId: idField().required(),
  season: number().required().integer().min(1900).max(2400),
  count: number().required().integer().min(1).max(10_000),
  training: string().required().oneOf(TRAININGS),
  support: string().required().oneOf(SUPPORTS),
  spacingSchool: string().required().oneOf(SPACING_SCHOOLS),
  germination: measure(0.01, 1),
  survival: measure(0.01, 1),
  raising: string().required().oneOf(RAISING_WAYS),
  plannedSow: orNull(isoDateField()),
  plannedSetOut: orNull(isoDateField()),
}).noUnknown()

/** A plant as it is kept. */
export const plantRow = object({
  id: idField().required(),
  plantingId: idField().required(),
  label: name(),
  x: measure(-1000, 1000),
  y: measure(-1000, 1000),
  from: orNull(isoDateField()),
  to: orNull(isoDateField()),
}).noUnknown()

/** An obstacle as it is kept. */
export const obstacleRow = object({
  id: idField().required(),
  name: name(),
  kind: string().required().oneOf(OBSTACLE_KINDS),
  x: measure(-10_000, 10_000),
  y: measure(-10_000, 10_000),
  length: measure(0.01, 1000),
  width: measure(0.01, 1000),
  height: measure(0.01, 200),
  turn: measure(-360, 360),
  density: measure(0, 1),
  from: orNull(isoDateField()),
  to: orNull(isoDateField()),
}).noUnknown()

/** A line of the shed as it is kept. */
export const supplyRow = object({
  id: idField().required(),
  kind: string().required().oneOf(SUPPLY_KINDS),
  name: string().defined().max(120),
  quantity: measure(0, 1_000_000),
  length: orNull(number().min(0.01).max(100)),
  pack: measure(0.001, 1_000_000),
  price: orNull(number().min(0).max(10_000_000)),
}).noUnknown()

/** A feed of the garden's own, as it is kept. */
export const productRow = object({
  id: idField().required(),
  name: string().required().max(80),
  n: measure(0, 100),
  p2o5: measure(0, 100),
  k2o: measure(0, 100),
  nitrogen: string().required().oneOf(NITROGEN_FORMS),
  liquid: boolean().required(),
  release: string().required().oneOf(RELEASES),
  releaseDays: orNull(number().min(1).max(1000)),
  bulkDensity: measure(0.05, 5),
  labelRate: orNull(number().min(0.001).max(1000)),
  labelPlant: orNull(number().min(0.001).max(100_000)),
  pack: orNull(number().min(0.1).max(10_000_000)),
  price: orNull(number().min(0).max(10_000_000)),
})
  .noUnknown()
  .test(
    'at-most-all',
    '${path} must hold at most 100 % together',
    (row) => (row.n ?? 0) + (row.p2o5 ?? 0) + (row.k2o ?? 0) <= 100,
  )

/** What a sensor read, as it is kept. */
const readingRow = object({
  placeId: idField().required(),
  at: string()
    .required()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/),
  on: isoDateField().required(),
  content: measure(0, 0.9),
}).noUnknown()

/** A photo as it is kept; the picture itself is a file of its own. */
const photoRow = object({
  id: idField().required(),
  entryId: idField().required(),
  type: string<PhotoType>().required().oneOf(PHOTO_TYPES),
  bytes: number().required().integer().min(1).max(LARGEST_PHOTO),
  width: number().required().integer().min(1).max(100_000),
  height: number().required().integer().min(1).max(100_000),
}).noUnknown()

/** A garden file, whole: every field there, none beside it, each within what can be true. */
export const gardenFileSchema = object({
  format: string().required(),
  version: number().required().integer().min(1),
  garden: object({
    id: idField().required(),
    name: name(),
    latitude: measure(-90, 90),
    longitude: measure(-180, 180),
    elevation: measure(-430, 6000),
    timeZone: name(),
    units: string().required().oneOf(['metric', 'us']),
    decimals: string().required().oneOf(['point', 'comma']),
    dates: string().required().oneOf(['day-first', 'month-first', 'iso']),
    clockDate: orNull(isoDateField()),
    shelter: string().required().oneOf(SHELTERS),
    soil: string().required().oneOf(SOILS),
    climateTemplate: string().required().oneOf(CLIMATE_TEMPLATE_IDS),
    climateShift: measure(-40, 40),
    station: string().required().oneOf(['simulated', 'normals']),
    seed: number().required().integer(),
    houseSchools: lazy((schools) =>
      object(
        Object.fromEntries(
          Object.keys((schools as object | null) ?? {}).map((key) => [key, string().required().max(40)]),
        ),
      ).required(),
    ),
  })
    .noUnknown()
    .required(),
  normals: array(
    object({
      month: number().required().integer().min(1).max(12),
      source: string().required().oneOf(['template', 'entered']),
      tmin: bounded('tmin'),
      tmax: bounded('tmax'),
      rain: bounded('rain'),
      wetDays: bounded('wetDays'),
      dewPoint: bounded('dewPoint'),
      wind: bounded('wind'),
      solar: bounded('solar'),
    }).noUnknown(),
  )
    .required()
    .length(12),
  weather: array(
    object({
      date: isoDateField().required(),
      source: string().required().oneOf(['imported', 'entered', 'simulated']),
      tmin: measure(-90, 60),
      tmax: measure(-90, 60),
      rain: orNull(number().min(0).max(2000)),
      dewPoint: orNull(number().min(-90).max(40)),
      wind: orNull(number().min(0).max(100)),
      solar: orNull(number().min(0).max(50)),
    }).noUnknown(),
  ).required(),
  places: array(placeRow).required(),
  obstacles: array(obstacleRow).required(),
  cropHistory: array(
    object({
      placeId: idField().required(),
      year: number().required().integer().min(1900).max(2400),
      family: name(),
    }).noUnknown(),
  ).required(),
  cultivars: array(
    object({
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
    }).noUnknown(),
  ).required(),
  plantings: array(plantingRow).required(),
  plants: array(plantRow).required(),
  supplies: array(supplyRow).required(),
  products: array(productRow).required(),
  readings: array(readingRow).required(),
  log: array(entrySchema).required(),
  photos: array(photoRow).required(),
  archive: array(
    object({
      season: number().required().integer().min(1900).max(2400),
      through: isoDateField().required(),
    }).noUnknown(),
  ).required(),
}).noUnknown()
