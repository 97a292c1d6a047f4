import { describe, expect, it } from 'vitest'
import { soundOf } from '../../../wording/check-form'
import { buttSchema, carriedBy, usualButt } from './butt.model'
import { byHandSchema, usualByHand, waterByHand } from './by-hand.model'
import { dripSchema, dripSet, usualDrip, type DripValues } from './drip.model'

const metric = { units: 'metric', decimals: 'point', dates: 'day-first' } as const
const us = { units: 'us', decimals: 'comma', dates: 'month-first' } as const
type Style = typeof metric | typeof us

describe('any pot or bed', () => {
  const water = (typed: object, manner: Style = metric) =>
    waterByHand(soundOf(byHandSchema(manner), { ...usualByHand(manner), ...typed }).values, manner)
  const litres = (text: string) => Number(/^([\d.]+)\u00a0L/.exec(text)![1])

  it('takes more on a hot day, and lasts longer in a larger pot', () => {
    expect(litres(water({ day: 'hot' })!.answer)).toBeGreaterThan(litres(water({ day: 'mild' })!.answer))
    expect(water({ volume: '10 L' })!.more).toContain('Water it twice on such a day')
    expect(water({ volume: '200 L' })!.more).not.toContain('twice')
  })
  it('runs the drip so long that it brings the amount', () => {
    const { drip } = water({ kind: 'bed', emitters: '10', flow: '2 L' })!
    const [, given, count, flow] = /^([\d.]+)\u00a0L ÷ (\d+) × ([\d.]+)\u00a0L\/h$/
      .exec(drip!.how)!
      .map(Number)
    expect(Number(drip!.minutes.split(' ')[0]) / 60).toBeCloseTo(given! / (count! * flow!), 1)
  })
  it('answers by the sizes of its own kind alone', () => {
    expect(water({ area: 'x' })).not.toBeNull()
    expect(water({ volume: 'x' })).toBeNull()
    expect(water({ kind: 'bed', area: 'x' })).toBeNull()
    expect(water({ seconds: '', flow: 'x' })).toMatchObject({ drip: null, hose: null })
  })
  it('speaks gallons with a comma in a garden that does', () => {
    const { answer, more } = water({ kind: 'bed' }, us)!
    expect(answer).toMatch(/gal per day/)
    expect(answer + more).not.toMatch(/\d\.\d|\u00a0L\b/)
  })
})

describe('a drip set before it is laid', () => {
  const set = (typed: object, manner: Style = metric) => {
    const { all } = soundOf(dripSchema(manner), { ...usualDrip(manner), ...typed })
    return all && dripSet(all as DripValues, manner)
  }
  it('has its emitters along each line, and gives what they give', () => {
    // 4.8 m at each 30 cm, twice, 2 L/h each.
    expect(set({})!.answer).toBe('32 emitters, 64\u00a0L per hour')
    expect(set({})!.lines).toHaveLength(2)
    expect(set({})!.plants.every(({ x, y }) => x > 0 && x < 4.8 && y > 0 && y < 1.2)).toBe(true)
  })
  it('says which plants an emitter misses, and what a low barrel does', () => {
    const far = set({ lines: '1', every: '2 m', apart: '30 cm' })!
    expect(far.answer).toMatch(/, \d+ of 16 plants miss one$/)
    expect(far.warnings.join(' ')).toContain('Match the spacing to the plants')
    expect(set({ head: '50 cm' })!.more).toContain('The barrel’s pressure is 4.9 kPa.')
    expect(set({ head: '50 cm' })!.warnings.join(' ')).toContain('A barrel this low')
    expect(set({})!.more).not.toContain('barrel')
  })
  it('is not laid out by half', () => expect(set({ every: '' })).toBeNull())
  it('tells lengths in feet and inches where those are used', () =>
    expect(set({ lines: '1', apart: '8 in', every: '5 ft' }, us)!.warnings.join(' ')).toMatch(
      /\u00a0in from/,
    ))
})

describe('a water butt', () => {
  const carried = (typed: object, rain: number[], need: number, manner: Style = metric) =>
    carriedBy(soundOf(buttSchema(manner), { ...usualButt(manner), ...typed }).all!, rain, need, manner)
  const dry = Array.from({ length: 14 }, () => 0)
  it('lasts as long as it holds what all places take', () => {
    expect(carried({}, dry, 30)).toContain('it is empty after 7 days')
    expect(carried({}, dry, 10)).toContain('lasts the next two weeks')
    expect(carried({}, dry, 300)).toContain('is empty within the day')
  })
  it('catches what falls on the roof, and runs over when it is full', () => {
    const [first, ...rest] = dry
    expect(carried({}, dry, 30)).toContain('it catches nothing')
    expect(carried({}, [first!, ...rest.slice(1), 10], 30)).toMatch(/it catches \d/)
    expect(carried({}, [50, ...rest], 1)).toMatch(/of which .* overflow/)
  })
  it('takes a roof in square feet, and says a head in feet', () =>
    expect(carried({ roof: '215 ft²' }, dry, 10, us)).toContain('39\u00a0in of water over the line'))
})
