import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, dateFromEpochDay, epochDay, isoDate, monthOf } from '../calendar'
import {
  CLIMATE_TEMPLATE_IDS,
  dailyNormals,
  daylightHours,
  sunTimes,
  dayPercentiles,
  degreeDays,
  emptySeries,
  expectedSeries,
  extraterrestrialRadiation,
  frostPercentiles,
  frostRisk,
  hourlyTemperatures,
  normalsFor,
  OPEN_GROUND,
  requireNormals,
  seasonStart,
  shiftTemperatures,
  simulateSeasons,
  soilTemperatures,
  stationForecast,
  stationRecord,
  turningDays,
  weatherLine,
  type Normals,
} from '.'

const PLAIN = { latitude: 41, elevation: 450 }
const plain = normalsFor('humid-warm-summer', PLAIN)
const MONTH_LENGTHS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

describe('sun', () => {
  it('matches FAO-56 examples 8 and 9: 20° S on 3 September', () => {
    expect(extraterrestrialRadiation(-20, 246)).toBeCloseTo(32.2, 1)
    expect(daylightHours(-20, 246)).toBeCloseTo(11.7, 1)
  })
  it('matches FAO-56 table 2.6 (Ra): 50° N on 15 July, 10° S on 15 January', () => {
    expect(extraterrestrialRadiation(50, 196)).toBeCloseTo(40.0, 0)
    expect(extraterrestrialRadiation(-10, 15)).toBeCloseTo(39.1, 0)
  })
  it('rises and sets as almanacs print it, within four minutes', () => {
    // 51.5° N 0° on 21 June: 3:43 to 20:21; 33.9° S 151.2° E on 22 December: 18:41 the day before to 9:05.
    for (const [[latitude, longitude, day], rise, set] of [
      [[51.5, 0, 172], 3 + 43 / 60, 20 + 21 / 60],
      [[-33.9, 151.2, 356], 18 + 41 / 60 - 24, 9 + 5 / 60],
    ] as const) {
      const sun = sunTimes(latitude, longitude, day)!
      expect(Math.abs(sun.rise - rise) * 60).toBeLessThan(4)
      expect(Math.abs(sun.set - set) * 60).toBeLessThan(4)
    }
  })
  it('stays up or down beyond the polar circles', () => {
    expect(daylightHours(80, 172)).toBe(24)
    expect(daylightHours(80, 355)).toBe(0)
    expect([sunTimes(80, 0, 172), sunTimes(80, 0, 355)]).toEqual([null, null])
    expect(extraterrestrialRadiation(80, 355)).toBe(0)
    expect(extraterrestrialRadiation(-90, 355)).toBeGreaterThan(40)
  })
  it('refuses what is not on earth', () => {
    expect(() => daylightHours(999, 1)).toThrow(/latitude/)
    expect(() => daylightHours(0, 400)).toThrow(/dayOfYear/)
    expect(() => extraterrestrialRadiation(NaN, 1)).toThrow(RangeError)
  })
})

describe('degreeDays', () => {
  const tomato = { base: 10, upper: 30 }
  it('is the mean over the base within the limits, and nothing below them', () => {
    expect(degreeDays({ tmin: 12, tmax: 28 }, tomato)).toBeCloseTo(10)
    expect(degreeDays({ tmin: 20, tmax: 20 }, tomato)).toBe(10)
    expect(degreeDays({ tmin: -5, tmax: 10 }, tomato)).toBe(0)
    expect(degreeDays({ tmin: 32, tmax: 40 }, tomato)).toBe(20)
  })
  it('is what 24 hourly temperatures give', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (tmin, range) => {
          const day = { tmin, tmax: tmin + range }
          const hours = hourlyTemperatures(day).map((at) => Math.min(30, Math.max(10, at)) - 10)
          expect(degreeDays(day, tomato)).toBeCloseTo(hours.reduce((sum, hour) => sum + hour, 0) / 24, 9)
        },
      ),
    )
  })
  it('refuses a day that cannot be', () => {
    expect(() => degreeDays({ tmin: 5, tmax: 4 }, tomato)).toThrow(/tmin/)
    expect(() => degreeDays({ tmin: NaN, tmax: 4 }, tomato)).toThrow(/tmin/)
    expect(() => degreeDays({ tmin: 1, tmax: Infinity }, tomato)).toThrow(/tmax/)
  })
})

