import { array, boolean, mixed, number, object, string, type AnySchema } from 'yup'
import {
  MOST_DRIP_LINES,
  MOST_PLANTS,
  PLACE_BOUNDS,
  POT_BOUNDS,
  SEASON_BOUNDS,
  SEED_SHARE,
  SITE_BOUNDS,
  WEATHER_BOUNDS,
} from '../core/bounds'
import { isTimeZone } from '../core/calendar'
import { CLIMATE_TEMPLATE_IDS, MULCHES, NORMAL_BOUNDS } from '../core/climate'
import { HABITS, ORIGINS, PEPPER_FRUITS, TOMATO_FRUITS, TRAININGS } from '../core/crop'
import { POT_SHAPES } from '../core/containers'
import {
  LARGEST,
  OBSTACLE_KINDS,
  PHOTO_TYPES,
  type PhotoType,
  PLACE_KINDS,
  type Place,
  RAISING_WAYS,
  SHELTERS,
  SIDES,
  SOILS,
  SPACING_SCHOOLS,
  placeFault,
  SUPPLY_KINDS,
  SUPPORTS,
} from '../core/facts'
import { NITROGEN_FORMS, RELEASES } from '../core/feeding'
import { idField, isoDateField } from './entry-schema'

const name = () => string().required().max(120)
const orNull = <S extends AnySchema>(schema: S) => schema.nullable().defined()
const measure = (low: number, high: number) => number().required().min(low).max(high)
const bounded = (field: keyof typeof NORMAL_BOUNDS) => measure(...NORMAL_BOUNDS[field])

/** Decisions that a house has its own way in, at the most. */
const MOST_DECISIONS = 40

/** A garden as it is kept. */
export const gardenRow = object({
  id: idField().required(),
  name: name(),
  latitude: measure(...SITE_BOUNDS.latitude),
  longitude: measure(...SITE_BOUNDS.longitude),
  elevation: measure(...SITE_BOUNDS.elevation),
  timeZone: string()
    .required()
    .max(120)
    .test('zone', '${path} must be a time zone such as America/Chicago', (zone) => isTimeZone(zone ?? '')),
  units: string().required().oneOf(['metric', 'us']),
  decimals: string().required().oneOf(['point', 'comma']),
  dates: string().required().oneOf(['day-first', 'month-first', 'iso']),
  clockDate: orNull(isoDateField()),
  shelter: string().required().oneOf(SHELTERS),
  soil: string().required().oneOf(SOILS),
  climateTemplate: string().required().oneOf(CLIMATE_TEMPLATE_IDS),
  climateShift: measure(-40, 40),
  station: string().required().oneOf(['simulated', 'normals']),
  seed: number().required().integer().min(0).max(4_294_967_295),
  houseSchools: mixed<Record<string, string>>()
    .required()
    .test('schools', '${path} must name a school for each decision', (schools) => {
      const chosen = Object.entries(schools ?? {})
      return (
        !Array.isArray(schools) &&
        chosen.length <= MOST_DECISIONS &&
        chosen.every(([key, school]) => key.length <= 40 && typeof school === 'string' && school.length <= 40)
      )
    }),
})
  .noUnknown()
  .required()

/** A month of the climate as it is kept. */
export const monthRow = object({
  month: number().required().integer().min(1).max(12),
  source: string().required().oneOf(['template', 'entered']),
  tmin: bounded('tmin'),
  tmax: bounded('tmax'),
  rain: bounded('rain'),
  wetDays: bounded('wetDays'),
  dewPoint: bounded('dewPoint'),
  wind: bounded('wind'),
  solar: bounded('solar'),
})
  .noUnknown()
  .test('low-high', '${path}.tmin must be under its tmax', (month) => month.tmin < month.tmax)

/** A day of the weather as it is kept. */
export const weatherRow = object({
  date: isoDateField().required(),
  source: string().required().oneOf(['imported', 'entered', 'simulated']),
  tmin: measure(...WEATHER_BOUNDS.tmin),
  tmax: measure(...WEATHER_BOUNDS.tmax),
  rain: orNull(measure(...WEATHER_BOUNDS.rain)),
  dewPoint: orNull(measure(...WEATHER_BOUNDS.dewPoint)),
  wind: orNull(measure(...WEATHER_BOUNDS.wind)),
  solar: orNull(measure(...WEATHER_BOUNDS.solar)),
})
  .noUnknown()
  .test('low-high', '${path}.tmin must not be over its tmax', (day) => day.tmin <= day.tmax)

