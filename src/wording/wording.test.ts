import { written } from './written'
import { SCHOOLS } from './feed-schools'
import { GLOSSARY } from './glossary'
import { OTHER_SCHOOLS } from './schools'
import { CAUSE_WORDS } from './health'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../core/calendar'
import { callsOf } from '../core/calls'
import { weatherAt, simulateSeasons, stationForecast } from '../core/climate'
import type { Manner } from '../core/facts'
import { seasonOutlook } from '../core/season'
import { recommendSpacing } from '../core/spacing'
import { adviseDepth, DEPTH_SCHOOLS } from '../core/transplant'
import { demoGarden } from '../data/demo'
import { withoutCare } from '../test/sample-garden'
import { sayCautions } from './cautions'
import { sayCall, sayMinutes, sayWhen } from './calls'
import { formatDate } from './dates'
import {
  choiceField,
  decimalField,
  nameField,
  optionalDateField,
  quantityField,
  shareField,
  wholeField,
} from './fields'
import { sayReason } from './say-reason'

const metric: Manner = { units: 'metric', decimals: 'point', dates: 'day-first' }
const us: Manner = { units: 'us', decimals: 'point', dates: 'month-first' }

describe('reasons', () => {
  it('can be said in both units for everything that the demo garden asks in a year', () => {
    const demo = demoGarden()
    const ensemble = simulateSeasons({ normals: demo.normals, latitude: 41, count: 20 })
    const station = { normals: demo.normals, latitude: 41, seed: 1 }
    const said = new Set<string>()
    for (let month = 2; month <= 10; month++)
      for (const day of ['02', '09', '16', '23', '28']) {
        const today = isoDate(`2026-${String(month).padStart(2, '0')}-${day}`)
        const entries = demo.log.filter(({ on }) => on <= today)
        const outlook = seasonOutlook(
          {
            ensemble,
            places: demo.places,
            cultivars: demo.cultivars,
            plantings: demo.plantings,
            entries,
            weather: [],
          },
          today,
          stationForecast(station, today),
        )
        for (const call of callsOf(outlook, withoutCare))
          for (const manner of [metric, us]) {
            const sentences = [...call.advice.reasons, ...(call.ifItWaits ? [call.ifItWaits] : [])].map(
              (reason) => sayReason(reason, manner),
            )
            for (const sentence of [
              ...sentences,
              sayCall(call.advice.answer, manner),
              sayWhen(call, today, manner),
              sayMinutes(call.minutes),
            ]) {
              expect(sentence).not.toMatch(/[{}]|undefined|NaN|null/)
              said.add(sentence)
            }
            for (const text of sayCautions(call.advice.cautions, us)) expect(text).toBeTruthy()
          }
      }
    expect(said.size).toBeGreaterThan(100)
    expect(weatherAt(stationForecast(station, isoDate('2026-06-18')), 0).date).toBe('2026-06-18')
  })
  it('can be said for every depth and spacing', () => {
    const plant = {
      crop: 'tomato' as const,
      stemHeight: 0.4,
      leafHeights: [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.35],
      rootBallDepth: 0.09,
      rootBallWidth: 0.08,
      soilDepth: 0.25,
      dailyDegreeDays: 8,
      seasonSlackDays: 10,
      soilTemperatures: [
        { depth: 0.1, temperature: 17 },
        { depth: 0.3, temperature: 14 },
      ],
    }
    for (const change of [
      {},
      { seasonSlackDays: 60 },
      { crop: 'pepper' as const },
      { grafted: true, graftHeight: 0.02 },
      { grafted: true, graftHeight: 0.2 },
      { dailyDegreeDays: 0 },
      { soilDepth: 0.1 },
      { soilTemperatures: [{ depth: 0.1, temperature: 9 }] },
      { leafHeights: [0.1] },
    ])
      for (const school of ['worked-out', ...DEPTH_SCHOOLS] as const) {
        const { reasons, alternatives } = adviseDepth({ ...plant, ...change, school })
        for (const reason of [
          ...reasons,
          ...alternatives.flatMap(({ gains, costs }) => [...gains, ...costs]),
        ])
          expect(sayReason(reason, us)).not.toMatch(/[{}]|undefined|NaN/)
      }
    const { reasons } = recommendSpacing({
      plant: { crop: 'tomato', habit: 'indeterminate', fruit: 'slicer' },
      training: 'two-stems',
      school: 'tight',
      wetness: 'high',
    })
    expect(sayReason(reasons[0]!, us).replaceAll('\u00a0', ' ')).toBe(
      'Pruning style two stems: 20 in between plants, 20 in between lines in a bed.',
    )
  })
  it('must hold what their sentence wants', () => {
    expect(() => sayReason({ rule: 'set-out.soil-cold', values: {}, weight: 'decides' }, metric)).toThrow(
      /set-out\.soil-cold must hold soil/,
    )
  })
})

