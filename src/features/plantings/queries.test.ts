import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { adviseDepth } from '../../core/transplant'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { leafHeightsOf, measuresSchema, typedMeasures, usualMeasures } from './measures'
import { plantingDayOf } from './planting-day'
import { choicesOf, plantingView } from './queries'
import { NEW, plantingSchema } from './schema'

const today = isoDate('2026-06-18')
const metric = { units: 'metric', decimals: 'point', dates: 'day-first' } as const

describe('a planting', () => {
  it('tells what is next, its dates with their odds, and what happened', () => {
    const view = plantingView(demoState(), 'demo-2026-bed-2-1', today)!
    expect(view.answer).toMatch(/^First flower: about \d+ June$/)
    expect(view.stages.find(({ stage }) => stage === 'set-out')).toMatchObject({
      date: '18 May',
      how: 'entered',
      spread: '',
    })
    expect(view.stages.find(({ stage }) => stage === 'first-ripe')!.spread).toMatch(
      /\d+ (Jul|Aug) – \d+ (Jul|Aug)/,
    )
    expect(view.log[0]!.text).toMatch(/^Note: Plant 7/)
    expect(view.canSetOut).toBe(false)
    expect(view.plants.filter(({ stands }) => stands)).toHaveLength(8)
  })
  it('shows who stands beside it', () => {
    const view = plantingView(demoState(), 'demo-2026-bed-1-1', today)!
    expect(view.plants.filter(({ own }) => own)).toHaveLength(6)
    expect(view.plants.filter(({ own }) => !own)).toHaveLength(6)
  })
  it('is not found in another season, or when there is none', () => {
    expect(plantingView(demoState(), 'demo-2025-bed-2-1', today)).toBeNull()
    expect(plantingView(demoState(), 'nothing', today)).toBeNull()
  })
  it('follows the soil thermometer of its place', () => {
    const reading = potEntry('r', 'soil-read', '2026-06-18', {
      subject: { type: 'place', id: 'demo-bed-4' },
      data: { depth: 0.15, temperature: 12 },
    })
    const [before, after] = [
      plantingDayOf(demoState(), 'demo-2026-bed-4-1', today)!,
      plantingDayOf(demoState({ entries: [reading] }), 'demo-2026-bed-4-1', today)!,
    ]
    expect(before.verdict.go).toBe(true)
    expect(after.verdict.go).toBe(false)
    expect(after.verdict.reasons[0]!.text.replaceAll('\u00a0', ' ')).toBe(
      'The soil is 12 °C at 15 cm; under 16 °C roots stand still.',
    )
    expect(
      after.conditions.soilTemperatures.every(
        ({ temperature }, at) => temperature < before.conditions.soilTemperatures[at]!.temperature,
      ),
    ).toBe(true)
  })
})

describe('the choices of a new planting', () => {
  it('say what has each place already', () => {
    const { places } = choicesOf(demoState())
    expect(places.find(({ name }) => name === 'Bed 1')!.planned).toBe('6 Copperlace, 6 Dusk Plum')
    expect(choicesOf(demoState({ empty: true })).places.every(({ planned }) => planned === '')).toBe(true)
  })
})

describe('measures', () => {
  it('are typed, read and typed again the same', () => {
    for (const manner of [metric, { ...metric, units: 'us' as const }]) {
      const typed = typedMeasures(usualMeasures('tomato', 0.3), manner)
      const read = measuresSchema(manner).cast(typed) as ReturnType<typeof usualMeasures>
      expect(typedMeasures(read, manner)).toEqual(typed)
    }
  })
  it('make a plant that the core takes, however small or tall', () => {
    const { conditions } = plantingDayOf(demoState(), 'demo-2026-bed-4-1', today)!
    for (const height of [0.03, 0.3, 1.5])
      for (const leaves of [1, 2, 8, 40]) {
        const leafHeights = leafHeightsOf({ height, leaves })
        expect(leafHeights).toHaveLength(leaves)
        expect(() =>
          adviseDepth({
            crop: 'tomato',
            stemHeight: height,
            leafHeights,
            rootBallDepth: 0.09,
            rootBallWidth: 0.08,
            soilDepth: 0.3,
            ...conditions,
          }),
        ).not.toThrow()
      }
  })
})

describe('the form of a new planting', () => {
  const typed = {
    place: 'p',
    cultivar: 'c',
    count: '6',
    training: 'two-stems',
    support: 'stake',
    spacingSchool: 'standard',
    germination: '85',
    survival: '90 %',
  }
  it('asks for a new place or cultivar only when there is one', () => {
    expect(plantingSchema(metric, typed).isValidSync(typed)).toBe(true)
    expect(plantingSchema(metric, { ...typed, place: NEW }).isValidSync({ ...typed, place: NEW })).toBe(false)
    const place = {
      ...typed,
      place: NEW,
      placeName: 'Bed 9',
      placeKind: 'bed',
      placeLength: '3 m',
      placeWidth: '4 ft',
    }
    expect(plantingSchema(metric, place).cast(place)).toMatchObject({
      placeLength: 3,
      placeWidth: expect.closeTo(1.2192, 9) as number,
      germination: 0.85,
      survival: 0.9,
      count: 6,
    })
  })
})
