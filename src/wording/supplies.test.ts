import { describe, expect, it } from 'vitest'
import type { Manner } from '../core/facts'
import { currencyChoices, currencyOf } from './currencies'
import { sayCost, sayMoney, sayPerMass, soldName } from './supplies'

const metric: Manner = { units: 'metric', decimals: 'comma', dates: 'day-first', currency: 'EUR' }
const us: Manner = { units: 'us', decimals: 'point', dates: 'month-first', currency: 'USD' }
const plainly = (text: string) => text.replaceAll('\u00a0', ' ')

describe('money', () => {
  it('has the garden’s sign, point or comma, and as many digits as that money has', () => {
    expect(sayMoney(1234.5, us)).toBe('$1234.50')
    expect(sayMoney(1234.5, metric)).toBe('€1234,50')
    expect(sayMoney(1234.5, { ...us, currency: 'JPY' })).toBe('¥1235')
    expect(plainly(sayMoney(12, { ...us, currency: 'SEK' }))).toBe('kr 12.00')
    // A garden that has chosen none, and one of a file that says what no list has.
    expect(sayMoney(12, { ...us, currency: null })).toBe('12.00')
    expect(plainly(sayMoney(12, { ...us, currency: 'QQQ' }))).toBe('QQQ 12.00')
  })
  it('is told with what has no price, and by the mass that the garden weighs in', () => {
    expect(sayCost({ cost: 3, open: false }, us)).toBe('$3.00')
    expect(sayCost({ cost: 3, open: true }, us)).toBe('$3.00 plus items without a price')
    expect(sayCost({ cost: 0, open: true }, us)).toBe('no price yet')
    expect(sayPerMass(2, metric)).toBe('€2,00 per kg')
    expect(sayPerMass(2, us)).toBe('$0.91 per lb')
  })
  it('is that of a country, of which each has one to choose', () => {
    expect([currencyOf('NZ'), currencyOf('AT'), currencyOf('')]).toEqual(['NZD', 'EUR', null])
    const choices = currencyChoices()
    expect(choices).toContainEqual(['EUR', 'Euro'])
    expect(new Set(choices.map(([code]) => code)).size).toBe(choices.length)
    for (const [code, name] of choices)
      expect([code, /^[A-Z]{3}$/.test(code) && name.length > 2]).toEqual([code, true])
  })
})

describe('what is bought', () => {
  it('is named in meters, or in feet and half feet', () => {
    expect(plainly(soldName({ kind: 'stake', length: 2.4 }, metric))).toBe('Stakes, 2,4 m')
    expect(plainly(soldName({ kind: 'stake', length: 2.286 }, us))).toBe('Stakes, 7½ ft')
    expect(plainly(soldName({ kind: 'rod', length: 0.1524 }, us))).toBe('Anchor rods, ½ ft')
    expect(plainly(soldName({ kind: 'post', length: 2.4384 }, us))).toBe('Posts, 8 ft')
    expect(soldName({ kind: 'tie', length: null }, us)).toBe('Ties')
  })
})
