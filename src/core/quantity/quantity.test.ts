import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  convertFromSi,
  convertToSi,
  formatMeasure,
  parseQuantity,
  type QuantityKind,
  type UnitSystem,
} from '.'

const value = (text: string, kind: QuantityKind, assume: UnitSystem = 'metric') => {
  const parsed = parseQuantity(text, kind, assume)
  if ('error' in parsed) throw new Error(`${text}: ${parsed.error}`)
  return parsed.value
}
const error = (text: string, kind: QuantityKind) => {
  const parsed = parseQuantity(text, kind, 'metric')
  return 'error' in parsed ? parsed.error : `taken as ${parsed.value}`
}

const GALLON = 3.785411784
const FOOT = 0.3048

describe('amounts as growers write them', () => {
  it.each([
    ['12 m2', 'area', 12],
    ['3 ft2', 'area', 3 * FOOT ** 2],
    ['5 cm2', 'area', 0.0005],
    ['1 m3', 'volume', 1000],
    ['10 ft3', 'volume', 10 * FOOT ** 3 * 1000],
    ['3 cu. ft.', 'volume', 3 * FOOT ** 3 * 1000],
    ['3 sq. ft.', 'area', 3 * FOOT ** 2],
    ['a foot and a half', 'length', 1.5 * FOOT],
    ['one foot', 'length', FOOT],
    ["5' 6", 'length', 5.5 * FOOT],
    ['5ft2', 'length', (62 * FOOT) / 12],
    ['1m20', 'length', 1.2],
    ['half a cup', 'volume', GALLON / 32],
    ['half a gallon', 'volume', GALLON / 2],
    ['1/2c', 'volume', GALLON / 32],
    ['2 c.', 'volume', GALLON / 8],
    ['3 T', 'volume', (3 * GALLON) / 256],
    ['3 t', 'volume', (3 * GALLON) / 768],
    ['5 gallon bucket', 'volume', 5 * GALLON],
    ['1 yard', 'volume', (3 * FOOT) ** 3 * 1000],
    ['5 mls', 'volume', 0.005],
    ['2 ltr', 'volume', 2],
    ['half an hour', 'duration', 1800],
    ['1h30', 'duration', 5400],
    ['1:30', 'duration', 5400],
    ['30m', 'duration', 1800],
    ['3 kgs', 'mass', 3],
    ['5 gms', 'mass', 0.005],
    ['4x8', 'area', 32 * FOOT ** 2],
    ["4'x8'", 'area', 32 * FOOT ** 2],
    ['1.2 m by 3 m', 'area', 3.6],
    ['21ºC', 'temperature', 21],
    ['70 degrees', 'temperature', (70 - 32) / 1.8],
    ['70 deg', 'temperature', (70 - 32) / 1.8],
    ['21 degrees C', 'temperature', 21],
    ['minus 2 °C', 'temperature', -2],
  ] as const)('%s is an amount of %s', (text, kind, value) => {
    expect(parseQuantity(text, kind, 'us')).toEqual({ value: expect.closeTo(value, 9) as number })
  })
  it.each([
    ['12 m2', 'length'],
    ['half', 'volume'],
    ['one two', 'mass'],
    ['3 bushels', 'volume'],
  ] as const)('%s is none of %s', (text, kind) => {
    expect(parseQuantity(text, kind, 'us')).toHaveProperty('error')
  })
})

