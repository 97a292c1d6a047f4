import { describe, expect, it } from 'vitest'
import { formatApart, formatMeasure, formatNumber, type Measure } from '.'

const metric = { units: 'metric', decimals: 'point' } as const
const us = { units: 'us', decimals: 'comma' } as const
type Numeric = Exclude<Measure, { kind: 'date' | 'name' }>
const plainly = (text: string) => text.replaceAll('\u00a0', ' ')

describe('a quantity is written as one would say it', () => {
  it.each<[kind: Numeric['kind'], value: number, metric: string, us: string]>([
    ['length', 0, '0 cm', '0 in'],
    ['length', 0.012, '1.2 cm', '½ in'],
    ['length', 0.02, '2 cm', '¾ in'],
    ['length', -0.13, '−13 cm', '−5 in'],
    ['length', 0.994, '99 cm', '39 in'],
    ['length', 0.995, '0.99 m', '39 in'],
    ['length', 1.25, '1.25 m', '4,1 ft'],
    ['temperature', 15.5, '16 °C', '60 °F'],
    ['temperature', -0.2, '0 °C', '32 °F'],
    ['temperature-difference', 2.5, '2.5 °C', '4,5 °F'],
    ['mass', 0.0045, '4.5 g', '0,2 oz'],
    ['mass', 0.01, '10 g', '0,4 oz'],
    ['mass', 0.45, '450 g', '15,9 oz'],
    ['mass', 0.9996, '1 kg', '2,2 lb'],
    ['mass', 12.34, '12.3 kg', '27,2 lb'],
    ['volume', 0.0025, '3 mL', '½ tsp'],
    ['volume', 0.03, '30 mL', '2 tbsp'],
    ['volume', 0.237, '237 mL', '1 cup'],
    ['volume', 0.35, '350 mL', '1½ cups'],
    ['volume', 0.9996, '1 L', '0,26 gal'],
    ['volume', 99.96, '100 L', '26,4 gal'],
    ['area', 0.05, '500 cm²', '77,5 in²'],
    ['area', 0.1, '0.1 m²', '1,1 ft²'],
    ['area', 5.76, '5.8 m²', '62 ft²'],
    ['duration', 90, '90 s', '90 s'],
    ['duration', 91, '2 min', '2 min'],
    ['duration', 5340, '89 min', '89 min'],
    ['duration', 5400, '1.5 h', '1,5 h'],
    ['duration', 172_800, '2 days', '2 days'],
    ['water-depth', 6.36, '6.4 mm', '0,25 in'],
    ['water-depth', 10, '10 mm', '0,39 in'],
    ['speed', 5, '18 km/h', '11 mph'],
    ['degree-days', 100, '100 °C d', '180 °F d'],
    ['share', 0, '0 %', '0 %'],
    ['share', 0.004, '<\u200a1 %', '<\u200a1 %'],
    ['share', 0.01, '1 %', '1 %'],
    ['days', 1.4, '1 day', '1 day'],
    ['days', 1.6, '2 days', '2 days'],
    ['weeks', 3, '1 week', '1 week'],
    ['weeks', 51, '7 weeks', '7 weeks'],
    ['count', 2.25, '2.3', '2,3'],
  ])('%s %d: %s, or %s', (kind, value, inMetric, inUs) => {
    expect(plainly(formatMeasure({ kind, value }, metric))).toBe(inMetric)
    expect(plainly(formatMeasure({ kind, value }, us))).toBe(inUs)
  })

  it('tells a temperature from its limit with no more digits than that takes', () => {
    expect(plainly(formatApart(15.5, 16, metric))).toBe('15.5 °C')
    expect(plainly(formatApart(15.96, 16, metric))).toBe('15.96 °C')
    expect(plainly(formatApart(12, 16, metric))).toBe('12 °C')
    expect(plainly(formatApart(16, 16, metric))).toBe('16 °C')
    // Closer than two digits tell: there is nothing to tell apart.
    expect(plainly(formatApart(15.9999, 16, metric))).toBe('16 °C')
    expect(plainly(formatApart(15.9, 16, us))).toBe('60,6 °F')
  })

  it('writes a number with the garden’s point, rounded, without a nought too many', () => {
    expect(formatNumber(1.25, metric, 1)).toBe('1.3')
    expect(formatNumber(-0.04, metric, 1)).toBe('0')
    expect(formatNumber(-1.5, us, 1)).toBe('−1,5')
    expect(formatNumber(12, us, 2)).toBe('12')
  })
})
