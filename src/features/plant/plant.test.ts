import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import type { LogEntry } from '../../core/facts'
import { demoState } from '../../data/demo/demo-state'
import { plantViewOf } from './queries'

const today = isoDate('2026-06-18')
const later = isoDate('2026-07-25')
const ID = 'demo-2026-bed-1-1-1'
const pruned = (cuts: object[], subject: LogEntry['subject'] = { type: 'plant', id: ID }): LogEntry =>
  ({
    id: 'pruned',
    kind: 'pruned',
    on: '2026-06-18',
    at: '2026-06-18T09:00:00.000Z',
    subject,
    data: { cuts },
    note: '',
    voids: null,
  }) as never

describe('a plant', () => {
  it('is grown by its planting’s weather and led as its planting is', () => {
    const view = plantViewOf(demoState(), ID, today)!
    expect(view.training).toBe('two-stems')
    expect(view.plant.stems[0]!.nodes.length).toBeGreaterThan(8)
    expect(plantViewOf(demoState(), ID, later)!.plant.height).toBeGreaterThan(2 * view.plant.height)
    expect(view.plant.buried).toBeGreaterThan(0)
  })
  it('loses what was cut on it, or on all of its planting', () => {
    const { cuts, plant } = plantViewOf(demoState(), ID, today)!
    const due = cuts.filter((cut) => cut.due === undefined)
    expect(due.length).toBeGreaterThan(0)
    for (const subject of [undefined, { type: 'planting', id: 'demo-2026-bed-1-1' } as const]) {
      const state = demoState({ entries: [pruned(due, subject)] })
      const after = plantViewOf(state, ID, today)!
      expect(after.plant.leafArea).toBeLessThan(plant.leafArea)
      expect(after.history).toHaveLength(1)
      expect(after.misfits).toBe(0)
    }
    const other = demoState({ entries: [pruned(due, { type: 'plant', id: 'demo-2026-bed-1-1-2' })] })
    expect(plantViewOf(other, ID, today)!.plant.leafArea).toBe(plant.leafArea)
  })
  it('tells an entry that fits nowhere', () => {
    const state = demoState({ entries: [pruned([{ stem: 0, node: 900, organ: 'leaf' }])] })
    expect(plantViewOf(state, ID, today)!.misfits).toBe(1)
  })
  it('waits before it has come up, and is not there at all by another name', () => {
    expect(plantViewOf(demoState(), ID, isoDate('2026-02-10'))!.plant.height).toBe(0)
    expect(plantViewOf(demoState(), 'no-such', today)).toBeNull()
  })
  it('of a bush keeps its suckers and its tip', () => {
    const view = plantViewOf(demoState(), 'demo-2026-row-a-1-1', later)!
    expect(view.plant.stems[0]!.ended).toBe('truss')
    expect(view.cuts.every(({ organ }) => organ === 'leaf' || organ === 'truss')).toBe(true)
  })
})
