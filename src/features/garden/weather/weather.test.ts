import { dayOf } from '../../../core/garden-day'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { parse } from 'papaparse'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { isoDate, type IsoDate } from '../../../core/calendar'
import type { Manner } from '../../../core/facts'
import { closeDatabase, write } from '../../../data/database'
import { demoGarden } from '../../../data/demo'
import { insertGardenFile } from '../../../data/garden-file'
import { loadGarden } from '../../../data/garden-state'
import { updateGarden } from '../../../data/gardens'
import { daySchema } from './day-schema'
import { weatherView } from './queries'
import { weatherCsv } from './weather-csv'
import { putWeather, weatherRecord, type Replaced, type WeatherRow } from '../../../data/records/weather-day'
import { putForecast } from '../../../data/weather'
import { forecastSchema } from './forecast-schema'
import type { ForecastValues } from './forecast-values'

const METRIC: Manner = { units: 'metric', decimals: 'point', dates: 'day-first' }
const today = isoDate('2026-06-18')

describe('a day by hand', () => {
  const typed = { date: '17 June', tmin: '12', tmax: '25,5', rain: '', dewPoint: '', wind: '', solar: '' }
  const faultOf = (change: Partial<typeof typed>, manner = METRIC) => {
    try {
      daySchema(manner, today).validateSync({ ...typed, ...change })
      return null
    } catch (error) {
      return (error as Error).message
    }
  }
  it('takes point or comma, and leaves out what was not measured', () => {
    expect(daySchema(METRIC, today).validateSync({ ...typed, rain: '3.4' })).toEqual({
      date: '2026-06-17',
      tmin: 12,
      tmax: 25.5,
      rain: 3.4,
      dewPoint: null,
      wind: null,
      solar: null,
    })
  })
  it.each([
    [{ tmin: '26' }, 'The low cannot be above the high.'],
    [{ tmin: '' }, 'From -60 to 45, please.'],
    [{ tmax: 'hot' }, 'From -50 to 55, please.'],
    [{ rain: '-0.1' }, 'From 0 to 500, or leave it empty.'],
    [{ wind: '60' }, 'From 0 to 25, or leave it empty.'],
    [{ date: '19 June' }, 'That day is still to come.'],
    [{ date: '29 February 2026' }, 'A date such as 18 June.'],
  ])('refuses %o: %s', (change, message) => expect(faultOf(change)).toBe(message))
  it('holds °F to the same bounds', () => {
    const us: Manner = { units: 'us', decimals: 'point', dates: 'month-first' }
    expect(faultOf({ date: 'June 17', tmin: '54', tmax: '78' }, us)).toBeNull()
    expect(faultOf({ date: 'June 17', tmin: '54', tmax: '140' }, us)).toBe('From -58 to 131, please.')
  })
})

describe('a forecast by hand', () => {
  const empty = { tmin: '', tmax: '', rain: '', wind: '' }
  const typed = (...days: Partial<typeof empty>[]): ForecastValues => ({
    from: today,
    days: Array.from({ length: 7 }, (_, ahead) => ({ ...empty, ...days[ahead] })),
  })
  const faultOf = (values: ForecastValues, manner = METRIC) => {
    try {
      forecastSchema(manner, today).validateSync(values)
      return null
    } catch (error) {
      return (error as Error).message
    }
  }
  it('takes rows that are whole, and leaves out those that say nothing', () => {
    expect(
      forecastSchema(METRIC, today).validateSync(typed({ tmin: '9,5', tmax: '21', wind: '6' })).days[0],
    ).toEqual({
      tmin: 9.5,
      tmax: 21,
      rain: null,
      wind: 6,
    })
    expect(faultOf(typed())).toBeNull()
  })
  it.each([
    [typed({ tmax: '21' }), 'Enter the low too.'],
    [typed({}, { rain: '3' }), 'Enter the low too.'],
    [typed({ tmin: '9' }), 'Enter the high too.'],
    [typed({ tmin: '22', tmax: '21' }), 'The low cannot be above the high.'],
    [typed({ tmin: 'cool', tmax: '21' }), 'From -60 to 45, or leave it empty.'],
    [{ ...typed(), from: '2026-06-01' }, 'These days are in the past now. Load the screen again.'],
  ])('says what is wrong with it', (values, message) => expect(faultOf(values)).toBe(message))
})

