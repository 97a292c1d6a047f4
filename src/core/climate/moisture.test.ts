import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  aridMonths,
  coverDay,
  dewPointOf,
  earlyBlightSeverity,
  emptySeries,
  heatGap,
  heatGapIn,
  hourlyHumidity,
  hourlyTemperatures,
  insideSeries,
  lateBlightWarnings,
  leafWetness,
  normalsFor,
  rainHours,
  recordedSeasons,
  simulateSeasons,
  stationRecord,
  wetnessPressure,
  windAtTwoMetres,
  type ClimateTemplateId,
  type RecordedDay,
} from '.'
import { addDays, isoDate } from '../calendar'
import { actualPressure, saturationPressure, saturationTemperature } from './vapour'

const temperature = fc.double({ min: -20, max: 35, noNaN: true })
const range = fc.double({ min: 0, max: 25, noNaN: true })

describe('vapour', () => {
  it('matches FAO-56 example 3: 15 °C holds 1.705 kPa, 24.5 °C 3.075', () => {
    expect(saturationPressure(15)).toBeCloseTo(1.705, 3)
    expect(saturationPressure(24.5)).toBeCloseTo(3.075, 3)
  })
  it('matches FAO-56 example 5: 82 % at 18 °C and 54 % at 25 °C are 1.70 kPa', () => {
    expect(actualPressure({ tmin: 18, tmax: 25, rhMax: 82, rhMin: 54 })).toBeCloseTo(1.7, 2)
    // Eq. 18 from the highest alone, eq. 19 from the mean.
    expect(actualPressure({ tmin: 18, tmax: 25, rhMax: 82 })).toBeCloseTo(0.82 * 2.064, 3)
    expect(actualPressure({ tmin: 18, tmax: 25, rhMean: 68 })).toBeCloseTo(1.78, 2)
    expect(() => actualPressure({ tmin: 18, tmax: 25, rhMax: 120 })).toThrow(/rhMax/)
  })
  it('brings wind to 2 m as FAO-56 example 14: 3.2 m/s at 10 m are 2.4', () => {
    expect(windAtTwoMetres(3.2, 10)).toBeCloseTo(2.4, 1)
    expect(windAtTwoMetres(3.2, 2)).toBe(3.2)
    expect(() => windAtTwoMetres(3.2, 0)).toThrow(/height/)
  })
  it('is turned round exactly', () => {
    fc.assert(
      fc.property(temperature, (at) => {
        expect(saturationTemperature(saturationPressure(at))).toBeCloseTo(at, 8)
      }),
    )
  })
})

describe('hourly humidity', () => {
  it('is 100 % where the air is at its dew point, and 3.168 to 5.320 kPa is 60 % [FAO-56, table 2.3]', () => {
    // At 25 °C e° is 3.168 kPa; a dew point of 16.7 °C holds 1.901.
    const hours = hourlyHumidity({ tmin: 25, tmax: 25, dewPoint: 16.7 })
    expect(hours).toHaveLength(24)
    for (const hour of hours) expect(hour).toBeCloseTo(60, 0)
    expect(hourlyHumidity({ tmin: 12, tmax: 12, dewPoint: 12 })[5]).toBeCloseTo(100)
  })
  it('takes Tmin for the dew point, and 2.5 °C less in an arid month', () => {
    expect(dewPointOf({ tmin: 12, tmax: 30 })).toBe(12)
    expect(dewPointOf({ tmin: 12, tmax: 30 }, true)).toBe(9.5)
    expect(dewPointOf({ tmin: 12, tmax: 30, dewPoint: 4 }, true)).toBe(4)
  })
  it('never leaves 0–100 %, and is highest in the coldest hour', () => {
    fc.assert(
      fc.property(temperature, range, fc.double({ min: -20, max: 10, noNaN: true }), (tmin, swing, below) => {
        const day = { tmin, tmax: tmin + swing, dewPoint: tmin - below }
        const hours = hourlyHumidity(day)
        for (const hour of hours) expect(hour > 0 && hour <= 100).toBe(true)
        expect(Math.max(...hours)).toBe(hours[2])
      }),
    )
  })
  it('knows which months are arid', () => {
    const dry = normalsFor('dry-summer-warm', { latitude: 38, elevation: 100 })
    expect(
      aridMonths(dry, 38)
        .map((arid, month) => (arid ? month + 1 : 0))
        .filter(Boolean),
    ).toEqual([5, 6, 7, 8, 9])
    expect(aridMonths(normalsFor('cool-maritime', { latitude: 52, elevation: 50 }), 52)).not.toContain(true)
    expect(() => hourlyHumidity({ tmin: NaN, tmax: 3 })).toThrow(RangeError)
  })
})

