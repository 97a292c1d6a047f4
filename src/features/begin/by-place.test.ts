import { describe, expect, it } from 'vitest'
import { mannerAt } from './by-place'
import { townsAsked } from './towns'
import { zoneOf } from './look'

describe('how numbers and dates are written', () => {
  it.each([
    ['US', 'en-US', { units: 'us', currency: 'USD', decimals: 'point', dates: 'month-first' }],
    ['GB', 'en-GB', { units: 'metric', currency: 'GBP', decimals: 'point', dates: 'day-first' }],
    ['DE', 'de-DE', { units: 'metric', currency: 'EUR', decimals: 'comma', dates: 'day-first' }],
    ['SE', 'sv-SE', { units: 'metric', currency: 'SEK', decimals: 'comma', dates: 'iso' }],
    // Who moved: units go by the place, the rest by the language.
    ['FR', 'en-US', { units: 'metric', currency: 'EUR', decimals: 'point', dates: 'month-first' }],
    ['', 'en-US', { units: 'us', currency: 'USD', decimals: 'point', dates: 'month-first' }],
    ['', 'not a language!', { units: 'metric', currency: null, decimals: 'point', dates: 'day-first' }],
  ])('in %s with %s', (country, locale, manner) => expect(mannerAt(country, locale)).toEqual(manner))
})

describe('towns as they are shown', () => {
  it('say their state and country, and where they lie when two are alike', () => {
    expect(townsAsked('portland or')[0]).toEqual({
      name: 'Portland',
      detail: 'Oregon, United States',
      country: 'US',
      spot: '45.523, -122.676',
    })
    const twice = townsAsked('san jose, mexico').filter(({ detail }) => detail.includes('°'))
    for (const { detail } of twice) expect(detail).toMatch(/^Mexico \(\d+\.\d° N, \d+\.\d° W\)$/)
    const alike = townsAsked('springfield').map(({ name, detail }) => name + detail)
    expect(new Set(alike).size).toBe(alike.length)
  })
  it('are none for what is too long', () => expect(townsAsked('x'.repeat(200))).toEqual([]))
})

describe('the clock of a place', () => {
  it.each([
    [{ latitude: 45.5, longitude: -122.7 }, 'America/Los_Angeles'],
    [{ latitude: -37.8, longitude: 145 }, 'Australia/Melbourne'],
    [{ latitude: 18.5, longitude: 73.9 }, 'Asia/Kolkata'],
  ])('%o', (place, zone) => expect(zoneOf(place)).toBe(zone))
  it('can be had at the poles and the date line', () => {
    for (const latitude of [-90, 0, 90])
      for (const longitude of [-180, 180]) expect(zoneOf({ latitude, longitude })).not.toBe('')
  })
})
