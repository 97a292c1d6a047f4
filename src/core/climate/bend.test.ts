import { describe, expect, it } from 'vitest'
import { isoDate, type IsoDate } from '../calendar'
import {
  bendTemperatures,
  bendTo,
  climateDifference,
  climateKind,
  dateInSeason,
  frostPercentiles,
  hottestHigh,
  normalsFor,
  seasonStart,
  simulateSeasons,
  UNBENT,
} from '.'

const plain = normalsFor('humid-warm-summer', { latitude: 41, elevation: 450 })
const frostOf = (normals: typeof plain, latitude: number, year: string) => {
  const { p50 } = frostPercentiles(simulateSeasons({ normals, latitude })).lastSpring
  return p50 === null ? null : dateInSeason(seasonStart(normals, `${year}-06-20` as IsoDate), p50)
}
const daysApart = (a: IsoDate, b: IsoDate) => Math.abs(Date.parse(a) - Date.parse(b)) / 86_400_000

describe('a climate bent to what is known of a place', () => {
  it('moves the whole year to a last frost', () => {
    const found = bendTo(plain, 41, { lastFrost: isoDate('2026-05-12'), hottest: null })
    if (!('bend' in found)) throw new Error('not bent')
    expect(found.bend.cold).toBe(found.bend.hot)
    const frost = frostOf(bendTemperatures(plain, found.bend), 41, '2026')!
    expect(daysApart(frost, isoDate('2026-05-12'))).toBeLessThanOrEqual(4)
  })

  it('keeps the hottest month where that is known too', () => {
    const found = bendTo(plain, 41, { lastFrost: isoDate('2026-05-05'), hottest: 28 })
    if (!('bend' in found)) throw new Error('not bent')
    const bent = bendTemperatures(plain, found.bend)
    expect(hottestHigh(bent)).toBeCloseTo(28, 1)
    expect(daysApart(frostOf(bent, 41, '2026')!, isoDate('2026-05-05'))).toBeLessThanOrEqual(5)
  })

  it('works in the southern half of the world', () => {
    const south = normalsFor('southern-temperate', { latitude: -37, elevation: 500 })
    const found = bendTo(south, -37, { lastFrost: isoDate('2026-10-05'), hottest: null })
    if (!('bend' in found)) throw new Error('not bent')
    const bent = bendTemperatures(south, found.bend)
    const start = seasonStart(bent, isoDate('2026-12-01'))
    const { p50 } = frostPercentiles(simulateSeasons({ normals: bent, latitude: -37 })).lastSpring
    expect(daysApart(dateInSeason(start, p50!), isoDate('2026-10-05'))).toBeLessThanOrEqual(5)
  })

  it('says what cannot be', () => {
    expect(bendTo(plain, 41, { lastFrost: isoDate('2026-08-20'), hottest: null })).toHaveProperty('latest')
    expect(bendTo(plain, 41, { lastFrost: null, hottest: 55 })).toHaveProperty('high')
  })

  it('is what it was where nothing is known', () => {
    expect(bendTo(plain, 41, { lastFrost: null, hottest: null })).toEqual({ bend: UNBENT })
    expect(hottestHigh(bendTemperatures(plain, UNBENT))).toBeCloseTo(hottestHigh(plain), 0)
  })
})

describe('kinds of climate', () => {
  it('knows a monsoon by its summer rain, north and south', () => {
    const north = normalsFor('monsoon', { latitude: 19, elevation: 500 })
    const south = normalsFor('monsoon', { latitude: -19, elevation: 500 })
    expect(climateKind(north, 19)).toMatchObject({ winter: 'frost-free', rain: 'wet-summer' })
    expect(climateKind(south, -19).rain).toBe('wet-summer')
  })

  it('tells a plain with summer rain from a coast with winter rain', () => {
    expect(climateKind(plain, 41)).toEqual({ winter: 'very-cold', summer: 'hot', rain: 'wet-summer' })
    const coast = normalsFor('dry-summer-warm', { latitude: 38, elevation: 100 })
    expect(climateKind(coast, 38)).toEqual({ winter: 'mild', summer: 'hot', rain: 'wet-winter' })
  })

  it('tells how one differs from another', () => {
    const warmer = bendTemperatures(plain, { cold: 4, hot: -2 })
    const { winter, summer, rain } = climateDifference(plain, warmer)
    expect(winter).toBeCloseTo(4, 0)
    expect(summer).toBeCloseTo(-2, 0)
    expect(rain).toBe(0)
  })
})
