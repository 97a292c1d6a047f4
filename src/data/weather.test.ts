import { dayOf } from '../core/garden-day'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { addDays, isoDate } from '../core/calendar'
import { stationRecord } from '../core/climate'
import { closeDatabase, write } from './database'
import { demoGarden } from './demo'
import { feedOf, gardenOfFeed, setFeedToken, setReminders } from './feeds'
import { insertGardenFile } from './garden-file'
import { loadGarden } from './garden-state'
import { updateGarden } from './gardens'
import { removeWeather, weatherBetween, weatherSummary } from './weather'
import { type WeatherRow, putWeather, weatherRecord } from './records/weather-day'

let folder: string
const demo = demoGarden()
const garden = demo.garden.id
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'prairie-'))
  process.env.DATABASE_URL = `file:${join(folder, 'garden.db')}`
  await write((tx) => insertGardenFile(tx, { ...demo, weather: [] }))
})
afterEach(async () => {
  await closeDatabase()
  rmSync(folder, { recursive: true, force: true })
})

const day = (date: string, source: WeatherRow['source'], tmax: number): WeatherRow => ({
  date: isoDate(date),
  source,
  tmin: 5,
  tmax,
  rain: null,
  dewPoint: null,
  wind: null,
  solar: null,
})

describe('the weather record', () => {
  it('gives way only as far as the person says', async () => {
    const put = (source: WeatherRow['source'], tmax: number, replaced: Parameters<typeof putWeather>[3]) =>
      write((tx) =>
        putWeather(
          tx,
          garden,
          ['2026-05-01', '2026-05-02', '2026-05-03'].map((date) => day(date, source, tmax)),
          replaced,
        ),
      )
    const highs = async () => (await weatherRecord.of(garden)).map(({ tmax }) => tmax)
    await write((tx) =>
      putWeather(tx, garden, [day('2026-05-01', 'simulated', 10), day('2026-05-02', 'entered', 11)], 'all'),
    )
    await put('imported', 20, 'simulated')
    expect(await highs()).toEqual([20, 11, 20])
    await put('imported', 21, 'simulated')
    expect(await highs()).toEqual([20, 11, 20])
    await put('imported', 22, 'imported')
    expect(await highs()).toEqual([22, 11, 22])
    await put('imported', 23, 'all')
    expect(await highs()).toEqual([23, 23, 23])
    expect((await weatherRecord.of(garden)).every(({ source }) => source === 'imported')).toBe(true)
  })
  it('says how long it is and what is missing, and lets a day go', async () => {
    expect(await weatherSummary(garden)).toEqual({ days: 0, first: null, last: null, missing: 0 })
    const days = ['2026-05-01', '2026-05-04', '2026-05-05'].map((date) => day(date, 'entered', 20))
    await write((tx) => putWeather(tx, garden, days, 'all'))
    expect(await weatherSummary(garden)).toMatchObject({ days: 3, missing: 2 })
    await write((tx) => removeWeather(tx, garden, isoDate('2026-05-04')))
    expect(await weatherBetween(garden, isoDate('2026-05-02'), isoDate('2026-05-31'))).toEqual([
      {
        date: '2026-05-05',
        tmin: 5,
        tmax: 20,
        rain: undefined,
        dewPoint: undefined,
        wind: undefined,
        solar: undefined,
      },
    ])
  })
  it('makes the odds its own from ten whole seasons on', async () => {
    const normals = demo.normals
    const series = stationRecord({ normals, latitude: 41, seed: 5 }, isoDate('2014-01-01'), 12 * 365)
    const rows = Array.from({ length: series.days }, (_, index) => ({
      ...day(addDays(isoDate('2014-01-01'), index), 'imported', series.tmax[index]!),
      tmin: series.tmin[index]!,
    }))
    const before = (await loadGarden())!
    expect(before.record.ensemble).toMatchObject({ recorded: false })
    expect(dayOf(before, before.now).wetness).toBe('low')
    await write((tx) => putWeather(tx, garden, rows, 'all'))
    const after = (await loadGarden())!
    expect(after.record.ensemble.recorded).toBe(true)
    expect(after.record.ensemble.seasons.length).toBeGreaterThanOrEqual(10)
    const { spread } = dayOf(after, after.now).outlook.plantings.find(
      ({ planting }) => planting.id === 'demo-2026-bed-1-1',
    )!.dates.end
    expect(spread!.p10! <= spread!.p90!).toBe(true)
  })
  it('has no part in a garden that goes by its normals alone', async () => {
    await write((tx) => updateGarden(tx, garden, { station: 'normals' }))
    const state = (await loadGarden())!
    const { line, plantings } = dayOf(state, state.now).outlook
    expect(new Set(line.sources)).toEqual(new Set(['normal']))
    expect(plantings.every(({ dates }) => dates.sow.date !== null)).toBe(true)
  })
})

describe('a calendar’s secret', () => {
  const none = { frost: null, water: null, round: null }
  it('opens one garden, until it is given another or none', async () => {
    expect(await feedOf(garden)).toBeNull()
    expect(await setReminders(none)).toBe(false)
    await write((tx) => setFeedToken(tx, garden, 'first'))
    expect(await gardenOfFeed('first')).toEqual({ gardenId: garden, reminders: none })
    expect(await feedOf(garden)).toEqual(none)
    const chosen = { frost: 16, water: null, round: 0 }
    expect(await setReminders(chosen)).toBe(true)
    await write((tx) => setFeedToken(tx, garden, 'second'))
    expect([await gardenOfFeed('first'), await gardenOfFeed('second')]).toEqual([
      null,
      { gardenId: garden, reminders: chosen },
    ])
    await write((tx) => setFeedToken(tx, garden, null))
    expect(await gardenOfFeed('second')).toBeNull()
  })
})
