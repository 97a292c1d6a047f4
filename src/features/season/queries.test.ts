import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { demoState } from '../../data/demo/demo-state'
import { seasonView } from './queries'

describe('the season', () => {
  const view = seasonView(demoState(), isoDate('2026-06-18'))
  it('has a lane for every planting of this season, from the first sown', () => {
    expect(view.lanes).toHaveLength(18)
    expect(view.lanes[0]).toMatchObject({ name: 'Ditch Wren × 1', place: 'Pot 7' })
    const starts = view.lanes.map(({ segments }) => segments[0]!.from)
    expect([...starts].sort((a, b) => a - b)).toEqual(starts)
  })
  it('draws segments that follow each other within the axis', () => {
    for (const { segments, ripe } of view.lanes) {
      segments.forEach(({ from, to }, at) => {
        expect(from).toBeGreaterThanOrEqual(0)
        expect(to).toBeLessThanOrEqual(view.days)
        if (at > 0) expect(from).toBe(segments[at - 1]!.to)
      })
      if (ripe) expect(ripe.from <= ripe.middle && ripe.middle <= ripe.to).toBe(true)
    }
  })
  it('answers with what ripens next, and when the frosts come', () => {
    expect(view.answer).toMatch(/^Next to ripen: .+, about \d+ July$/)
    expect(view.deciding).toMatch(
      /The last frost comes about \d+ (April|May), the first about \d+ (September|October)/,
    )
    expect(view.spring!.to).toBeLessThan(view.autumn!.from)
    expect(view.next.length).toBeGreaterThan(0)
  })
  it('says what to do when nothing is planned', () => {
    const empty = seasonView(demoState({ empty: true }), isoDate('2026-06-18'))
    expect(empty).toMatchObject({ answer: 'Nothing is planned yet', lanes: [], next: [] })
  })
})
