import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import type { LogEntry } from '../../core/facts'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { basketView } from './queries'
import { reviewView } from './review-queries'

const today = isoDate('2026-06-18')
const find = (view: ReturnType<typeof basketView>, place: string) =>
  view.plantings.find((one) => one.place === place)!
const picked = (on: string, mass: number, more: object = {}) =>
  potEntry(`p${on}`, 'picked', on, {
    subject: { type: 'planting', id: 'demo-2026-pot-7-1' },
    data: { mass, count: null, ...more },
  } as Partial<LogEntry>)

describe('the basket', () => {
  const view = basketView(demoState(), today)
  it('says what ripened since it was picked last, and puts that first', () => {
    expect(view.plantings[0]!.place).toBe('Pot 7')
    expect(find(view, 'Pot 7').picked).toBeCloseTo(0.31, 9)
    expect(find(view, 'Pot 7').ripe).toBeGreaterThan(0.1)
    const after = basketView(demoState({ entries: [picked('2026-06-18', 0.4)] }), today)
    expect(find(after, 'Pot 7').ripe).toBe(0)
    expect(after.lately).toBeCloseTo(0.71, 9)
  })
  it('expects of a cultivar what it gave here before', () => {
    // Copperlace gave 2.4 kg a plant on two stems last year; the usual figure is 3.4.
    const expected = find(view, 'Bed 1').expected / find(view, 'Bed 1').plants
    expect(expected).toBeGreaterThan(2.4)
    expect(expected).toBeLessThan(3.37)
  })
  it('draws each planting’s weeks, which add up to all', () => {
    const total = (weeks: { forecast: number }[]) => weeks.reduce((sum, { forecast }) => sum + forecast, 0)
    const single = view.plantings.reduce((sum, { id }) => sum + total(view.weeks[id]!), 0)
    expect(single).toBeCloseTo(total(view.weeks['']!), 0)
  })
  it('is empty before anything stands', () => {
    expect(basketView(demoState({ empty: true }), today).plantings).toEqual([])
  })
})

describe('the seasons', () => {
  it('opens on the last one that bore, beside the one before, and counts what it says', () => {
    const view = reviewView(demoState(), today, undefined)
    expect(view.season).toBe(2025)
    expect(view.before).toBeNull()
    const running = reviewView(demoState(), today, '2026')
    expect(running.season).toBe(2026)
    expect(running.before!.mass).toBeCloseTo(view.all.mass, 9)
    expect(view.lines.reduce((sum, line) => sum + line.sum.mass, 0)).toBeCloseTo(view.all.mass, 9)
  })
  it('sets only the same crop side by side, and says how few there are', () => {
    const { decisions } = reviewView(demoState(), today, undefined)
    expect(decisions.length).toBeGreaterThan(0)
    for (const { ways, enough } of decisions) {
      expect(enough).toBe(false)
      expect(ways.map(({ way }) => way)).not.toContain('pepper')
    }
  })
  it('knows sound fruit by those counted with a fault, and what is meant for next year', () => {
    const judged = potEntry('j', 'judged', '2026-06-18', {
      subject: { type: 'planting', id: 'demo-2026-pot-7-1' },
      data: { verdict: 'drop' },
    } as Partial<LogEntry>)
    const entries = [picked('2026-06-18', 0.5, { count: 5, faults: { cracked: 2 } }), judged]
    const line = reviewView(demoState({ entries }), today, '2026').lines.find(
      ({ place }) => place === 'Pot 7',
    )!
    // Three were counted before, all sound.
    expect(line.sum.sound).toBeCloseTo(6 / 8, 9)
    expect(line.verdict).toBe('drop')
  })
})
