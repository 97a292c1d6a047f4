import { dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { NORMAL_BOUNDS } from '../../core/climate'
import { demoState } from '../../data/demo/demo-state'
import { gardenView } from './queries'
import { keptNormal, monthSchema, NORMAL_FIELDS, shownNormal, siteSchema } from './schema'

const today = isoDate('2026-06-18')

describe('the garden', () => {
  it('shows its site as its own form takes it back', () => {
    for (const garden of [
      {},
      { units: 'us' as const, dates: 'month-first' as const },
      { dates: 'iso' as const, clockDate: null },
    ]) {
      const { site, manner } = gardenView(dayOf(demoState({ garden }), today))
      const read = siteSchema(manner, today).validateSync(site)
      expect(read.elevation).toBeCloseTo(460, 0)
      expect(read.clock).toBe('clockDate' in garden ? '' : '2026-06-18')
      expect(read.where).toBe('41.2 N 97.6 W')
    }
  })
  it('says when it is free of frost, and how long the day is', () => {
    const view = gardenView(dayOf(demoState(), today))
    expect(view.answer).toMatch(/^Frost-free from about \d+ (April|May) to \d+ (September|October)$/)
    expect(view.daylight).toBe('15 h of daylight on 18 June, from 5:56 to 21:05.')
  })
  it('shows normals in either unit, and keeps them the same', () => {
    for (const field of NORMAL_FIELDS)
      for (const value of NORMAL_BOUNDS[field])
        expect(keptNormal(field, shownNormal(field, value, true), true)).toBeCloseTo(value, 9)
    const us = gardenView(dayOf(demoState({ garden: { units: 'us' } }), today))
    expect(us.normals.months[6]!.tmax).toBe('90.7')
    for (const month of us.normals.months) expect(monthSchema(us.manner).isValidSync(month)).toBe(true)
  })
  it('refuses a month whose low is over its high, or that is no number', () => {
    const [month] = gardenView(dayOf(demoState(), today)).normals.months
    const check = (change: object) => {
      try {
        monthSchema({ units: 'metric', decimals: 'point', dates: 'iso' }).validateSync({
          ...month,
          ...change,
        })
        return ''
      } catch (error) {
        return (error as Error).message
      }
    }
    expect(check({})).toBe('')
    expect(check({ tmin: '10', tmax: '5' })).toBe('The low must be below the high.')
    expect(check({ rain: '-3' })).toMatch(/^From 0/)
    expect(check({ wind: 'breezy' })).toMatch(/^From 0 to 25/)
    expect(check({ wetDays: '32' })).toMatch(/^From 0 to 31/)
  })
})