/** A family that stood in a place, as it is kept. */
export const cropRow = object({
  placeId: idField().required(),
  year: measure(...SEASON_BOUNDS).integer(),
  family: name(),
}).noUnknown()

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

/** A season that is archived, as it is kept. */
export const archiveRow = object({
  season: measure(...SEASON_BOUNDS).integer(),
  through: isoDateField().required(),
}).noUnknown()

/** A place as it is kept. */
export const placeRow = object({
  id: idField().required(),
  name: name(),
  kind: string().required().oneOf(PLACE_KINDS),
  x: measure(...PLACE_BOUNDS.spot),
  y: measure(...PLACE_BOUNDS.spot),
  length: measure(POT_BOUNDS.across[0], PLACE_BOUNDS.side[1]),
  width: measure(POT_BOUNDS.across[0], PLACE_BOUNDS.side[1]),
  turn: measure(...PLACE_BOUNDS.turn),
  height: orNull(measure(POT_BOUNDS.height[0], PLACE_BOUNDS.height[1])),
  soilDepth: measure(...PLACE_BOUNDS.soilDepth),
  raised: boolean().required(),
  mulch: string().required().oneOf(MULCHES),
  openSides: array(string().required().oneOf(SIDES)).required(),
  dripLines: array(measure(...PLACE_BOUNDS.along))
    .required()
    .max(MOST_DRIP_LINES),
  emitterSpacing: orNull(measure(...PLACE_BOUNDS.emitterSpacing)),
  emitterFirst: orNull(measure(...PLACE_BOUNDS.along)),
  emitterFlow: orNull(measure(...PLACE_BOUNDS.emitterFlow)),
  pot: object({
    shape: string().required().oneOf(POT_SHAPES),
    bottom: orNull(measure(...POT_BOUNDS.across)),
    selfWatering: boolean().required(),
  })
    .noUnknown()
    .nullable()
    .defined()
    .default(undefined),
  from: orNull(isoDateField()),
  to: orNull(isoDateField()),
})
  .noUnknown()
  .test('kind-of-place', '', function check(row: object | null | undefined) {
    if (!row) return true
    const place = row as unknown as Place
    const isPot = place.kind === 'container'
    const said = (field: string, message: string) =>
      this.createError({ path: `${this.path}.${field}`, message: `${this.path}.${field} ${message}` })
    if (isPot !== (place.pot !== null))
      return said('pot', isPot ? 'must tell of the pot' : `must be null: a ${place.kind} is no pot`)
    if (place.pot?.shape === 'tapered' && place.pot.bottom === null)
      return said('pot.bottom', 'must be the width of a tapered pot’s bottom')
    const fault = placeFault(place)
    if (!fault) return true
    const [low, high] = fault.bounds
    return said(fault.field, `of a ${place.kind} must be from ${low} to ${high} m`)
  })

/** A planting as it is kept. */
export const plantingRow = object({
  id: idField().required(),
  cultivarId: idField().required(),
  placeId: idField().required(),
  season: measure(...SEASON_BOUNDS).integer(),
  count: number().required().integer().min(1).max(MOST_PLANTS),
  training: string().required().oneOf(TRAININGS),
  support: string().required().oneOf(SUPPORTS),
  spacingSchool: string().required().oneOf(SPACING_SCHOOLS),
  germination: measure(...SEED_SHARE),
  survival: measure(...SEED_SHARE),
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
  pack: measure(0.01, 1_000_000),
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
export const readingRow = object({
  placeId: idField().required(),
  at: string()
    .required()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/),
  on: isoDateField().required(),
  content: measure(0, 0.9),
}).noUnknown()

/** A photo as it is kept; the picture itself is a file of its own. */
export const photoRow = object({
  id: idField().required(),
  entryId: idField().required(),
  type: string<PhotoType>().required().oneOf(PHOTO_TYPES),
  bytes: number().required().integer().min(1).max(LARGEST.photo),
  width: number().required().integer().min(1).max(100_000),
  height: number().required().integer().min(1).max(100_000),
}).noUnknown()
