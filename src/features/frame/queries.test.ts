import { describe, expect, it } from 'vitest'
import { addDays, isoDate } from '../../core/calendar'
import { demoState } from '../../data/demo/demo-state'
import { ribbonOf } from './queries'
import { dayInWords } from './ribbon-words'

describe('the ribbon', () => {
  const ribbon = ribbonOf(demoState())
  it('runs from before the first sowing to after the last frost, with today in it', () => {
    expect(ribbon.start < '2026-03-04').toBe(true)
    expect(addDays(ribbon.start, ribbon.days - 1) > '2026-10-10').toBe(true)
    const late = ribbonOf(demoState({ garden: { clockDate: isoDate('2026-12-20') } }))
    expect(addDays(late.start, late.days - 1) >= '2026-12-20').toBe(true)
  })
  it('has a value a day in every column', () => {
    for (const column of [
      ribbon.usualLow,
      ribbon.soil,
      ribbon.risk,
      ribbon.high,
      ribbon.low,
      ribbon.rain,
      ribbon.wind,
    ]) {
      expect(column).toHaveLength(ribbon.days)
      expect(column.every(Number.isFinite)).toBe(true)
    }
    expect(ribbon.sources).toMatch(/^n*s+n+$/)
    expect(Math.max(...ribbon.risk)).toBeLessThanOrEqual(1)
  })
  it('has its lanes in the order of growing, within the strip', () => {
    expect(ribbon.lanes.map(({ name }) => name)).toEqual(['under cover', 'in the ground', 'bearing'])
    for (const { from, to } of ribbon.lanes) {
      expect(from).toBeGreaterThanOrEqual(0)
      expect(to).toBeLessThan(ribbon.days)
      expect(from).toBeLessThan(to)
    }
    expect(ribbonOf(demoState({ empty: true })).lanes).toEqual([])
  })
  it('says a day as it was or is forecast, or as it usually is', () => {
    const today = [...ribbon.sources].lastIndexOf('s')
    expect(dayInWords(ribbon, today).sky).toMatch(/^simulated: (dry, .+km\/h|rain .+mm)$/)
    expect(dayInWords(ribbon, ribbon.days - 1).sky).toBe('average for the day')
  })
})
