import { describe, expect, it } from 'vitest'
import { isoDate } from '../calendar'
import type { LogEntry } from '../log'
import { entryOf, sampleGarden, sixSlicers } from '../../test/sample-garden'
import { seasonOutlook } from './outlook'

const direct = { ...sixSlicers, raising: 'direct' } as const
const setOut = { count: 6, method: 'upright', school: 'x', stemBuried: 0, holeDepth: 0.1, leavesStripped: 0 }
const today = isoDate('2026-07-10')
const own = (planting: typeof sixSlicers, entries: LogEntry[], on = today) =>
  seasonOutlook(sampleGarden(entries, { plantings: [planting] }), on, null).plantings[0]!

describe('a planting stands', () => {
  it('from its setting out, raised or bought, to its clearing', () => {
    expect(own(sixSlicers, [])).toMatchObject({ stands: null, phase: 'planned' })
    const sown = entryOf('s', 'sown', '2026-03-20', { seeds: 9 })
    expect(own(sixSlicers, [sown])).toMatchObject({ stands: null, phase: 'raising' })
    const out = entryOf('o', 'set-out', '2026-05-20', setOut)
    for (const entries of [[out], [sown, out]])
      expect(own(sixSlicers, entries)).toMatchObject({
        stands: { from: '2026-05-20', to: null },
        phase: 'standing',
      })
    const cleared = entryOf('c', 'cleared', '2026-07-01')
    expect(own(sixSlicers, [out, cleared])).toMatchObject({
      stands: { from: '2026-05-20', to: '2026-07-01' },
      phase: 'over',
    })
  })
  it('from the day it came up where it was sown in place, and in no tray', () => {
    const up = entryOf('u', 'emerged', '2026-05-28', { count: 6 })
    expect(own(direct, [up])).toMatchObject({ stands: { from: '2026-05-28', to: null }, phase: 'standing' })
    expect(own(sixSlicers, [up])).toMatchObject({ stands: null, phase: 'raising' })
    const sown = entryOf('s', 'sown', '2026-05-15', { seeds: 18 })
    expect(own(direct, [sown])).toMatchObject({ stands: null, phase: 'raising' })
  })
  it('not before the day, and not by what was taken back', () => {
    const out = entryOf('o', 'set-out', '2026-05-20', setOut)
    const back = entryOf('v', 'void', '2026-05-21', {}, { voids: 'o' })
    expect(own(sixSlicers, [out], isoDate('2026-05-19')).stands).toBeNull()
    expect(own(sixSlicers, [out, back]).stands).toBeNull()
  })
  it('where it came through the winter from before the season began', () => {
    const early = own(sixSlicers, [entryOf('o', 'set-out', '2025-10-20', setOut)])
    expect(early.stands?.from).toBe('2025-10-20')
    expect(early.grownFor).toBeGreaterThan(0)
  })
})
