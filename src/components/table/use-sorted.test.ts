import { describe, expect, it } from 'vitest'
import { compare, holds } from './use-sorted'

describe('rows', () => {
  it('stand in the order of their numbers, those in their names too', () => {
    expect(['Bed 10', 'Bed 2', 'bed 1'].sort(compare)).toEqual(['bed 1', 'Bed 2', 'Bed 10'])
    expect([10, 9, 100].sort(compare)).toEqual([9, 10, 100])
  })
  it('are found by words anywhere in them, in any order and case', () => {
    const row = ['Bed 2', '8 Old\u00a0Harrow', null, 4.8]
    expect(holds(row, 'harrow bed')).toBe(true)
    expect(holds(row, 'old harrow')).toBe(true)
    expect(holds(row, '  ')).toBe(true)
    expect(holds(row, 'bed plum')).toBe(false)
  })
})
