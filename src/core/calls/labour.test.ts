import { describe, expect, it } from 'vitest'
import { entryOf } from '../../test/sample-garden'
import { labourOf } from './labour'

const ONCE = () => 1
const tied = entryOf('a', 'tended', '2026-06-10', { works: ['tie'] })
const picked = entryOf('b', 'picked', '2026-08-01', { mass: 2, count: null })
const watered = entryOf('c', 'watered', '2026-06-12', { litres: 40 })

describe('the work that went into a planting', () => {
  it('adds the working times of what was entered', () => {
    // Six ties of ½ min, and a picking of 3 min and 0.7 a plant.
    expect(labourOf([tied, picked], [], 6, 1, ONCE)).toBeCloseTo(3 + 3 + 4.2, 9)
    expect(labourOf([], [], 6, 1, ONCE)).toBe(0)
  })
  it('takes its share of the place’s water', () => {
    // Four cans of 2 min.
    expect(labourOf([], [watered], 6, 0.5, ONCE)).toBe(4)
  })
  it('goes by the time that was taken where one was', () => {
    const timed = entryOf('t', 'timed', '2026-06-10', { work: 'tend', minutes: 11, usual: 3 })
    expect(labourOf([tied, timed], [], 6, 1, ONCE)).toBe(11)
    // Another day's is estimated still.
    const later = entryOf('d', 'tended', '2026-06-20', { works: ['tie'] })
    expect(labourOf([tied, timed, later], [], 6, 1, ONCE)).toBe(14)
  })
  it('follows the garden’s own pace, and counts one plant’s picking once', () => {
    expect(labourOf([tied], [], 6, 1, (kind) => (kind === 'tend' ? 2 : 1))).toBe(6)
    const one = entryOf('e', 'picked', '2026-08-01', { mass: 1, count: null, plant: 'p1' })
    expect(labourOf([one], [], 6, 1, ONCE)).toBeCloseTo(3.7, 9)
  })
})