describe('normals', () => {
  it('become days that keep every month’s mean, without steps', () => {
    for (const id of CLIMATE_TEMPLATE_IDS) {
      const normals = normalsFor(id, PLAIN)
      const { tmin } = dailyNormals(normals)
      let day = 0
      MONTH_LENGTHS.forEach((length, month) => {
        const mean = tmin.subarray(day, day + length).reduce((sum, value) => sum + value, 0) / length
        expect(mean).toBeCloseTo(normals[month]!.tmin, 6)
        day += length
      })
      for (let at = 0; at < 365; at++) expect(Math.abs(tmin[at]! - tmin[(at + 364) % 365]!)).toBeLessThan(0.9)
    }
  })
  it('are cooler uphill, and turn with the half of the world', () => {
    const uphill = normalsFor('humid-warm-summer', { ...PLAIN, elevation: 1450 })
    expect(uphill[6]!.tmax).toBeCloseTo(plain[6]!.tmax - 6.5)
    const south = normalsFor('humid-warm-summer', { ...PLAIN, latitude: -41 })
    expect(south[0]).toEqual(plain[6])
    expect(turningDays(plain).warmest).toBeGreaterThan(180)
    expect(turningDays(south).coldest).toBeGreaterThan(180)
  })
  it('grow no hotter toward the equator than the climate they are of', () => {
    for (const template of CLIMATE_TEMPLATE_IDS) {
      const at = (latitude: number) => normalsFor(template, { latitude, elevation: 50 })
      expect(at(1), template).toEqual(at(24))
      const yearly = at(1).reduce((sum, { tmin, tmax }) => sum + (tmin + tmax) / 24, 0)
      expect(yearly, template).toBeLessThan(29)
    }
  })
  it('are refused when a month is missing or cannot be', () => {
    const broken = (change: Partial<Normals[number]>) =>
      plain.map((month, at) => (at === 3 ? { ...month, ...change } : month))
    expect(() => requireNormals(plain.slice(1))).toThrow(/twelve/)
    expect(() => requireNormals(broken({ rain: -1 }))).toThrow(/normals\[3\]\.rain/)
    expect(() => requireNormals(broken({ tmin: 40 }))).toThrow(/normals\[3\]\.tmin/)
    expect(() => requireNormals(broken({ wind: NaN }))).toThrow(/normals\[3\]\.wind/)
  })
})

describe('generator', () => {
  const ensemble = simulateSeasons({ normals: plain, latitude: 41 })
  it('gives the same seasons for the same seed, and others for another', () => {
    const again = simulateSeasons({ normals: plain, latitude: 41 })
    const other = simulateSeasons({ normals: plain, latitude: 41, seed: 2 })
    expect(again.seasons[7]!.tmin).toEqual(ensemble.seasons[7]!.tmin)
    expect(other.seasons[7]!.tmin).not.toEqual(ensemble.seasons[7]!.tmin)
  })
  it.each(CLIMATE_TEMPLATE_IDS)('keeps the means of every month over 200 seasons: %s', (id) => {
    const normals = normalsFor(id, PLAIN)
    const ensemble = simulateSeasons({ normals, latitude: 41 })
    MONTH_LENGTHS.forEach((_, month) => {
      let [tmin, tmax, rain, days] = [0, 0, 0, 0]
      for (const season of ensemble.seasons)
        for (let day = 0; day < 365; day++) {
          if (monthOf(dateFromEpochDay(season.from + day)) !== month + 1) continue
          tmin += season.tmin[day]!
          tmax += season.tmax[day]!
          rain += season.rain[day]!
          days++
        }
      expect(Math.abs(tmin / days - normals[month]!.tmin)).toBeLessThan(0.5)
      expect(Math.abs(tmax / days - normals[month]!.tmax)).toBeLessThan(0.5)
      expect(Math.abs(rain / 200 - normals[month]!.rain)).toBeLessThanOrEqual(0.08 * normals[month]!.rain)
    })
  })
  it('never has a night warmer than its day, nor rain below nothing', () => {
    for (const season of ensemble.seasons.slice(0, 40))
      for (let day = 0; day < season.days; day++) {
        expect(season.tmin[day]!).toBeLessThan(season.tmax[day]!)
        expect(season.rain[day]!).toBeGreaterThanOrEqual(0)
        expect(season.wind[day]!).toBeGreaterThan(0)
      }
  })
})

