import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fruitSet, hargreavesEvapotranspiration, referenceEvapotranspiration, wetnessSeverity } from '.'

describe('referenceEvapotranspiration', () => {
  /** FAO-56 example 18: 50°48′ N, 100 m, 6 July, wind 10 km/h at 10 m. */
  const uccle = {
    latitude: 50.8,
    elevation: 100,
    dayOfYear: 187,
    tmin: 12.3,
    tmax: 21.5,
    rhMin: 63,
    rhMax: 84,
    windSpeed: 10 / 3.6,
    windHeight: 10,
    sunshineHours: 9.25,
  }
  it('is 3.9 mm in FAO-56 example 18', () => {
    expect(referenceEvapotranspiration(uccle)).toBeCloseTo(3.88, 2)
  })
  it('is 5.7 mm in FAO-56 example 17: 13°44′ N, April, sea level, ea 2.85 kPa by dew point, 8.5 h sun', () => {
    const bangkok = {
      latitude: 13.73,
      elevation: 2,
      dayOfYear: 105,
      tmin: 25.6,
      tmax: 34.8,
      dewPoint: 23.24,
      windSpeed: 2,
      sunshineHours: 8.5,
    }
    expect(referenceEvapotranspiration(bangkok)).toBeCloseTo(5.72, 1)
  })
  it('lets humidity win over the dew point, and radiation over sunshine', () => {
    expect(referenceEvapotranspiration({ ...uccle, dewPoint: -20 })).toBe(referenceEvapotranspiration(uccle))
    const bright = referenceEvapotranspiration({ ...uccle, solarRadiation: 28 })
    expect(referenceEvapotranspiration({ ...uccle, solarRadiation: 28, sunshineHours: 0 })).toBe(bright)
    expect(bright).toBeGreaterThan(referenceEvapotranspiration(uccle))
  })
  it('does with temperatures alone, near Hargreaves', () => {
    const bare = { latitude: 45, elevation: 200, dayOfYear: 190, tmin: 15, tmax: 28 }
    expect(referenceEvapotranspiration(bare) / hargreavesEvapotranspiration(bare)).toBeCloseTo(1, 0)
  })
  it('is finite and never negative, at either pole too', () => {
    fc.assert(
      fc.property(
        fc.record({
          latitude: fc.double({ min: -90, max: 90, noNaN: true }),
          elevation: fc.double({ min: -400, max: 5000, noNaN: true }),
          dayOfYear: fc.integer({ min: 1, max: 366 }),
          tmin: fc.double({ min: -50, max: 30, noNaN: true }),
          range: fc.double({ min: 0, max: 25, noNaN: true }),
          windSpeed: fc.double({ min: 0, max: 20, noNaN: true }),
          sunshineHours: fc.double({ min: 0, max: 24, noNaN: true }),
        }),
        ({ range, ...day }) => {
          const et = referenceEvapotranspiration({ ...day, tmax: day.tmin + range })
          expect(Number.isFinite(et) && et >= 0).toBe(true)
        },
      ),
    )
  })
  it('refuses what cannot be', () => {
    expect(() => referenceEvapotranspiration({ ...uccle, rhMax: 101 })).toThrow(/rhMax/)
    expect(() => referenceEvapotranspiration({ ...uccle, windSpeed: -1 })).toThrow(/windSpeed/)
    expect(() => referenceEvapotranspiration({ ...uccle, tmin: 30 })).toThrow(/tmin/)
    expect(() => hargreavesEvapotranspiration({ latitude: 100, dayOfYear: 1, tmin: 1, tmax: 2 })).toThrow(
      /latitude/,
    )
  })
})

describe('hargreavesEvapotranspiration', () => {
  it('is 5.0 mm in FAO-56 example 20: 45°43′ N, 15 July, 14.8 to 26.6 °C', () => {
    expect(
      hargreavesEvapotranspiration({ latitude: 45.72, dayOfYear: 196, tmin: 14.8, tmax: 26.6 }),
    ).toBeCloseTo(5.0, 1)
  })
})

describe('wetnessSeverity', () => {
  it.each([
    [6, 13, 0],
    [7, 13, 1],
    [15, 17.9, 1],
    [16, 15, 2],
    [20, 15, 2],
    [21, 15, 3],
    [24, 15, 3],
    [3, 18, 0],
    [4, 18, 1],
    [9, 20.9, 2],
    [16, 20, 3],
    [22, 20, 3],
    [23, 20, 4],
    [2, 21, 0],
    [3, 21, 1],
    [5, 25.9, 1],
    [6, 23, 2],
    [12, 23, 2],
    [13, 23, 3],
    [20, 23, 3],
    [21, 23, 4],
    [3, 26, 0],
    [4, 29.9, 1],
    [8, 28, 1],
    [9, 28, 2],
    [16, 28, 3],
    [23, 28, 4],
    [23, 30, 4],
    [24, 12.9, 0],
    [24, 30.1, 0],
    [0, 22, 0],
  ])('%d wet hours at %d °C score %d', (hours, temperature, score) => {
    expect(wetnessSeverity(hours, temperature)).toBe(score)
  })
  it('refuses a day of more than 24 hours', () => {
    expect(() => wetnessSeverity(25, 20)).toThrow(/wetHours/)
    expect(() => wetnessSeverity(2, NaN)).toThrow(/meanTemperature/)
  })
})

describe('fruitSet', () => {
  const set = (
    nightMinimum: number,
    dayMaximum: number,
    crop: 'tomato' | 'pepper' = 'tomato',
    shift?: number,
  ) => fruitSet({ nightMinimum, dayMaximum }, crop, shift)
  it('is whole in good weather and nothing at the limits', () => {
    expect(set(17, 26)).toBe(1)
    expect(set(8, 26)).toBe(0)
    expect(set(27, 26)).toBe(0)
    expect(set(17, 39)).toBe(0)
    expect(set(17, 14)).toBe(0)
    expect(set(17, 10, 'pepper')).toBe(1)
    expect(set(17, 41, 'pepper')).toBe(0)
  })
  it('goes straight between, and by both factors', () => {
    expect(set(10.5, 26)).toBeCloseTo(0.5)
    expect(set(24, 35)).toBeCloseTo(0.25)
    expect(set(13, 26, 'pepper')).toBeCloseTo(0.5)
  })
  it('bears more heat with the cultivar’s shift, and no more cold', () => {
    expect(set(24, 26, 'tomato', 3)).toBe(1)
    expect(set(10.5, 26, 'tomato', 3)).toBeCloseTo(0.5)
    expect(() => set(NaN, 20)).toThrow(/nightMinimum/)
  })
})