describe('parseQuantity', () => {
  it.each<[string, QuantityKind, number]>([
    ['18in', 'length', 0.4572],
    ['18 "', 'length', 0.4572],
    ['45 cm', 'length', 0.45],
    ['1,5 m', 'length', 1.5],
    ['1,200 mm', 'length', 1.2],
    ['1.200,5 mm', 'length', 1.2005],
    ['1 200 mm', 'length', 1.2],
    ['0,200 m', 'length', 0.2],
    ['5\'6"', 'length', 1.6764],
    ['5\' 6 1/2"', 'length', 1.6891],
    ['5\'-6"', 'length', 1.6764],
    ['5 ft 6 in', 'length', 1.6764],
    ['5ft6in', 'length', 1.6764],
    ['1-1/2 ft', 'length', 0.4572],
    ['1½ in', 'length', 0.0381],
    ['2 m 30 cm', 'length', 2.3],
    ['.5 m', 'length', 0.5],
    ['~ 3 yd', 'length', 2.7432],
    ['1 1/2 cups', 'volume', 0.354882],
    ['½ gal', 'volume', 1.892706],
    ['8 oz', 'volume', 0.236588],
    ['8 oz', 'mass', 0.226796],
    ['2 tbsp', 'volume', 0.0295735],
    ['2 lb 10 oz', 'mass', 1.19068],
    ['61 °F', 'temperature', 16.111111],
    ['−40 F', 'temperature', -40],
    ['-3', 'temperature', -3],
    ['16°', 'temperature', 16],
    ['32 sq ft', 'area', 2.972897],
    ['1 h 30 min', 'duration', 5400],
    ['90 s', 'duration', 90],
  ])('reads %s as a %s', (text, kind, expected) => {
    expect(value(text, kind)).toBeCloseTo(expected, 5)
  })

  it('reads a bare number in the unit of the gardener, or of the field', () => {
    expect(value('18', 'length', 'us')).toBeCloseTo(0.4572)
    expect(value('45', 'length')).toBeCloseTo(0.45)
    expect(value('61', 'temperature', 'us')).toBeCloseTo(16.111, 2)
    expect(parseQuantity('4', 'length', 'us', 'ft')).toEqual({ value: convertToSi(4, 'length', 'ft') })
  })

  it.each<[string, QuantityKind, number, number]>([
    ['6-8 ft', 'length', 1.8288, 2.4384],
    ['6 – 8 ft', 'length', 1.8288, 2.4384],
    ['6 to 8 ft', 'length', 1.8288, 2.4384],
    ['18 in - 2 ft', 'length', 0.4572, 0.6096],
    ['1/2-3/4 in', 'length', 0.0127, 0.01905],
    ['1 1/2-2 1/2 m', 'length', 1.5, 2.5],
    ['60-70°F', 'temperature', 15.5556, 21.1111],
    ['-5 - 3 °C', 'temperature', -5, 3],
    ['-5--3 °C', 'temperature', -5, -3],
    ['8-6 ft', 'length', 1.8288, 2.4384],
  ])('reads the range %s', (text, kind, low, high) => {
    const parsed = parseQuantity(text, kind, 'metric')
    expect(parsed).toMatchObject({ low: expect.closeTo(low, 4), high: expect.closeTo(high, 4) })
    expect(value(text, kind)).toBeCloseTo((low + high) / 2, 4)
  })

  it('says what would be right', () => {
    expect(error('', 'length')).toMatch(/Type a number, such as 45 cm or 18 in/)
    expect(error('5 kg', 'length')).toMatch(/kg is a unit of mass; here a length is wanted/)
    expect(error('5 parsecs', 'length')).toMatch(/“parsecs” is not a unit we know/)
    expect(error('<script>alert(1)</script>', 'length')).toMatch(/is not an amount/)
    expect(error('-5 cm', 'length')).toMatch(/cannot be below zero/)
    expect(error('-300 °C', 'temperature')).toMatch(/cold/)
    expect(error('1/0 in', 'length')).toMatch(/is not an amount/)
    expect(error('1.2.3 m', 'length')).toMatch(/is not an amount/)
    expect(error('6 in 5 ft', 'length')).toMatch(/is not one amount/)
    expect(error('5 6', 'length')).toMatch(/not/)
    expect(error('9'.repeat(10_000), 'length')).toMatch(/too long/)
  })

  it('never throws and never gives a number that is none', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 80 }),
        fc.constantFrom<QuantityKind>('length', 'temperature', 'volume'),
        (text, kind) => {
          const parsed = parseQuantity(text, kind, 'us')
          expect('error' in parsed ? parsed.error.length > 0 : Number.isFinite(parsed.value)).toBe(true)
        },
      ),
    )
  })
})