describe('dates', () => {
  const date = isoDate('2026-06-18')
  it.each([
    ['day-first', 'day', '18 June'],
    ['day-first', 'weekday', 'Thu 18 June'],
    ['month-first', 'day', 'June 18'],
    ['month-first', 'full', 'June 18, 2026'],
    ['iso', 'weekday', 'Thu 2026-06-18'],
  ] as const)('%s, %s: %s', (dates, style, expected) =>
    expect(formatDate(date, { dates }, style)).toBe(expected),
  )
})

describe('fields', () => {
  const read = async (field: { validate: (typed: unknown) => Promise<unknown> }, typed: unknown) =>
    field.validate(typed).catch((error: Error) => `! ${error.message.replaceAll('\u00a0', ' ')}`)
  it('take quantities in either unit, within their bounds', async () => {
    const height = quantityField('length', metric, { low: 0.03, high: 1.5 })
    expect(await read(height, '12 in')).toBeCloseTo(0.3048)
    expect(await read(height, '45')).toBeCloseTo(0.45)
    expect(await read(height, 0.3)).toBe(0.3)
    expect(await read(height, '9 m')).toBe('! From 3 cm to 1.5 m, please.')
    expect(await read(height, '5 kg')).toMatch(/^! kg is a unit of mass/)
    expect(await read(height, '')).toMatch(/^! Type a number/)
    expect(await read(height, undefined)).toMatch(/^! /)
  })
  it('take whole numbers, shares, decimals, names, choices and dates, and refuse the rest', async () => {
    const count = wholeField(1, 20, 'how many')
    expect(await read(count, ' 7 ')).toBe(7)
    for (const bad of ['', '1e1', '2.5', '21', '-1', '0x5', '<b>'])
      expect(await read(count, bad)).toMatch(/^! /)
    expect(await read(shareField('it'), '85 %')).toBe(0.85)
    expect(await read(shareField('it'), '0')).toMatch(/^! From 1 to 100/)
    expect(await read(decimalField(-5, 5), '−1,5')).toBe(-1.5)
    expect(await read(decimalField(-5, 5), '7')).toBe('! From -5 to 5, please.')
    expect(await read(nameField('it'), '  Bed 1 ')).toBe('Bed 1')
    expect(await read(nameField('it'), 'a\nb')).toBe('! On one line, please.')
    expect(await read(choiceField(['a', 'b'] as const, 'one'), 'c')).toBe('! Choose one.')
    const day = optionalDateField(metric, isoDate('2026-06-18'))
    expect(await read(day, '5 May')).toBe('2026-05-05')
    expect(await read(day, '')).toBe('')
    expect(await read(day, 'soon')).toMatch(/^! A date such as 5 May/)
  })
})

describe('a text with quantities of its own', () => {
  const say = (text: string) => written(text, us).replaceAll(/[\u00a0\u202f]/g, ' ')
  it('is said in the gardener’s units, a range too', () => {
    expect(say('Clear the stem to {length 0.3} and mulch.')).toMatch(
      /^Clear the stem to (1 ft|12 in) and mulch\.$/,
    )
    expect(say('Shade cloth from {temperature 35}.')).toBe('Shade cloth from 95 °F.')
    expect(say('Green ones ripen at {temperature 13–21}.')).toBe('Green ones ripen at 55–70 °F.')
    expect(written('Clear to {length 0.3}, {length 0.1–0.15}.', metric)).toBe(
      'Clear to 30\u00a0cm, 10–15\u00a0cm.',
    )
  })
  it('is refused with a quantity of no kind, which a screen could only show as it stands', () => {
    expect(() => written('{depth 3}', metric)).toThrow(RangeError)
  })
  it('leaves no metric measure and no brace in what is told of causes, words and schools', () => {
    const texts = [
      ...Object.values(CAUSE_WORDS).flatMap(({ is, first, then, not }) => [is, first, ...then, not]),
      ...GLOSSARY.map(({ means }) => means),
      ...SCHOOLS.map(({ what }) => what),
      ...OTHER_SCHOOLS.flatMap(({ schools }) => schools.flatMap(({ gains, costs }) => [gains, costs])),
    ]
    for (const text of texts) expect(say(text)).not.toMatch(/\d ?(°C|cm|kg|mL)\b|[{}]/)
  })
})
