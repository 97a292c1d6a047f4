import { dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import type { LogEntry } from '../../core/log'
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
    const view = plantViewOf(dayOf(demoState(), today), ID)!
    expect(view.training).toBe('two-stems')
    expect(view.plant.stems[0]!.nodes.length).toBeGreaterThan(8)
    expect(plantViewOf(dayOf(demoState(), later), ID)!.plant.height).toBeGreaterThan(2 * view.plant.height)
    expect(view.plant.buried).toBeGreaterThan(0)
  })
  it('loses what was cut on it, or on all of its planting', () => {
    const { cuts, plant } = plantViewOf(dayOf(demoState(), today), ID)!
    const due = cuts.filter((cut) => cut.due === undefined)
    expect(due.length).toBeGreaterThan(0)
    for (const subject of [undefined, { type: 'planting', id: 'demo-2026-bed-1-1' } as const]) {
      const state = demoState({ entries: [pruned(due, subject)] })
      const after = plantViewOf(dayOf(state, today), ID)!
      expect(after.plant.leafArea).toBeLessThan(plant.leafArea)
      expect(after.history).toHaveLength(3)
      expect(after.history.map(({ misfit }) => misfit)).toEqual([null, null, null])
    }
    const other = demoState({ entries: [pruned(due, { type: 'plant', id: 'demo-2026-bed-1-1-2' })] })
    expect(plantViewOf(dayOf(other, today), ID)!.plant.leafArea).toBe(plant.leafArea)
  })
  it('tells an entry that fits nowhere', () => {
    const state = demoState({ entries: [pruned([{ stem: 0, node: 900, organ: 'leaf' }])] })
    expect(plantViewOf(dayOf(state, today), ID)!.history[0]!.misfit).toBe(
      'names a part that the plant does not have',
    )
  })
  it('waits before it has come up, and is not there at all by another name', () => {
    expect(plantViewOf(dayOf(demoState(), isoDate('2026-02-10')), ID)!.plant.height).toBe(0)
    expect(plantViewOf(dayOf(demoState(), today), 'no-such')).toBeNull()
  })
  it('of a bush keeps its suckers and its tip', () => {
    const view = plantViewOf(dayOf(demoState(), later), 'demo-2026-row-a-1-1')!
    expect(view.plant.stems[0]!.ended).toBe('truss')
    expect(view.cuts.every(({ organ }) => organ === 'leaf' || organ === 'truss')).toBe(true)
  })
  it('that was passed over keeps what the others of its planting lost', () => {
    const shoots = (id: string) =>
      plantViewOf(dayOf(demoState(), today), id)!.plant.stems.filter(({ ended }) => ended !== 'removed')
        .length
    expect(shoots('demo-2026-bed-2-1-7')).toBeGreaterThan(shoots('demo-2026-bed-2-1-6') + 2)
    expect(plantViewOf(dayOf(demoState(), today), 'demo-2026-bed-2-1-7')!.history).toHaveLength(0)
  })
  it('is compared by the ways to lead it, and shows how it grew', () => {
    const { systems, growth } = plantViewOf(dayOf(demoState(), today), ID)!
    expect(systems.map(({ system }) => system)).toEqual([
      'two-stems',
      'single-stem',
      'three-stems',
      'cage',
      'sprawling',
    ])
    const of = (system: string) => systems.find((one) => one.system === system)!
    expect(of('single-stem').fruit).toBeLessThan(of('three-stems').fruit)
    expect(of('single-stem').fruitMass).toBeGreaterThan(of('cage').fruitMass)
    for (const { yield: crop } of systems) {
      expect(crop).toBeGreaterThan(1)
      expect(crop).toBeLessThan(10)
    }
    expect(growth.at(-1)!.height).toBeGreaterThan(growth[0]!.height)
    expect(growth.reduce((sum, { cut }) => sum + (cut ?? 0), 0)).toBe(4)
  })
})
