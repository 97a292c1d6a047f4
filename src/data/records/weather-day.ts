import { asc, eq, getTableColumns, sql, type SQL } from 'drizzle-orm'
import { primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { object, string } from 'yup'
import { WEATHER_BOUNDS } from '../../core/bounds'
import type { Reader, Writer } from '../database'
import { date, isoDateField, measure, orNull, within } from './fields'
import { gardenId } from './garden'
import { inPortions, record } from './record'

/** Where a day of the record comes from; a forecast stands in until the day is on record. */
const WEATHER_ORIGINS = ['imported', 'entered', 'simulated', 'forecast'] as const
export type WeatherOrigin = (typeof WEATHER_ORIGINS)[number]

/** °C, mm, °C, m/s at 2 m, MJ m⁻² d⁻¹. */
export const weatherDay = sqliteTable(
  'weather_day',
  {
    gardenId: gardenId(),
    date: date().notNull(),
    source: text().$type<WeatherOrigin>().notNull(),
    tmin: real().notNull(),
    tmax: real().notNull(),
    rain: real(),
    dewPoint: real(),
    wind: real(),
    solar: real(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.date] })],
)

/** A day of the weather as it is kept. */
const weatherRow = object({
  date: isoDateField().required(),
  source: string().required().oneOf(WEATHER_ORIGINS),
  tmin: measure(...WEATHER_BOUNDS.tmin),
  tmax: measure(...WEATHER_BOUNDS.tmax),
  rain: orNull(measure(...WEATHER_BOUNDS.rain)),
  dewPoint: orNull(measure(...WEATHER_BOUNDS.dewPoint)),
  wind: orNull(measure(...WEATHER_BOUNDS.wind)),
  solar: orNull(measure(...WEATHER_BOUNDS.solar)),
})
  .noUnknown()
  .test('low-high', '${path}.tmin must not be over its tmax', (day) => day.tmin <= day.tmax)

export type WeatherRow = Omit<typeof weatherDay.$inferSelect, 'gardenId'>

const { gardenId: _, ...COLUMNS } = getTableColumns(weatherDay)
const FIELDS = Object.keys(COLUMNS) as (keyof WeatherRow)[]
const listed = (parts: readonly SQL[]) => sql.join([...parts], sql`, `)

/** Days of the record, oldest first. They come as one JSON text: cell by cell, twenty years take ten times as long. */
export async function weatherWhere(where: SQL | undefined, db: Reader): Promise<WeatherRow[]> {
  const rows = db.select().from(weatherDay).where(where).orderBy(asc(weatherDay.date)).as('rows')
  const [found] = await db
    .select({
      days: sql<string>`json_group_array(json_array(${listed(FIELDS.map((field) => sql`${rows[field]}`))}))`,
    })
    .from(rows)
  return (JSON.parse(found!.days) as unknown[][]).map((cells) => {
    const row: Record<string, unknown> = {}
    for (let at = 0; at < FIELDS.length; at++) row[FIELDS[at]!] = cells[at]
    return row as WeatherRow
  })
}

/** Which days on record give way to new ones: only made-up ones and forecasts, imported ones too, or all. */
export const REPLACED = ['simulated', 'imported', 'all'] as const
export type Replaced = (typeof REPLACED)[number]

const GIVES_WAY: Record<Replaced, readonly WeatherRow['source'][]> = {
  simulated: ['simulated', 'forecast'],
  imported: ['simulated', 'forecast', 'imported'],
  all: ['simulated', 'forecast', 'imported', 'entered'],
}

/**
 * Puts days on record; a day that does not give way stays as it is. The rows travel as one JSON text: twenty years
 * of days are too many for a statement with a parameter each.
 */
export const putWeather = (
  tx: Writer,
  gardenId: string,
  rows: readonly WeatherRow[],
  replaced: Replaced,
): Promise<void> =>
  inPortions(rows, (portion) => {
    const days = portion.map((row) => FIELDS.map((field) => row[field]))
    const columns = FIELDS.map((field) => sql.identifier(underscored(field)))
    const changed = columns.filter((_, at) => FIELDS[at] !== 'date')
    return tx.run(sql`
      insert into ${weatherDay} (garden_id, ${listed(columns.map((column) => sql`${column}`))})
      select ${gardenId}, ${listed(FIELDS.map((_, at) => sql`value ->> ${sql.raw(String(at))}`))}
      from json_each(${JSON.stringify(days)}) where true
      on conflict (garden_id, date) do update set
        ${listed(changed.map((column) => sql`${column} = excluded.${column}`))}
      where ${weatherDay.source} in ${GIVES_WAY[replaced]}`)
  })

const underscored = (field: string) => field.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`)

export const weatherRecord = record<WeatherRow>({
  name: 'day of weather',
  table: weatherDay,
  row: weatherRow,
  most: 80_000,
  key: ['date'],
  order: [weatherDay.date],
  since: 1,
  versions: {
    8: (day) => {
      const [low, high] = [within(day.tmin, WEATHER_BOUNDS.tmin), within(day.tmax, WEATHER_BOUNDS.tmax)]
      const isTurned = typeof low === 'number' && typeof high === 'number' && low > high
      return { ...day, tmin: isTurned ? high : low, tmax: isTurned ? low : high }
    },
  },
  read: (gardenId, db) => weatherWhere(eq(weatherDay.gardenId, gardenId), db),
  write: (tx, gardenId, rows) => putWeather(tx, gardenId, rows, 'all'),
})
