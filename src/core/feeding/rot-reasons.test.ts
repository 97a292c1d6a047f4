import { describe, expect, it } from 'vitest'
import { rotReasons } from '.'

describe('what brings blossom-end rot', () => {
  const well = { dryDays: 0, glut: false, pot: null, proneness: 0.2, test: null }
  const rules = (change: Partial<Parameters<typeof rotReasons>[0]>) =>
    rotReasons({ ...well, ...change }).map(({ rule }) => rule)
  it('is uneven water first, whatever else there is', () => {
    expect(rules({})).toEqual(['rot.even-first', 'rot.calcium-unknown', 'rot.unsettled'])
    const all = rules({
      dryDays: 4,
      glut: true,
      pot: { litres: 12, least: 20 },
      proneness: 1,
      test: { calciumLow: true, salty: true },
    })
    expect(all[0]).toBe('rot.dry-days')
    expect(all.slice(1)).toEqual([
      'rot.nitrogen',
      'rot.salt',
      'rot.small-pot',
      'rot.prone',
      'rot.calcium-low',
      'rot.unsettled',
    ])
  })
  it('is never for want of calcium where a test says there is enough', () => {
    const told = rules({ dryDays: 4, test: { calciumLow: false, salty: false } })
    expect(told).toContain('rot.calcium-enough')
    expect(told).not.toContain('rot.calcium-low')
  })
  it('is not told of days that were not', () => {
    expect(() => rules({ dryDays: 15 })).toThrow(/dryDays/)
  })
})
