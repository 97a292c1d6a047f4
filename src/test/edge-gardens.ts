import { GARDEN_VERSION } from '../core/facts'
import fc from 'fast-check'
import type { AnySchema, SchemaDescription, SchemaInnerTypeDescription, SchemaObjectDescription } from 'yup'
import { addDays, isoDate, type IsoDate } from '../core/calendar'
import { CLIMATE_TEMPLATE_IDS, normalsFor, NORMAL_BOUNDS, type MonthNormal } from '../core/climate'
import { ENTRY_KINDS, type EntryKind, type LogEntry } from '../core/log'
import { ENTRY_DATA } from '../data/records/entry-schema'
import { GARDEN_FORMAT, RECORDS, type GardenFile } from '../data/records'
import { gardenFileFaults } from '../data/garden-file-schema'
import { gardenRecord } from '../data/records/garden'

/**
 * Gardens that are accepted, drawn at the edges of every bound that their own schemas state: what a garden file may
 * hold, every screen must bear.
 */

type Row = Record<string, unknown>
type Described = SchemaDescription & Partial<SchemaObjectDescription & SchemaInnerTypeDescription>

const DATES = [
  '1900-01-01',
  '2024-02-29',
  '2026-04-20',
  '2026-06-18',
  '2026-06-19',
  '2026-12-31',
  '2399-12-31',
]

/** Values at the edges of what a schema says of itself. */
function edgesOf(described: Described): fc.Arbitrary<unknown> {
  const { type, tests, oneOf, nullable, optional } = described
  const test = (name: string) => tests.find((one) => one.name === name)?.params as Row | undefined
  const own = (): fc.Arbitrary<unknown> => {
    if (oneOf.length > 0) return fc.constantFrom(...oneOf)
    switch (type) {
      case 'number': {
        const [low, high] = [Number(test('min')?.min ?? 0), Number(test('max')?.max ?? 1_000_000)]
        const middle = low + (high - low) / 3
        const is = tests.some(({ name }) => name === 'integer') ? Math.floor : (value: number) => value
        const usual = [1, 0.4, 12].filter((value) => value >= low && value <= high)
        return fc.constantFrom(low, high, is(middle), ...usual.map(is).filter((value) => value >= low))
      }
      case 'boolean':
        return fc.boolean()
      case 'array': {
        const inner = edgesOf(described.innerType as Described)
        return fc.array(inner, { minLength: Number(test('min')?.min ?? 0), maxLength: 3 })
      }
      case 'object':
        return fc.record(
          Object.fromEntries(
            Object.entries(described.fields ?? {}).map(([key, field]) => [key, edgesOf(field as Described)]),
          ),
        )
      default:
        if (tests.some(({ name }) => name === 'calendar-date')) return fc.constantFrom(...DATES)
        return fc.constantFrom('a', 'Ä<b>"&', 'x'.repeat(Math.min(60, Number(test('max')?.max ?? 20))))
    }
  }
  const choices = [{ weight: 4, arbitrary: own() }]
  if (nullable) choices.push({ weight: 1, arbitrary: fc.constant(null) })
  if (optional) choices.push({ weight: 1, arbitrary: fc.constant(undefined) })
  return fc.oneof(...choices)
}

/** Rows that a schema takes, with some fields set. */
const rows = (schema: AnySchema, set: Row = {}): fc.Arbitrary<Row> =>
  edgesOf(schema.describe() as Described)
    .map((row) => JSON.parse(JSON.stringify({ ...(row as Row), ...set })) as Row)
    .filter((row) => schema.isValidSync(row, { strict: true }))

const PLACES = ['bed', 'rows', 'container', 'tunnel', 'shelf'] as const

const months: fc.Arbitrary<readonly MonthNormal[]> = fc.oneof(
  fc
    .record({
      template: fc.constantFrom(...CLIMATE_TEMPLATE_IDS),
      latitude: fc.constantFrom(-90, -34, 0, 45, 90),
      elevation: fc.constantFrom(-430, 0, 6000),
    })
    .map(({ template, ...place }) => normalsFor(template, place)),
  // Twelve times the same edge, and months that leap from one edge to the other.
  fc
    .array(
      fc.record({
        tmin: fc.constantFrom(NORMAL_BOUNDS.tmin[0], 10, NORMAL_BOUNDS.tmin[1]),
        spread: fc.constantFrom(0.1, 10, 100),
        rain: fc.constantFrom(...NORMAL_BOUNDS.rain),
        wetDays: fc.constantFrom(...NORMAL_BOUNDS.wetDays),
        dewPoint: fc.constantFrom(...NORMAL_BOUNDS.dewPoint),
        wind: fc.constantFrom(...NORMAL_BOUNDS.wind),
        solar: fc.constantFrom(...NORMAL_BOUNDS.solar),
      }),
      { minLength: 12, maxLength: 12 },
    )
    .map((drawn) =>
      drawn.map(({ spread, ...month }) => ({
        ...month,
        tmax: Math.max(NORMAL_BOUNDS.tmax[0], Math.min(NORMAL_BOUNDS.tmax[1], month.tmin + spread)),
      })),
    ),
)

