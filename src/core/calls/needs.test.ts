import { describe, expect, it } from 'vitest'
import type { LogEntry } from '../log'
import { entryOf } from '../../test/sample-garden'
import { CALL_KINDS } from './call'
import type { CallAnswer } from './call-answer'
import { needsOf } from './needs'
import { paceOf } from './pace'

const cuts = { sucker: 0, leaf: 0, truss: 0, tip: 0 }
const tend = (change: Partial<Extract<CallAnswer, { kind: 'tend' }>>): CallAnswer => ({
  kind: 'tend',
  works: [],
  plants: 6,
  cuts,
  alike: [],
  ...change,
})
const DRY = { rain: 0, tmax: 24 }

describe('what a call wants', () => {
  it('takes along what its own works use', () => {
    expect(needsOf(tend({ works: ['tie'], cuts: { ...cuts, sucker: 4 } }), DRY).tools).toEqual([
      'ties',
      'snips',
      'wipes',
    ])
    expect(needsOf(tend({ works: ['tier'] }), DRY).tools).toEqual(['twine'])
    expect(needsOf({ kind: 'water', litres: 9, dripMinutes: null, splits: 1 }, DRY).tools).toEqual(['can'])
    expect(needsOf({ kind: 'water', litres: 9, dripMinutes: 20, splits: 1 }, DRY).tools).toEqual([])
  })
  it('cuts on dry leaves only, ties in any weather', () => {
    const cutting = tend({ cuts: { ...cuts, leaf: 2 } })
    expect(needsOf(cutting, DRY)).toMatchObject({ weather: 'dry-leaves', suits: true })
    expect(needsOf(cutting, { rain: 4, tmax: 20 })).toMatchObject({ suits: false })
    expect(needsOf(tend({ works: ['tie'] }), { rain: 4, tmax: 20 })).toMatchObject({
      weather: null,
      suits: null,
    })
  })
  it('plants out of the heat, and says nothing of a day that nobody knows', () => {
    const out: CallAnswer = { kind: 'set-out', plants: 6, go: true, suits: null }
    expect(needsOf(out, { rain: 0, tmax: 33 }).suits).toBe(false)
    expect(needsOf(out, { rain: 9, tmax: 20 }).suits).toBe(true)
    expect(needsOf(out, null).suits).toBeNull()
  })
})

describe('the pace of a garden', () => {
  const timed = (minutes: number, usual: number, id = `${minutes}/${usual}`): LogEntry =>
    entryOf(id, 'timed', '2026-06-10', { work: 'tend', minutes, usual })
  it('is the working value until something was timed, for every kind', () => {
    expect(CALL_KINDS.map(paceOf([]))).toEqual(CALL_KINDS.map(() => 1))
    expect(paceOf([timed(40, 20)])('pick')).toBe(1)
  })
  it('comes to the garden’s own as times are entered, and one slip does not break it', () => {
    // (30 + 15) / (15 + 15)
    expect(paceOf([timed(30, 15)])('tend')).toBeCloseTo(1.5, 12)
    const often = Array.from({ length: 20 }, (_, at) => timed(30, 15, `t${at}`))
    expect(paceOf(often)('tend')).toBeCloseTo(615 / 315, 12)
    expect(paceOf([timed(1440, 1)])('tend')).toBe(4)
    expect(paceOf([timed(0.1, 10_000)])('tend')).toBe(0.25)
  })
})
