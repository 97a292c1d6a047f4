import { describe, expect, it } from 'vitest'
import { climateAt, climateOf, usualElevation } from './climate-of'
import { seaKm } from './coast'
import { countryName, findTowns, folded } from './towns'

const said = (text: string) =>
  findTowns(text).map(({ name, region, country }) => [name, region, country].filter(Boolean).join(', '))

describe('towns', () => {
  it('come by the beginning of their names, the most people first', () => {
    expect(said('portl')[0]).toBe('Portland, Oregon, US')
    expect(said('portland').slice(0, 2)).toEqual(['Portland, Oregon, US', 'Portland, Maine, US'])
  })

  it.each([
    ['Portland, Oregon', 'Portland, Oregon, US'],
    ['portland or', 'Portland, Oregon, US'],
    ['Portland, ME', 'Portland, Maine, US'],
    ['Portland, Australia', 'Portland, Victoria, AU'],
    ['portland vic', 'Portland, Victoria, AU'],
    ['Perth, Scotland', 'Perth, Scotland, GB'],
    ['perth uk', 'Perth, Scotland, GB'],
    ['pune', 'Pune, IN'],
    ['zurich', 'Zürich, CH'],
    ['  São Paulo ', 'São Paulo, BR'],
    ['st louis', 'St. Louis, Missouri, US'],
    ['new york', 'New York City, New York, US'],
  ])('finds %s', (typed, wanted) => {
    expect(said(typed)).toContain(wanted)
  })

  it('puts a whole name before a longer one', () => {
    const names = findTowns('york').map(({ name }) => name)
    expect(names[0]).toBe('York')
  })

  it('finds nothing where there is nothing', () => {
    expect(findTowns('xqzzyw')).toEqual([])
    expect(findTowns('')).toEqual([])
    expect(findTowns('a')).toEqual([])
    expect(findTowns('Portland, Nowhereland')).toEqual([])
    expect(findTowns(`portland${' '.repeat(500)}x`.repeat(20))).toEqual([])
  })

  it('are folded as people type', () => {
    expect(folded('Łódź')).toBe('lodz')
    expect(folded("L'Aquila")).toBe('l aquila')
    expect(countryName('GB')).toBe('United Kingdom')
    expect(countryName('')).toBe('')
  })
})

describe('the sea', () => {
  it.each([
    ['a port', { latitude: 38.7, longitude: -9.1 }, 0, 25],
    ['the middle of a continent', { latitude: 41.2, longitude: -97.6 }, 1000, 1400],
    ['an island past the date line', { latitude: -17.7, longitude: 178 }, 0, 40],
    ['a town in the hills', { latitude: 48.1, longitude: 11.6 }, 250, 400],
  ])('is found from %s', async (_, place, low, high) => {
    const km = await seaKm(place)
    expect(km).toBeGreaterThanOrEqual(low)
    expect(km).toBeLessThanOrEqual(high)
  })

  it('is found from the poles and the date line', async () => {
    for (const place of [
      { latitude: 90, longitude: 0 },
      { latitude: -90, longitude: 30 },
      { latitude: 0, longitude: 180 },
      { latitude: 0, longitude: -180 },
    ])
      expect(await seaKm(place)).toBeLessThan(6000)
  })
})

describe('a garden’s climate', () => {
  const site = { latitude: 45.5, longitude: -122.7, elevation: 60 }
  it('comes from the stations near it, with two others to take', async () => {
    const { normals, from, others } = await climateAt(site)
    expect(normals[0]!.tmin).toBeGreaterThan(0)
    expect(from[0]!.station.name).toBe('Portland OR')
    expect(others).toHaveLength(2)
    const like = await climateOf(`like:${others[0]!.station.name}`, site, { cold: 0, hot: 0 })
    expect(like[6]!.tmax).toBeCloseTo(others[0]!.normals[6]!.tmax, 1)
  })

  it('can be a kind that was chosen, and is bent as the gardener knows it', async () => {
    const plain = await climateOf('cool-maritime', site, { cold: 0, hot: 0 })
    const bent = await climateOf('cool-maritime', site, { cold: -2, hot: 1 })
    expect(bent[0]!.tmin).toBeLessThan(plain[0]!.tmin - 1.5)
    expect(Math.max(...bent.map(({ tmax }) => tmax))).toBeGreaterThan(
      Math.max(...plain.map(({ tmax }) => tmax)) + 0.5,
    )
  })

  it('goes by those near it where a station is no longer listed', async () => {
    const gone = await climateOf('like:Nowhere', site, { cold: 0, hot: 0 })
    expect(gone).toEqual(await climateOf('stations', site, { cold: 0, hot: 0 }))
  })

  it('knows roughly how high a place lies', async () => {
    expect(await usualElevation({ latitude: 39.7, longitude: -105 })).toBeGreaterThan(1200)
    expect(await usualElevation({ latitude: 52.4, longitude: 4.9 })).toBeLessThan(50)
  })
})