describe('formatMeasure', () => {
  const metric = { units: 'metric', decimals: 'point' } as const
  const us = { units: 'us', decimals: 'point' } as const
  it.each([
    [{ kind: 'length', value: 0.13 }, '13 cm', '5 in'],
    [{ kind: 'length', value: 0.133 }, '13 cm', '5¼ in'],
    [{ kind: 'length', value: 0.005 }, '0.5 cm', '¼ in'],
    [{ kind: 'length', value: 1.2 }, '1.2 m', '47 in'],
    [{ kind: 'length', value: 2.4384 }, '2.44 m', '8 ft'],
    [{ kind: 'temperature', value: -2.4 }, '−2 °C', '28 °F'],
    [{ kind: 'temperature', value: -0.3 }, '0 °C', '31 °F'],
    [{ kind: 'temperature-difference', value: 2.5 }, '2.5 °C', '4.5 °F'],
    [{ kind: 'mass', value: 0.24 }, '240 g', '8.5 oz'],
    [{ kind: 'volume', value: 1.892706 }, '1.9 L', '½ gal'.replace('½', '0.5')],
    [{ kind: 'volume', value: 0.0295735 }, '30 mL', '2 tbsp'],
    [{ kind: 'area', value: 2.972897 }, '3 m²', '32 ft²'],
    [{ kind: 'speed', value: 5 }, '18 km/h', '11 mph'],
    [{ kind: 'water-depth', value: 12.7 }, '13 mm', '0.5 in'],
    [{ kind: 'share', value: 0.4 }, '40 %', '40 %'],
    [{ kind: 'days', value: 1 }, '1 day', '1 day'],
    [{ kind: 'duration', value: 1500 }, '25 min', '25 min'],
  ] as const)('%j is %s or %s', (measure, inMetric, inUs) => {
    expect(formatMeasure(measure, metric).replaceAll('\u00a0', ' ')).toBe(inMetric)
    expect(formatMeasure(measure, us).replaceAll('\u00a0', ' ')).toBe(inUs)
  })

  it('writes decimal commas where the garden does', () => {
    expect(formatMeasure({ kind: 'length', value: 1.25 }, { units: 'metric', decimals: 'comma' })).toBe(
      '1,25\u00a0m',
    )
  })

  it('is read back as the same quantity within its rounding', () => {
    const ranges: Record<QuantityKind, [number, number]> = {
      length: [0.001, 60],
      temperature: [-60, 60],
      mass: [0.0005, 500],
      volume: [0.005, 2000],
      area: [0.001, 5000],
      duration: [1, 1e6],
    }
    const anyQuantity = fc.constantFrom(...(Object.keys(ranges) as QuantityKind[])).chain((kind) =>
      fc.record({
        kind: fc.constant(kind),
        value: fc.double({ min: ranges[kind][0], max: ranges[kind][1], noNaN: true }),
      }),
    )
    fc.assert(
      fc.property(
        anyQuantity,
        fc.constantFrom(metric, us),
        fc.constantFrom('point', 'comma'),
        (measure, style, decimals) => {
          const text = formatMeasure(measure, { ...style, decimals: decimals as 'point' })
          const again = value(text, measure.kind, style.units)
          const rounding = {
            length: 0.016,
            temperature: 0.51,
            mass: 0.0016,
            volume: 0.0149,
            area: 0.03,
            duration: 31,
          }
          const relative = measure.kind === 'temperature' ? 0 : 0.051
          expect(Math.abs(again - measure.value)).toBeLessThanOrEqual(
            rounding[measure.kind] + relative * Math.abs(measure.value),
          )
          expect(
            formatMeasure({ kind: measure.kind, value: again }, { ...style, decimals: decimals as 'point' }),
          ).toBe(text)
        },
      ),
      { numRuns: 2000 },
    )
  })

  it('converts there and back', () => {
    fc.assert(
      fc.property(fc.double({ min: -50, max: 50, noNaN: true }), (celsius) => {
        expect(convertToSi(convertFromSi(celsius, 'temperature', '°f'), 'temperature', '°f')).toBeCloseTo(
          celsius,
          9,
        )
      }),
    )
    expect(() => convertToSi(1, 'length', 'kg')).toThrow(RangeError)
  })
})