describe('leaf wetness', () => {
  it('counts the hours at 90 % humidity, as the hourly values do', () => {
    fc.assert(
      fc.property(temperature, range, fc.double({ min: -3, max: 8, noNaN: true }), (tmin, swing, below) => {
        const day = { tmin, tmax: tmin + swing, dewPoint: tmin - below, rain: 0 }
        const humid = hourlyHumidity(day).filter((hour) => hour >= 90 - 1e-9).length
        expect(Math.abs(leafWetness(day).humidHours - humid)).toBeLessThanOrEqual(0)
        expect(leafWetness(day).hours).toBe(leafWetness(day).humidHours)
      }),
    )
  })
  it('lasts while it rains and two hours after: clamp(1 + mm / 3, 1, 12)', () => {
    expect([0, 0.3, 3, 12, 60].map(rainHours)).toEqual([0, 1.1, 2, 5, 12])
    const day = (rain: number) => leafWetness({ tmin: 20, tmax: 30, dewPoint: 2, rain })
    expect(day(0)).toEqual({ hours: 0, meanTemperature: null, humidHours: 0 })
    expect(day(3).hours).toBe(4)
    expect(day(12).hours).toBe(7)
    expect(day(60).hours).toBe(14)
    expect(leafWetness({ tmin: 20, tmax: 30, dewPoint: 2, rain: 3, rainHours: 9 }).hours).toBe(11)
  })
  it('says how warm the wet hours were', () => {
    const { meanTemperature } = leafWetness({ tmin: 14, tmax: 26, dewPoint: 2, rain: 3 })
    const hours = hourlyTemperatures({ tmin: 14, tmax: 26 }).slice(0, 4)
    expect(meanTemperature).toBeCloseTo(hours.reduce((sum, at) => sum + at, 0) / 4)
  })
  it('scores a warm wet night for early blight, and a cold or dry one not at all', () => {
    expect(earlyBlightSeverity({ tmin: 22, tmax: 25, dewPoint: 22, rain: 30 })).toBe(3)
    expect(earlyBlightSeverity({ tmin: 2, tmax: 8, dewPoint: 2, rain: 30 })).toBe(0)
    expect(earlyBlightSeverity({ tmin: 22, tmax: 35, dewPoint: 5, rain: 0 })).toBe(0)
  })
  it('grows no shorter with more rain', () => {
    fc.assert(
      fc.property(range, range, (rain, more) => {
        const hours = (mm: number) => leafWetness({ tmin: 12, tmax: 22, dewPoint: 8, rain: mm }).hours
        expect(hours(rain + more)).toBeGreaterThanOrEqual(hours(rain))
      }),
    )
  })
})

describe('late-blight warning', () => {
  const humid = { tmin: 10, tmax: 16, dewPoint: 12, rain: 0 }
  const dry = { tmin: 12, tmax: 26, dewPoint: 4, rain: 0 }
  it('wants two days running, each with a night of 10 °C and six humid hours [Hutton criteria]', () => {
    expect(leafWetness(humid).humidHours).toBeGreaterThanOrEqual(6)
    expect(lateBlightWarnings([humid, dry, humid, humid, humid, dry])).toEqual([
      false,
      false,
      false,
      true,
      true,
      false,
    ])
    expect(lateBlightWarnings([humid, { ...humid, tmin: 9.9 }])).toEqual([false, false])
    expect(lateBlightWarnings([])).toEqual([])
  })
})

describe('wetness pressure', () => {
  const over = (id: ClimateTemplateId, latitude: number) =>
    wetnessPressure(
      simulateSeasons({ normals: normalsFor(id, { latitude, elevation: 100 }), latitude, count: 20 }),
      latitude,
      120,
      280,
    )
  it('is high where summer nights are warm and wet, low where they are dry', () => {
    expect(over('dry-summer-warm', 38)).toMatchObject({ pressure: 'low' })
    expect(over('two-season-hot', 28).severity).toBeGreaterThan(over('humid-warm-summer', 41).severity)
    expect(over('two-season-hot', 28).pressure).not.toBe('low')
  })
  it('counts late blight too: a cool wet coast presses, though its early blight is slow', () => {
    const coast = over('cool-maritime', 52)
    expect(coast.severity).toBeLessThan(0.5)
    expect(coast.late).toBeGreaterThan(0.1)
    expect(coast.pressure).not.toBe('low')
    expect(over('hot-semi-arid', 32)).toMatchObject({ late: 0, pressure: 'low' })
  })
})