describe('frost', () => {
  it('has ordered percentiles that follow the cold', () => {
    const dates = (by: number) =>
      frostPercentiles(simulateSeasons({ normals: shiftTemperatures(plain, by), latitude: 41 }))
    const [cold, mild] = [dates(-3), dates(0)]
    for (const { lastSpring, firstAutumn } of [cold, mild]) {
      expect(lastSpring.p10!).toBeLessThan(lastSpring.p50!)
      expect(lastSpring.p50!).toBeLessThan(lastSpring.p90!)
      expect(firstAutumn.p10!).toBeLessThan(firstAutumn.p90!)
      expect(lastSpring.p90!).toBeLessThan(firstAutumn.p10!)
    }
    expect(cold.lastSpring.p50!).toBeGreaterThan(mild.lastSpring.p50!)
    expect(cold.firstAutumn.p50!).toBeLessThan(mild.firstAutumn.p50!)
  })
  it('says when there is none', () => {
    const hot = simulateSeasons({
      normals: normalsFor('monsoon', { latitude: 10, elevation: 0 }),
      latitude: 10,
    })
    expect(frostPercentiles(hot).lastSpring).toEqual({ p10: null, p50: null, p90: null, share: 0 })
    expect(Math.max(...frostRisk(hot))).toBe(0)
  })
  it('counts a season without frost before every last one and after every first one', () => {
    const offsets = [null, null, 50, 60, 70, 80, 90, 100, 110, 120]
    expect(dayPercentiles(offsets, 'before')).toMatchObject({ p10: null, p50: 80, p90: 120, share: 0.8 })
    expect(dayPercentiles(offsets, 'after')).toMatchObject({ p10: 60, p50: 100, p90: null })
  })
  it('starts the season on the coldest day, in both halves of the world', () => {
    expect(seasonStart(plain, isoDate('2026-06-18'))).toMatch(/^2026-01/)
    const south = normalsFor('southern-temperate', { latitude: -37, elevation: 50 })
    expect(seasonStart(south, isoDate('2026-02-01'))).toMatch(/^2025-07/)
    expect(seasonStart(south, isoDate('2026-09-01'))).toMatch(/^2026-07/)
  })
})

describe('soil temperature', () => {
  const from = epochDay(isoDate('2026-03-01'))
  const steady = () => {
    const air = emptySeries(from, 120)
    air.tmin.fill(8)
    air.tmax.fill(16)
    return air
  }
  it('is the air’s mean where that never changes, with what bed, mulch and cover add', () => {
    const at = (around: Partial<typeof OPEN_GROUND>) =>
      soilTemperatures(steady(), 0.15, { ...OPEN_GROUND, ...around })[100]!
    expect(at({})).toBeCloseTo(12)
    expect(at({ body: 'raised' })).toBeCloseTo(13)
    expect(at({ mulch: 'dark-film' })).toBeCloseTo(14.5)
    expect(at({ mulch: 'straw' })).toBeCloseTo(10.5)
    expect(at({ underCover: true })).toBeCloseTo(16)
  })
  it('follows a warm spell later the deeper it lies, by its e-folding time', () => {
    const air = steady()
    air.tmin.fill(18, 60)
    air.tmax.fill(26, 60)
    const rise = (depth: number, days: number) => (soilTemperatures(air, depth)[60 + days - 1]! - 12) / 10
    expect(rise(0.05, 2)).toBeCloseTo(1 - Math.exp(-1))
    expect(rise(0.15, 5)).toBeCloseTo(1 - Math.exp(-1))
    expect(rise(0.25, 9)).toBeCloseTo(1 - Math.exp(-1))
    expect(rise(0.2, 7)).toBeCloseTo(1 - Math.exp(-1))
  })
  it('is the thermometer’s on its day, and returns to the estimate', () => {
    const readings = [{ date: addDays(isoDate('2026-03-01'), 50), depth: 0.15, temperature: 15 }]
    const soil = soilTemperatures(steady(), 0.15, OPEN_GROUND, readings)
    expect(soil[49]).toBeCloseTo(12)
    expect(soil[50]).toBeCloseTo(15)
    expect(soil[60]).toBeCloseTo(12 + 3 * Math.exp(-1))
    expect(soil[119]).toBeCloseTo(12, 1)
  })
  it('refuses depths that no root reaches', () => {
    expect(() => soilTemperatures(steady(), -0.1)).toThrow(/depth/)
  })
})

