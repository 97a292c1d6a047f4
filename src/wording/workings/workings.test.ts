import { describe, expect, it } from 'vitest'
import { HEALTH_REASONS } from '../health/reasons'
import { REASONS } from '../reasons'
import { WORKING_IDS } from './names'
import { workingOf } from './of-rule'
import { WORKINGS } from './workings'

describe('workings', () => {
  it('explain every rule that a reason can have', () => {
    const rules = [...Object.keys(REASONS), ...Object.keys(HEALTH_REASONS)]
    expect(rules.filter((rule) => workingOf(rule) === null)).toEqual([])
  })
  it('are found by the longest beginning, at the end of a word', () => {
    expect(workingOf('call.water-dry')).toBe('water')
    expect(workingOf('call.waits-water-pot')).toBe('water')
    expect(workingOf('call.tier')).toBe('tying')
    expect(workingOf('call.sow-weeks')).toBe('sowing')
    expect(workingOf('rotation.short')).toBe('rotation')
    expect(workingOf('rot.dry-days')).toBe('evenness')
    expect(workingOf('potato')).toBeNull()
  })
  it('each ask something, hold a formula and name where it comes from', () => {
    for (const id of WORKING_IDS) {
      const { asks, formula, source } = WORKINGS[id]
      expect(asks, id).toMatch(/\?$/)
      expect(formula.length, id).toBeGreaterThan(0)
      expect(source, id).toMatch(/\.$/)
    }
  })
})