const entries = (now: string): fc.Arbitrary<LogEntry[]> =>
  fc
    .array(
      fc.constantFrom(...ENTRY_KINDS.filter((kind) => kind !== 'void')).chain((kind: EntryKind) =>
        fc.record({
          kind: fc.constant(kind),
          data: rows(ENTRY_DATA[kind]),
          on: fc.constantFrom(now, addDays(now as IsoDate, -1), addDays(now as IsoDate, -40), ...DATES),
          about: fc.nat(4),
          of: fc.constantFrom('garden', 'place', 'planting', 'plant'),
        }),
      ),
      { maxLength: 14 },
    )
    .map((drawn) =>
      drawn.map(
        ({ kind, data, on, about, of }, index) =>
          ({
            id: `e${index}`,
            subject: { type: of, id: of === 'garden' ? 'g' : `${of}-${about}` },
            kind,
            on,
            at: `${on}T08:00:00.000Z`,
            data,
            note: '',
            voids: null,
          }) as LogEntry,
      ),
    )

/** A garden of five places, each with a planting, at the edges of what is accepted; its clock held. */
export const edgeGardens: fc.Arbitrary<GardenFile> = fc
  .record({
    garden: rows(gardenRecord.row, {
      id: 'g',
      houseSchools: {},
      ownRecord: {
        on: isoDate('2026-06-01'),
        biases: [{ of: 'first-ripe', crop: 'tomato', days: -21, late: -30, count: 9, lead: 21 }],
      },
      timeZone: 'America/Chicago',
      climateTemplate: 'like:Nowhere',
    }),
    clock: fc.constantFrom(
      '2026-06-18',
      '2026-06-18',
      '2026-11-28',
      '2024-02-29',
      '1900-01-01',
      '2399-12-31',
    ),
    normals: months,
    weather: fc.array(rows(RECORDS.weather.row), { maxLength: 6 }),
    places: fc.tuple(
      ...PLACES.map((kind, at) =>
        rows(RECORDS.places.row, {
          id: `place-${at}`,
          kind,
          from: null,
          to: null,
          ...(kind === 'container' ? {} : { pot: null }),
        }),
      ),
    ),
    cultivars: fc.tuple(
      ...PLACES.map((_, at) =>
        rows(
          RECORDS.cultivars.row,
          at % 2 === 0
            ? { id: `c${at}`, crop: 'tomato' }
            : { id: `c${at}`, crop: 'pepper', habit: null, fruit: 'bell' },
        ),
      ),
    ),
    plantings: fc.tuple(
      ...PLACES.map((_, at) =>
        rows(RECORDS.plantings.row, { id: `planting-${at}`, cultivarId: `c${at}`, placeId: `place-${at}` }),
      ),
    ),
    isThisSeason: fc.boolean(),
    plants: fc.tuple(
      ...PLACES.map((_, at) => rows(RECORDS.plants.row, { id: `plant-${at}`, plantingId: `planting-${at}` })),
    ),
    obstacles: fc.array(rows(RECORDS.obstacles.row), { maxLength: 2 }),
    supplies: fc.array(rows(RECORDS.supplies.row), { maxLength: 3 }),
    products: fc.array(rows(RECORDS.products.row), { maxLength: 2 }),
    wanted: fc.array(rows(RECORDS.wanted.row, { cultivarId: 'c0' }), { maxLength: 2 }),
  })
  .chain((drawn) => entries(drawn.clock).map((log) => ({ ...drawn, log })))
  .map(({ garden, clock, normals, isThisSeason, plantings, ...drawn }): GardenFile => {
    const numbered = (list: readonly Row[], mark: string) =>
      list.map((row, at) => ({ ...row, id: `${mark}${at}` }))
    const year = Number(clock.slice(0, 4))
    const season = Math.min(2398, Math.max(1901, year))
    return {
      format: GARDEN_FORMAT,
      version: GARDEN_VERSION,
      garden: { ...garden, clockDate: clock },
      normals: normals.map((month, at) => ({ month: at + 1, source: 'entered', ...month })),
      weather: drawn.weather.map((day, at) => ({ ...day, date: addDays(clock as IsoDate, -1 - at) })),
      places: drawn.places,
      cropHistory: [],
      cultivars: drawn.cultivars,
      plantings: isThisSeason
        ? plantings.map((row, at) => ({ ...row, season: season + (at % 2) }))
        : plantings,
      plants: drawn.plants,
      obstacles: numbered(drawn.obstacles, 'o'),
      supplies: numbered(drawn.supplies, 's'),
      products: numbered(drawn.products, 'p'),
      wanted: numbered(drawn.wanted, 'w'),
      readings: [],
      log: drawn.log,
      photos: [],
      archive: [],
    } as unknown as GardenFile
  })
  .filter((file) => gardenFileFaults(file as unknown as Record<string, unknown>).length === 0)
