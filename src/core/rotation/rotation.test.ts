import { describe, expect, it } from 'vitest'
import { rotation } from '.'

const verdict = (years: number[], season = 2026) => rotation({ years, container: false }, season).answer

describe('rotation', () => {
  it('counts the whole seasons between', () => {
    expect(verdict([])).toEqual({ rested: null, verdict: 'never' })
    expect(verdict([2025])).toEqual({ rested: 0, verdict: 'again' })
    expect(verdict([2019, 2023])).toEqual({ rested: 2, verdict: 'short' })
    expect(verdict([2022])).toEqual({ rested: 3, verdict: 'rested' })
  })
  it('does not look at this season or later ones', () => {
    expect(verdict([2026, 2027])).toEqual({ rested: null, verdict: 'never' })
  })
  it('tells what to do where they must stand again: new mix in a pot, soil and graft in a bed', () => {
    const rules = (container: boolean) =>
      rotation({ years: [2025], container }, 2026).reasons.map(({ rule }) => rule)
    expect(rules(true)).toEqual(['rotation.again', 'rotation.new-mix'])
    expect(rules(false)).toContain('rotation.graft')
  })
  it('refuses what is no year', () => {
    expect(() => verdict([20])).toThrow(/years/)
    expect(() => verdict([], NaN)).toThrow(/season/)
  })
})