describe('heat gap', () => {
  it('is the longest time in which every fortnight’s nights are above 24 °C', () => {
    const nights = new Float64Array(365).fill(18)
    expect(heatGapIn(nights)).toBeNull()
    nights.fill(26, 170, 200)
    const gap = heatGapIn(nights)!
    // A fortnight with eleven of its nights at 26 and three at 18 has a mean just over 24.
    expect(gap).toEqual({ begins: 167, ends: 202 })
    nights.fill(26, 300, 312)
    expect(heatGapIn(nights)).toEqual(gap)
  })
  it('splits a hot year and no temperate one', () => {
    const gap = (id: ClimateTemplateId, latitude: number) =>
      heatGap(simulateSeasons({ normals: normalsFor(id, { latitude, elevation: 100 }), latitude, count: 30 }))
    const hot = gap('hot-semi-arid', 32.5)
    expect(hot.share).toBeGreaterThan(0.9)
    expect(hot.begins.p50!).toBeLessThan(hot.ends.p50!)
    expect(gap('cool-maritime', 52).share).toBe(0)
  })
})

describe('under cover', () => {
  it('is 8 °C warmer shut, 2 vented, and 1.5 by night', () => {
    expect(coverDay({ tmin: 4, tmax: 15 })).toEqual({
      tmin: 5.5,
      tmax: 23,
      opens: null,
      shuts: null,
      shade: false,
    })
    const hot = coverDay({ tmin: 18, tmax: 34 })
    expect(hot).toMatchObject({ tmin: 19.5, tmax: 36, shade: true, shuts: null })
  })
  it('opens before the inside passes 27 °C, and shuts before it falls to 12', () => {
    const spring = coverDay({ tmin: 4, tmax: 22 })
    expect(spring.tmax).toBe(27)
    expect(spring.opens!).toBeGreaterThan(8)
    expect(spring.opens!).toBeLessThan(15)
    expect(spring.shuts!).toBeGreaterThan(15)
    expect(coverDay({ tmin: 4, tmax: 26 }).opens!).toBeLessThan(spring.opens!)
  })
  it('lets no rain in, and less sun and wind', () => {
    const air = emptySeries(0, 1)
    air.tmin[0] = 10
    air.tmax[0] = 18
    air.rain[0] = 12
    air.solar[0] = 20
    air.wind[0] = 5
    const inside = insideSeries(air)
    expect([inside.tmin[0], inside.tmax[0], inside.rain[0], inside.solar[0], inside.wind[0]]).toEqual([
      11.5, 26, 0, 15, 1,
    ])
  })
  it('is never colder than outside, and its night never warmer than its day', () => {
    fc.assert(
      fc.property(temperature, range, (tmin, swing) => {
        const inside = coverDay({ tmin, tmax: tmin + swing })
        expect(inside.tmin).toBeGreaterThan(tmin)
        expect(inside.tmax).toBeGreaterThanOrEqual(tmin + swing + 2 - 1e-9)
        expect(inside.tmin).toBeLessThanOrEqual(inside.tmax)
      }),
    )
  })
})

describe('recorded seasons', () => {
  const normals = normalsFor('humid-warm-summer', { latitude: 41, elevation: 450 })
  const record = (days: number): RecordedDay[] => {
    const series = stationRecord({ normals, latitude: 41, seed: 9 }, isoDate('2010-01-01'), days)
    return Array.from({ length: days }, (_, index) => ({
      date: addDays(isoDate('2010-01-01'), index),
      tmin: series.tmin[index]!,
      tmax: series.tmax[index]!,
    }))
  }
  it('stand for themselves from ten on', () => {
    expect(recordedSeasons(normals, record(9 * 365))).toBeNull()
    const found = recordedSeasons(normals, record(12 * 366))!
    expect(found.seasons.length).toBeGreaterThanOrEqual(11)
    const season = found.seasons[3]!
    expect(season.tmin[100]).toBe(
      record(12 * 366).find(({ date }) => date === addDays(isoDate('1970-01-01'), season.from + 100))!.tmin,
    )
  })
  it('leave out a year that has gaps', () => {
    const whole = record(12 * 366)
    const gappy = whole.filter(({ date }) => !/^2014-0[5-8]/.test(date))
    expect(recordedSeasons(normals, gappy)!.seasons).toHaveLength(
      recordedSeasons(normals, whole)!.seasons.length - 1,
    )
  })
})
