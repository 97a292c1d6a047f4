import { describe, expect, it } from 'vitest'
import { dayOf, resultsOf } from '../../core/garden-day'
import { isoDate } from '../../core/calendar'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { spentOn } from './spent'

/** What the plantings of a season cost, by planting. */
function costsOf(season: number, state: ReturnType<typeof demoState>) {
  const own = resultsOf(dayOf(state, state.now)).filter((result) => result.season === season)
  return new Map([...spentOn(state, own)].map(([id, { cost }]) => [id, cost.cost]))
}

describe('what a season cost', () => {
  const state = demoState()
  const costs = costsOf(2025, state)
  it('has the supports of what stood in it', () => {
    expect(costs.size).toBeGreaterThan(2)
    expect(Math.max(...costs.values())).toBeGreaterThan(0)
  })
  it('is not less by a word that is entered of one of its plantings when the next season has begun', () => {
    const [id] = [...costs.keys()]
    const late = potEntry('late-word', 'note', isoDate('2026-03-02'), {
      subject: { type: 'planting', id: id! },
      note: 'grow it again',
    })
    expect(costsOf(2025, demoState({ entries: [late] }))).toEqual(costs)
  })
})