describe('the weather of a month', () => {
  let folder: string
  const demo = demoGarden()
  beforeEach(async () => {
    folder = mkdtempSync(join(tmpdir(), 'prairie-'))
    process.env.DATABASE_URL = `file:${join(folder, 'garden.db')}`
    await write((tx) => insertGardenFile(tx, demo))
  })
  afterEach(async () => {
    await closeDatabase()
    rmSync(folder, { recursive: true, force: true })
  })
  const view = async (month?: string) => weatherView(dayOf((await loadGarden())!, today), month)

  it('shows what is foretold before what the station makes up, and counts it as no record', async () => {
    const foretold = (date: string): WeatherRow => ({
      date: date as IsoDate,
      source: 'forecast',
      tmin: 9,
      tmax: 19,
      rain: 4,
      dewPoint: null,
      wind: 9,
      solar: null,
    })
    const kept = () => view().then(({ days }) => days.filter(({ source }) => source === 'forecast'))
    const put = (rows: WeatherRow[], replaced: Replaced = 'simulated') =>
      write((tx) => putWeather(tx, demo.garden.id, rows, replaced))
    await put([foretold('2026-06-19'), foretold('2026-06-20')])
    const { days, answer, foretold: typed } = await view()
    expect(days.find(({ date }) => date === '2026-06-19')).toMatchObject({
      source: 'forecast',
      isAhead: true,
      wind: 9,
    })
    expect(answer).toBe('382 days on record, 1 June 2025 to 17 June 2026')
    expect(typed.map(({ tmin, wind }) => tmin + wind)).toEqual(['', '99', '99', '', '', '', ''])
    // A new one takes the place of its span's; what was measured takes the place of both.
    await write((tx) =>
      putForecast(tx, demo.garden.id, '2026-06-18' as IsoDate, '2026-06-24' as IsoDate, [
        foretold('2026-06-20'),
      ]),
    )
    expect((await kept()).map(({ date }) => date)).toEqual(['2026-06-20'])
    await put([{ ...foretold('2026-06-20'), source: 'imported' }])
    await put([foretold('2026-06-20')], 'simulated')
    expect(await kept()).toEqual([])
  })
  it('is the record up to today, and the forecast after it', async () => {
    const { answer, deciding, days, month } = await view()
    expect(answer).toBe('382 days on record, 1 June 2025 to 17 June 2026')
    expect(deciding).toMatch(/That weather is made up/)
    expect(month).toMatchObject({ name: 'June 2026', before: '2026-05', after: '2026-07' })
    expect(days.slice(0, 17).every(({ source }) => source === 'simulated')).toBe(true)
    expect(days.slice(17).map(({ source, isAhead }) => [source, isAhead])).toEqual(
      Array(10).fill(['simulated', true]),
    )
    for (const { wetHours, earlyBlight } of days)
      expect([wetHours >= 0 && wetHours <= 24, earlyBlight <= 4]).toEqual([true, true])
  })
  it('goes back as far as one asks, and never past today', async () => {
    expect((await view('2025-06')).days).toHaveLength(30)
    expect((await view('2025-06')).month.after).toBe('2025-07')
    expect((await view('2031-01')).month.name).toBe('June 2026')
    expect((await view('rubbish')).month.name).toBe('June 2026')
  })
  it('is empty where there is neither record nor station', async () => {
    await write((tx) => updateGarden(tx, demo.garden.id, { station: 'normals', units: 'us' }))
    const { days, deciding } = await view('2024-01')
    expect(days).toEqual([])
    expect(deciding).toMatch(/^Days without a record use the average for the day/)
    // In °F, inches and miles an hour.
    const [first] = (await view('2025-06')).days
    const row = demo.weather[0]!
    expect(first).toMatchObject({ low: Number((row.tmin * 1.8 + 32).toFixed(1)), source: 'simulated' })
  })
  it('goes out as a table with a line a day, oldest first', async () => {
    const { data } = parse<string[]>(weatherCsv(await weatherRecord.of(demo.garden.id)))
    expect(data).toHaveLength(383)
    expect(data[1]!.slice(0, 3)).toEqual([
      '2025-06-01',
      String(demo.weather[0]!.tmin),
      String(demo.weather[0]!.tmax),
    ])
  })
})
