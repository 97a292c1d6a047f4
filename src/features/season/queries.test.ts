import { dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { datesAlong } from '../../core/season'
import { demoState } from '../../data/demo/demo-state'
import { gathering, lineOf } from '../../workers/season-kit'
import { laneOf } from './lanes'
import { seasonView } from './queries'

describe('the season', () => {
  const state = demoState()
  const view = seasonView(dayOf(state, isoDate('2026-06-18')))
  const lanes = view.plantings.map(({ dates, raising }) => laneOf(dates, raising, view.axis, view.manner))
  it('has a lane for every planting of this season, from the first sown', () => {
    expect(view.plantings.flatMap(({ parts }) => parts)).toHaveLength(18)
    // What is alike in all but its place shares a lane.
    const shared = view.plantings.filter(({ parts }) => parts.length > 1)
    for (const { parts, place } of shared) for (const part of parts) expect(place).toContain(part.place)
    expect(shared.length).toBeGreaterThan(0)
    expect(view.plantings[0]).toMatchObject({ name: 'Ditch Wren × 1', place: 'Pot 7', movable: false })
    const starts = lanes.map(({ segments }) => segments[0]!.from)
    expect([...starts].sort((a, b) => a - b)).toEqual(starts)
  })
  it('draws segments that follow each other, and marks and spreads, within the axis', () => {
    for (const { segments, marks, spreads, text } of lanes) {
      segments.forEach(({ from, to }, at) => {
        expect(from).toBeGreaterThanOrEqual(0)
        expect(to).toBeLessThanOrEqual(view.axis.days)
        if (at > 0) expect(from).toBe(segments[at - 1]!.to)
      })
      for (const { from, to } of spreads) expect(from).toBeLessThanOrEqual(to)
      expect(marks.every(({ day }) => day >= 0 && day <= view.axis.days)).toBe(true)
      expect(text).toMatch(/^sow .+, end /)
    }
  })
  it('answers with what ripens next, when the frosts come, and what the odds count', () => {
    expect(view.answer).toMatch(/^Next to ripen: .+, about \d+ (June|July)$/)
    expect(view.deciding).toMatch(
      /The last frost comes about \d+ (April|May), the first about \d+ (September|October)/,
    )
    expect(view.basis).toMatch(/^Chances are based on \d+ simulated seasons/)
    for (const on of ['2026-05-20', '2026-08-01']) {
      const { next } = seasonView(dayOf(state, isoDate(on)))
      const turns = next.map(({ when }) =>
        [/late$/, /tonight$/, /^today$/, /^by /, /^\d/].findIndex((one) => one.test(when)),
      )
      expect(new Set(turns).size, on).toBeGreaterThan(1)
      expect(turns, on).toEqual([...turns].sort())
      expect(new Set(next.map(({ text, when }) => when + text)).size, on).toBe(next.length)
    }
    expect(view.risks.length).toBeLessThanOrEqual(3)
  })
  it('lies over the usual nights, the soil and the risk of frost, a value a day', () => {
    const { low, soil, risk, warm } = view.backdrop
    expect([low.length, soil.length, risk.length]).toEqual(Array(3).fill(view.axis.days))
    expect(low[warm.nights![0]]).toBeGreaterThanOrEqual(8)
    expect(low[warm.nights![0] - 1]).toBeLessThan(8)
    expect(Math.max(...risk)).toBeGreaterThan(0.5)
  })
  it('gives the screen what dates a planting the same as here', () => {
    const { kit } = view
    for (const { id, turns, dates } of view.plantings) {
      const planting = kit.facts.plantings.find((fact) => fact.id === id)!
      const along = datesAlong(kit.facts, kit.season, lineOf(kit), kit.today, planting, turns)!
      for (const [stage, { date }] of Object.entries(dates))
        expect(along[stage as 'sow'].date, stage).toBe(date)
    }
  })
  it('gives the worker the very seasons that the odds are counted over', () => {
    const steps = gathering(view.kit)
    let step = steps.next()
    while (!step.done) step = steps.next()
    expect(step.value.seasons[3]!.tmin).toEqual(state.record.ensemble.seasons[3]!.tmin)
  })
  it('says what to do when nothing is planned, and that there is no weather', () => {
    const empty = seasonView(
      dayOf(demoState({ empty: true, garden: { station: 'normals' } }), isoDate('2026-06-18')),
    )
    expect(empty).toMatchObject({
      answer: 'Nothing is planned for 2026 yet',
      plantings: [],
      next: [],
      risks: [],
    })
    expect(empty.basis).toMatch(/You have no weather record yet/)
    expect(empty.first!.crops.map(({ crop }) => crop)).toEqual(['tomato', 'pepper'])
    expect(view.first).toBeNull()
    // Too late for this year: the picture is of no season but the one that is asked for.
    const autumn = dayOf(demoState({ empty: true }), isoDate('2026-10-20'))
    expect(seasonView(autumn, 2026).first).toBeNull()
    expect(seasonView(autumn, 2027).first).not.toBeNull()
  })
})