describe('station', () => {
  const station = { normals: plain, latitude: 41, seed: 3 }
  it('records the same days whichever part is asked for', () => {
    const whole = stationRecord(station, isoDate('2025-12-20'), 40)
    const part = stationRecord(station, isoDate('2026-01-05'), 10)
    expect(part.tmax).toEqual(whole.tmax.slice(16, 26))
  })
  it('forecasts worse the further ahead', () => {
    const errors = [0, 0]
    for (let issue = 0; issue < 120; issue++) {
      const date = addDays(isoDate('2026-03-01'), issue)
      const [truth, forecast] = [stationRecord(station, date, 10), stationForecast(station, date)]
      errors[0]! += Math.abs(forecast.tmax[1]! - truth.tmax[1]!)
      errors[1]! += Math.abs(forecast.tmax[9]! - truth.tmax[9]!)
    }
    expect(errors[0]).toBeGreaterThan(0)
    expect(errors[1]).toBeGreaterThan(2 * errors[0]!)
  })
  it('makes one line of record, forecast and normals', () => {
    const today = isoDate('2026-06-18')
    const from = isoDate('2026-06-10')
    const line = weatherLine({
      normals: plain,
      from,
      days: 40,
      today,
      record: [
        { date: isoDate('2026-06-12'), tmin: 1, tmax: 2 },
        { date: isoDate('2026-06-20'), tmin: 1, tmax: 2 },
      ],
      forecast: stationForecast(station, today),
    })
    expect(line.sources.slice(0, 9)).toEqual([
      'normal',
      'normal',
      'recorded',
      'normal',
      'normal',
      'normal',
      'normal',
      'normal',
      'simulated',
    ])
    expect(line.air.tmax[2]).toBe(2)
    expect(line.air.rain[2]).toBe(expectedSeries(plain, epochDay(from), 40).rain[2])
    expect(line.air.tmax[10]).not.toBe(2)
    expect(line.sources[18]).toBe('normal')
  })
  it('lets what is foretold go before the station, and stand in for a day that nobody recorded', () => {
    const today = isoDate('2026-06-18')
    const from = isoDate('2026-06-10')
    const foretold = (date: string) => ({
      date: isoDate(date),
      tmin: 1,
      tmax: 2,
      source: 'forecast' as const,
    })
    const line = weatherLine({
      normals: plain,
      from,
      days: 40,
      today,
      record: [foretold('2026-06-17'), foretold('2026-06-20'), foretold('2026-07-02')],
      forecast: stationForecast(station, today),
    })
    expect([7, 8, 10, 11, 22, 23].map((day) => line.sources[day])).toEqual([
      'forecast',
      'simulated',
      'forecast',
      'simulated',
      'forecast',
      'normal',
    ])
    for (const day of [7, 10, 22]) expect(line.air.tmax[day]).toBe(2)
    // What is not said of a day is as usual for it, not as the station makes it up.
    expect(line.air.rain[10]).toBe(expectedSeries(plain, epochDay(from), 40).rain[10])
  })
})
