import { describe, expect, it } from 'vitest'
import { entryOf, sixSlicers, slicer } from '../../test/sample-garden'
import type { LogEntry } from '../log'
import { tiedHeights } from '.'

const tied = (on: string, works: string[] = ['tie']) => entryOf(`t${on}`, 'tended', on, { works })
const heights = (entries: LogEntry[], support: 'stake' | 'cage' = 'stake') =>
  tiedHeights({ planting: { ...sixSlicers, support }, cultivar: slicer, entries }, (on) =>
    on < '2026-07-01' ? 0.6 : 1.1,
  ).map((height) => Math.round(height * 100))

describe('where a plant is tied', () => {
  it('is nowhere before the first tie is recorded, whatever its height', () => {
    expect(heights([])).toEqual([])
    expect(heights([tied('2026-07-10', ['shake'])])).toEqual([])
  })
  it('is every height that its stem had passed on the day of the last tying', () => {
    expect(heights([tied('2026-06-14')])).toEqual([30, 55])
    expect(heights([tied('2026-06-14'), tied('2026-07-10')])).toEqual([30, 55, 80, 105])
  })
  it('is nowhere in a cage, which holds without ties', () => {
    expect(heights([tied('2026-07-10')], 'cage')).toEqual([])
  })
})
